package ongle.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ongle.app.words.Words;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/**
 * What those are told for whom there is no time now. It asks neither the database nor who they are:
 * the server's own page of errors reads the session, which is what there is no time for.
 */
@Component
class ComeAgain {
  /** When it is worth asking again, s. */
  private static final int LATER = 5;

  private static final List<Class<? extends Exception>> AWAY =
      List.of(
          CannotAcquireLockException.class,
          CannotCreateTransactionException.class,
          DataAccessResourceFailureException.class);

  private final ITemplateEngine templates;

  ComeAgain(ITemplateEngine templates) {
    this.templates = templates;
  }

  /** Whether others are changing things, or the database is away for a moment: later it goes. */
  static boolean helps(Throwable trouble) {
    for (Throwable why = trouble; why != null; why = why.getCause()) {
      if (isAway(why)) {
        return true;
      }
    }
    return false;
  }

  private static boolean isAway(Throwable trouble) {
    return AWAY.stream().anyMatch(kind -> kind.isInstance(trouble));
  }

  /**
   * @throws IllegalStateException if the answer is on its way already
   */
  void say(HttpServletRequest request, HttpServletResponse response) throws IOException {
    response.resetBuffer();
    response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
    response.setIntHeader(HttpHeaders.RETRY_AFTER, LATER);
    String wanted = request.getHeader(HttpHeaders.ACCEPT);
    if (wanted == null || !wanted.contains(MediaType.TEXT_HTML_VALUE)) {
      return; // scripts and programs read the status
    }
    Map<String, Object> known =
        Map.of("status", HttpServletResponse.SC_SERVICE_UNAVAILABLE, "theme", Look.theme(request));
    byte[] page =
        templates
            .process("error", new Context(language(request), known))
            .getBytes(StandardCharsets.UTF_8);
    response.setContentType("text/html;charset=UTF-8");
    response.setContentLength(page.length);
    response.getOutputStream().write(page);
  }

  /** What this browser chose, else what it speaks; the salon's is in the database. */
  private static Locale language(HttpServletRequest request) {
    String chosen = Look.language(request);
    String code = chosen.isEmpty() ? request.getLocale().getLanguage() : chosen;
    return Words.language(code).orElse(Locale.ENGLISH);
  }
}
