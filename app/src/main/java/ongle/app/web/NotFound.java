package ongle.app.web;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Asked for something that is not there. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFound(String what) {
    super(what);
  }
}
