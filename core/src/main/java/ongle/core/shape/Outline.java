package ongle.core.shape;

/**
 * The outline of the extension from above: half width over the distance beyond the stress line.
 * Sides run straight with the shape's taper over the share σ, then close in a superellipse to the
 * flat tip. Never wider than the growth points.
 *
 * @param shape the shape
 * @param plateWidth width W between the growth points, mm
 * @param extension length E beyond the stress line, mm, 0 or more
 */
public record Outline(NailShape shape, double plateWidth, double extension) {
  private static final int COMPARED_AT = 64;

  public Outline {
    if (!(plateWidth > 0) || !(extension >= 0) || Double.isInfinite(extension)) {
      throw new IllegalArgumentException(
          "no outline of width " + plateWidth + " and extension " + extension);
    }
  }

  /**
   * Half width at {@code beyond} mm past the stress line; 0 at a pointed tip.
   *
   * @param beyond 0 to the extension, mm; held to that range
   */
  public double halfWidthAt(double beyond) {
    if (extension == 0) {
      return plateWidth / 2;
    }
    double share = Math.max(0, Math.min(1, beyond / extension));
    double straight = shape.straightShare();
    double tangent = Math.tan(Math.toRadians(shape.taper()));
    if (share <= straight) {
      return Math.max(0, plateWidth / 2 - extension * share * tangent);
    }
    double atShoulder = Math.max(0, plateWidth / 2 - extension * straight * tangent);
    double atTip = Math.min(shape.flatTipShare() * plateWidth / 2, atShoulder);
    double v = (share - straight) / (1 - straight);
    double n = shape.roundness();
    double rest = Math.max(0, 1 - Math.pow(v, n));
    return atTip + (atShoulder - atTip) * Math.pow(rest, 1 / n);
  }

  /** Area between this outline's half and another's, mm²; both of the same extension. */
  public double areaApart(Outline other) {
    double sum = 0;
    for (int i = 0; i <= COMPARED_AT; i++) {
      double beyond = extension * i / COMPARED_AT;
      sum += Math.abs(halfWidthAt(beyond) - other.halfWidthAt(beyond));
    }
    return sum * extension / (COMPARED_AT + 1);
  }
}
