package ongle.core.nail;

import java.util.Objects;

/**
 * One natural nail as measured; cannot hold values outside {@link Quantity}'s ranges, nor a plate
 * deeper than a half circle.
 *
 * @param finger which finger
 * @param width plate width W, mm
 * @param plateLength cuticle to stress line Lp, mm
 * @param archDepth depth of the plate's own cross curve, mm; at most half the width
 * @param freeEdge natural nail beyond the stress line, mm
 * @param freeEdgeDepth how far the middle of the free edge stands beyond the line between the two
 *     growth points, seen from above, mm; at most half the width
 * @param growthPitch against the finger seen from the side, degrees; minus grows down
 * @param lean out of the finger's line seen from above, degrees; plus to the little finger's side
 * @param overhang fingertip beyond the stress line, mm
 * @param condition state of the plate
 * @param skin state of the skin around it
 */
public record Nail(
    Finger finger,
    double width,
    double plateLength,
    double archDepth,
    double freeEdge,
    double freeEdgeDepth,
    double growthPitch,
    double lean,
    double overhang,
    PlateCondition condition,
    SkinState skin) {

  public Nail {
    Objects.requireNonNull(finger);
    Objects.requireNonNull(condition);
    Objects.requireNonNull(skin);
    Quantity.WIDTH.check(width);
    Quantity.PLATE_LENGTH.check(plateLength);
    Quantity.ARCH_DEPTH.check(archDepth);
    Quantity.FREE_EDGE.check(freeEdge);
    Quantity.FREE_EDGE_DEPTH.check(freeEdgeDepth);
    Quantity.GROWTH_PITCH.check(growthPitch);
    Quantity.LEAN.check(lean);
    Quantity.OVERHANG.check(overhang);
    if (archDepth > width / 2) {
      throw new OutOfRange(
          Quantity.ARCH_DEPTH,
          "an arch depth of more than half the width would be past a half circle");
    }
    if (freeEdgeDepth > width / 2) {
      throw new OutOfRange(
          Quantity.FREE_EDGE_DEPTH,
          "an edge curve of more than half the width is past a half circle");
    }
  }

  /** The plate's own cross curve, from sidewall to sidewall. */
  public CrossCurve crossCurve() {
    return new CrossCurve(width, archDepth);
  }

  /** The same nail with another free edge, mm. */
  public Nail withFreeEdge(double other) {
    return new Nail(
        finger,
        width,
        plateLength,
        archDepth,
        other,
        freeEdgeDepth,
        growthPitch,
        lean,
        overhang,
        condition,
        skin);
  }

  /** The same nail on the same finger of the other hand. */
  public Nail mirrored() {
    return new Nail(
        finger.twin(),
        width,
        plateLength,
        archDepth,
        freeEdge,
        freeEdgeDepth,
        growthPitch,
        lean,
        overhang,
        condition,
        skin);
  }

  /**
   * Half width of the natural plate at {@code x} mm from the cuticle: rounded at the cuticle over
   * the first 0.35 W, straight from there.
   */
  public double halfWidthAt(double x) {
    double rounding = CUTICLE_ROUNDING * width;
    if (x <= 0) {
      return 0;
    }
    if (x >= rounding) {
      return width / 2;
    }
    double fromFull = 1 - x / rounding;
    return width / 2 * Math.sqrt(1 - fromFull * fromFull);
  }

  /** Length of the rounded part at the cuticle over the width. */
  public static final double CUTICLE_ROUNDING = 0.35;
}
