package ongle.core.plan;

/** What a hand does all day, and how far past the fingertip it can then wear a nail, mm. */
public enum Activity {
  ORDINARY("ordinary days", Double.POSITIVE_INFINITY),
  KEYBOARD("types all day", 6),
  GLOVES("works in gloves", 4),
  TOOLS("works with tools", 3),
  BALL_SPORT("plays ball", 2),
  CARE("cares for children or patients", 1),
  FOOD("works with food", 1),
  STRINGS("stops strings", 0);

  /** As much as a minor wears past the fingertip, mm. */
  public static final double MINOR_BEYOND_FINGERTIP = 1;

  private final String label;
  private final double mostBeyondFingertip;

  Activity(String label, double mostBeyondFingertip) {
    this.label = label;
    this.mostBeyondFingertip = mostBeyondFingertip;
  }

  public String label() {
    return label;
  }

  /** mm; infinite where nothing limits it. */
  public double mostBeyondFingertip() {
    return mostBeyondFingertip;
  }
}
