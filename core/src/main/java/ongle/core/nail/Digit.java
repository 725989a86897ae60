package ongle.core.nail;

/**
 * Which finger of a hand, with the usual proportions of its nail. The proportions are planning
 * figures of our own, used only to estimate what has not been measured.
 */
public enum Digit {
  THUMB(14.4, 13.6, 0.17),
  INDEX(11.2, 11.8, 0.18),
  MIDDLE(11.7, 12.4, 0.18),
  RING(10.9, 12.0, 0.19),
  LITTLE(8.9, 9.6, 0.20);
  private final double usualWidth;
  private final double usualPlateLength;
  private final double usualDepthRatio;

  Digit(double usualWidth, double usualPlateLength, double usualDepthRatio) {
    this.usualWidth = usualWidth;
    this.usualPlateLength = usualPlateLength;
    this.usualDepthRatio = usualDepthRatio;
  }

  /** Usual plate width, mm. */
  public double usualWidth() {
    return usualWidth;
  }

  /** Usual plate length, mm. */
  public double usualPlateLength() {
    return usualPlateLength;
  }

  /** Usual arch depth over width. */
  public double usualDepthRatio() {
    return usualDepthRatio;
  }
}
