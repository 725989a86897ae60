package ongle.core.structure;

/** How a build can give, with the margin to aim for from the first day to the last. */
public enum Cause {
  /** The product cracks. */
  CRACK("cracks", 1.5),
  /** The natural plate breaks. */
  PLATE("breaks the natural nail", 1.2),
  /** The plate is torn off its bed. */
  BED("pulls the nail off its bed", 1.2),
  /** The product lifts off the plate at the back. */
  LIFT("lifts at the cuticle", 1.0);

  private final String label;
  private final double aim;

  Cause(String label, double aim) {
    this.label = label;
    this.aim = aim;
  }

  /** What it does then, as the end of a sentence. */
  public String label() {
    return label;
  }

  /** Margin to aim for; 1 is at the limit. */
  public double aim() {
    return aim;
  }
}
