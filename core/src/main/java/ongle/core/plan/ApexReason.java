package ongle.core.plan;

import ongle.core.nail.Finger;

/**
 * What set the thickness of one finger's apex.
 *
 * @param by what
 * @param finger whose: this one, its twin, or the one of the set it must not look thin beside
 */
public record ApexReason(By by, Finger finger) {

  /** What can set it. */
  public enum By {
    /** Thick enough not to crack. */
    CRACK,
    /** Thick enough to spare the plate. */
    PLATE,
    /** As thick as a hand builds that length at least. */
    FLOOR,
    /** Not thinner than its twin. */
    TWIN,
    /** Not thin beside the rest of the set. */
    SET,
    BY_HAND
  }
}
