package ongle.core.plan;

import ongle.core.nail.Finger;

/**
 * How long one finger is built, and who said so.
 *
 * @param wished what the wish alone asks, mm beyond the stress line
 * @param asked what would be built if plate and product carried anything, mm beyond the stress line
 * @param built what is built, mm beyond the stress line
 * @param advisable the longest at which the thickest advisable apex still carries it, mm
 * @param set by what the length is what it is
 * @param setBy the finger that decided: this one, or its twin
 */
public record FingerLength(
    double wished, double asked, double built, double advisable, Decision set, Finger setBy) {
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
    WISH("as wished"),
    COVERS_FINGERTIP("lengthened to cover the bitten fingertip"),
    EVEN_WITH_TWIN("made even with its twin"),
    BY_HAND("set by hand for this finger"),
    STRENGTH("as long as plate and product carry"),
    ACTIVITY("as long as this hand's work allows"),
    MINOR("as short as a minor should wear it"),
    WAY("as long as this way of building goes");

    private final String label;

    Decision(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }

    /** Whether it keeps the nail shorter than it would be. */
    public boolean caps() {
      return pullsTwin() || this == WAY;
    }

    /** Whether the twin comes along; a way chosen by hand for one finger is that finger's only. */
    public boolean pullsTwin() {
      return this == STRENGTH || this == ACTIVITY || this == MINOR;
    }
  }
}
