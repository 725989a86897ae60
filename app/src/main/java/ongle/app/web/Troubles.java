package ongle.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import ongle.app.store.DiskFull;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/** What went wrong, as the status the pages have words for. */
@ControllerAdvice
class Troubles {
  @ExceptionHandler(DiskFull.class)
  void full(HttpServletResponse response) throws IOException {
    response.sendError(507);
  }

  /** Others are changing things, or the database is being opened again: a moment later it goes. */
  @ExceptionHandler({CannotAcquireLockException.class, DataAccessResourceFailureException.class})
  void busy(HttpServletResponse response) throws IOException {
    response.sendError(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
  }
}
