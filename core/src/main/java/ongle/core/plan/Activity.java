package ongle.core.plan;

/**
 * What a hand does all day: how far past the fingertip it can then wear a nail, mm, and how many
 * times the usual load its nails meet; planning figures of our own.
 */
public enum Activity {
  ORDINARY(Double.POSITIVE_INFINITY, 1.0),
  KEYBOARD(6, 1.05),
  GLOVES(4, 1.1),
  TOOLS(3, 1.2),
  BALL_SPORT(2, 1.2),
  CARE(1, 1.0),
  FOOD(1, 1.05),
  STRINGS(0, 1.0);

  /** As much as a minor wears past the fingertip, mm. */
  public static final double MINOR_BEYOND_FINGERTIP = 1;

  private final double maxBeyondFingertip;
  private final double usualLoadFactor;

  Activity(double maxBeyondFingertip, double usualLoadFactor) {
    this.usualLoadFactor = usualLoadFactor;
    this.maxBeyondFingertip = maxBeyondFingertip;
  }

  /** Times the usual load, 1 or more, unless the salon has its own. */
  public double usualLoadFactor() {
    return usualLoadFactor;
  }

  /** mm; infinite where nothing limits it. */
  public double maxBeyondFingertip() {
    return maxBeyondFingertip;
  }
}
