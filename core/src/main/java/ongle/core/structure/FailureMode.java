package ongle.core.structure;

/** How a build can give, with the margin to aim for from the first day to the last. */
public enum FailureMode {
  /** The product cracks. */
  CRACK(1.5),
  /** The natural plate breaks. */
  PLATE(1.2),
  /** The plate is torn off its bed. */
  BED(1.2),
  /** The product lifts off the plate at the back. */
  LIFT(1.0);

  private final double aim;

  FailureMode(double aim) {
    this.aim = aim;
  }

  /** Margin to aim for; 1 is at the limit. */
  public double aim() {
    return aim;
  }
}
