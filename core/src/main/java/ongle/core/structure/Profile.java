package ongle.core.structure;

/**
 * Thickness of the product along the middle of the nail: rising in a parabola from the cuticle to
 * the apex, falling with the shape's exponent to the free edge.
 *
 * @param plateLength cuticle to stress line Lp, mm
 * @param extension stress line to free edge E, mm
 * @param apexAt distance of the apex from the cuticle, mm, within the build
 * @param apexThickness thickness ta at the apex, mm
 * @param edgeThickness thickness tf at the free edge, mm
 * @param archExponent p of the upper arch beyond the apex
 */
public record Profile(
    double plateLength,
    double extension,
    double apexAt,
    double apexThickness,
    double edgeThickness,
    double archExponent) {

  /** Thickness at the cuticle, mm. */
  public static final double CUTICLE_THICKNESS = 0.10;

  /** An edge thicker than this looks and feels like one, mm; a planning figure of our own. */
  public static final double THICK_EDGE = 0.85;

  /**
   * @throws IllegalArgumentException if the plate is not above 0, the extension below 0, the apex
   *     not on the build, or a thickness or the exponent not above 0
   */
  public Profile {
    if (!(plateLength > 0) || !(extension >= 0)) {
      throw new IllegalArgumentException(
          "no build of plate " + plateLength + " and extension " + extension);
    }
    if (!(apexAt > 0) || apexAt > plateLength + extension) {
      throw new IllegalArgumentException("the apex must lie on the build, is at " + apexAt);
    }
    if (!(apexThickness > 0) || !(edgeThickness > 0) || !(archExponent > 0)) {
      throw new IllegalArgumentException("thicknesses and exponent must be positive");
    }
  }

  /** Whole length L, cuticle to free edge, mm. */
  public double length() {
    return plateLength + extension;
  }

  /** Thickness at {@code x} mm from the cuticle, mm; x is held to the build. */
  public double thicknessAt(double x) {
    if (x <= apexAt) {
      double toApex = 1 - Math.max(0, x) / apexAt;
      return CUTICLE_THICKNESS + (apexThickness - CUTICLE_THICKNESS) * (1 - toApex * toApex);
    }
    double v = Math.min(1, (x - apexAt) / (length() - apexAt));
    return edgeThickness + (apexThickness - edgeThickness) * (1 - Math.pow(v, archExponent));
  }

  /** Whether the free edge is as thick as the apex: a beak. */
  public boolean beak() {
    return edgeThickness >= apexThickness;
  }

  /** Whether the free edge shows as thick down the barrel. */
  public boolean thickEdge() {
    return edgeThickness > THICK_EDGE;
  }

  public Profile withApexThickness(double thickness) {
    return new Profile(plateLength, extension, apexAt, thickness, edgeThickness, archExponent);
  }
}
