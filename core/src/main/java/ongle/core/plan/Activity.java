package ongle.core.plan;

/**
 * What a hand does all day: how far past the fingertip it can then wear a nail, mm, and how many
 * times the usual load its nails meet; planning figures of our own.
 */
public enum Activity {
  ORDINARY("ordinary days", Double.POSITIVE_INFINITY, 1.0),
  KEYBOARD("types all day", 6, 1.05),
  GLOVES("works in gloves", 4, 1.1),
  TOOLS("works with tools", 3, 1.2),
  BALL_SPORT("plays ball", 2, 1.2),
  CARE("cares for children or patients", 1, 1.0),
  FOOD("works with food", 1, 1.05),
  STRINGS("stops strings", 0, 1.0);

  /** As much as a minor wears past the fingertip, mm. */
  public static final double MINOR_BEYOND_FINGERTIP = 1;

  private final String label;
  private final double mostBeyondFingertip;
  private final double usualLoadFactor;

  Activity(String label, double mostBeyondFingertip, double usualLoadFactor) {
    this.label = label;
    this.usualLoadFactor = usualLoadFactor;
    this.mostBeyondFingertip = mostBeyondFingertip;
  }

  public String label() {
    return label;
  }

  /** Times the usual load, 1 or more, unless the salon has its own. */
  public double usualLoadFactor() {
    return usualLoadFactor;
  }

  /** mm; infinite where nothing limits it. */
  public double mostBeyondFingertip() {
    return mostBeyondFingertip;
  }
}
