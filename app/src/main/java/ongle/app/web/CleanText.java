package ongle.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The one place where text comes in from forms: without characters that nobody sees and no PDF or
 * XML can hold.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
public class CleanText extends OncePerRequestFilter {
  /** Control characters but tab and line ends, half characters, and what is no character. */
  private static final Pattern UNSEEN =
      Pattern.compile("[\\p{Cc}&&[^\\t\\n\\r]]|\\p{Cs}|[\\uFFFE\\uFFFF]");

  /** The text without what cannot be seen; null stays null. */
  public static String of(String text) {
    return text == null ? null : UNSEEN.matcher(text).replaceAll("");
  }

  /** Empty where nothing was sent. */
  public static String orEmpty(String text) {
    return text == null ? "" : text;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(new Cleaned(request), response);
  }

  private static final class Cleaned extends HttpServletRequestWrapper {
    Cleaned(HttpServletRequest request) {
      super(request);
    }

    @Override
    public String getParameter(String name) {
      return of(super.getParameter(name));
    }

    @Override
    public String[] getParameterValues(String name) {
      return cleaned(super.getParameterValues(name));
    }

    @Override
    public Map<String, String[]> getParameterMap() {
      Map<String, String[]> cleaned = new LinkedHashMap<>();
      super.getParameterMap().forEach((name, values) -> cleaned.put(name, cleaned(values)));
      return cleaned;
    }

    private static String[] cleaned(String[] values) {
      return values == null
          ? null
          : Arrays.stream(values).map(CleanText::of).toArray(String[]::new);
    }
  }
}
