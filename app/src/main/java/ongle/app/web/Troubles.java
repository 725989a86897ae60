package ongle.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import ongle.app.people.NotAllowed;
import ongle.app.people.Present;
import ongle.app.store.DiskFull;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.multipart.MultipartException;

/**
 * What went wrong, as the status the pages have words for; what goes later is said by {@link
 * InTurn}.
 */
@ControllerAdvice
class Troubles {
  /** Forms have plain fields: no lists, no fields of fields. */
  @InitBinder
  void plainFields(WebDataBinder binder) {
    binder.setDisallowedFields("*[*", "*.*");
  }

  @ExceptionHandler(DiskFull.class)
  void full(HttpServletResponse response) throws IOException {
    response.sendError(507);
  }

  @ExceptionHandler(NotAllowed.class)
  void notAllowed(HttpServletResponse response) throws IOException {
    response.sendError(
        Present.who().isEmpty()
            ? HttpServletResponse.SC_UNAUTHORIZED
            : HttpServletResponse.SC_FORBIDDEN);
  }

  /** Sent in a form nobody here has: half a file, more than a field takes. */
  @ExceptionHandler({
    MultipartException.class,
    InvalidParameterException.class,
    DataIntegrityViolationException.class
  })
  void odd(HttpServletResponse response) throws IOException {
    response.sendError(HttpServletResponse.SC_BAD_REQUEST);
  }
}
