package ongle.core.plan;

import ongle.core.nail.Finger;

/**
 * How long one finger is built, and who said so.
 *
 * @param wished what the wish alone asks, mm beyond the stress line
 * @param asked what would be built if plate and product carried anything, mm beyond the stress line
 * @param built what is built, mm beyond the stress line
 * @param advisable the longest that carries to the last day of the wished interval, mm
 * @param min never built shorter than this, whatever limits it: a bitten fingertip's cover, mm
 * @param set by what the length is what it is
 * @param setBy the finger that decided: this one, its twin or a neighbour
 */
public record FingerLength(
    double wished,
    double asked,
    double built,
    double advisable,
    double min,
    Decision set,
    Finger setBy) {
  /** Lengths closer than this look alike, mm. */
  private static final double SEEN = 0.05;

  /** Whether wishing it longer would do anything; a nail held back gets no longer by pulling. */
  public boolean heldBackFrom(double extension) {
    return set.caps() && extension > built;
  }

  /** Whether plate and product are what keeps it shorter than asked. */
  public boolean shortenedByStrength() {
    return set == Decision.STRENGTH && built < asked - SEEN;
  }

  /** What decided a length. */
  public enum Decision {
    WISH,
    COVERS_FINGERTIP,
    EVEN_WITH_TWIN,
    BY_HAND,
    STRENGTH,
    ACTIVITY,
    MINOR,
    MAKER,
    WAY;

    /** Whether it keeps the nail shorter than it would be. */
    public boolean caps() {
      return pullsOthers() || this == WAY;
    }

    /** Whether twin and neighbours come along; a way chosen by hand is that finger's only. */
    public boolean pullsOthers() {
      return this == STRENGTH || this == ACTIVITY || this == MINOR || this == MAKER;
    }
  }
}
