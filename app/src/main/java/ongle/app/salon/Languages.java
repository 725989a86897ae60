package ongle.app.salon;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import ongle.app.web.Look;
import ongle.app.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.LocaleResolver;

/**
 * The language a browser is answered in: what it chose, else the salon's. Programs that ask the
 * plan service are answered in English.
 */
@Component("localeResolver")
class Languages implements LocaleResolver {
  private static final String FOUND = Languages.class.getName();

  private final SalonSettings settings;

  Languages(SalonSettings settings) {
    this.settings = settings;
  }

  @Override
  public Locale resolveLocale(HttpServletRequest request) {
    Locale found = (Locale) request.getAttribute(FOUND);
    if (found == null) {
      found = find(request);
      request.setAttribute(FOUND, found);
    }
    return found;
  }

  private Locale find(HttpServletRequest request) {
    if (request.getRequestURI().startsWith("/api/")) {
      return Locale.ENGLISH;
    }
    return Words.language(Look.language(request))
        .or(() -> Words.language(settings.language()))
        .orElse(Locale.ENGLISH);
  }

  @Override
  public void setLocale(HttpServletRequest request, HttpServletResponse response, Locale locale) {
    throw new UnsupportedOperationException("a browser chooses its language by its look");
  }
}
