package ongle.app.wear;

import java.time.LocalDate;
import java.util.Optional;
import ongle.core.cause.Finding;

/**
 * What happened to a nail, as given.
 *
 * @param far mm
 * @param whole the day it was last seen whole
 * @param said in the client's or technician's words; null for none
 * @param told whether the client told it by phone: nobody here has seen it
 */
public record WearForm(
    Finding.Kind kind,
    Finding.Place place,
    double far,
    Optional<LocalDate> whole,
    Finding.After after,
    String said,
    boolean told) {
  /** Most characters of what is said. */
  static final int LONGEST = 200;
}
