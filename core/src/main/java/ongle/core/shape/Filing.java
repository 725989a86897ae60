package ongle.core.shape;

import ongle.core.Code;

/** How a shape is filed: what its sides do, and what its tip. */
public sealed interface Filing extends Code {
  NailShape shape();

  Tip tip();

  /** Sides straight on from the growth points. */
  record StraightOn(NailShape shape, Tip tip) implements Filing {}

  /**
   * Sides that narrow.
   *
   * @param taper of each side, degrees
   */
  record Tapered(NailShape shape, double taper, Tip tip) implements Filing {}

  /** Sides straight in to the flat tip. */
  record ToFlatTip(NailShape shape, Tip tip) implements Filing {}

  /** What the tip is filed to. */
  enum Tip implements Code {
    HALF_CIRCLE,
    STRAIGHT_SHARP,
    STRAIGHT_ROUNDED,
    FLAT,
    ROUND,
    SLIM_ROUND,
    POINT
  }

  static Filing of(NailShape shape) {
    if (shape.contour() instanceof Contour.Flat flat) {
      return sides(
          shape, flat.taper(), flat.corner() <= .05 ? Tip.STRAIGHT_SHARP : Tip.STRAIGHT_ROUNDED);
    }
    if (shape.contour() instanceof Contour.Curved curved) {
      Tip tip =
          curved.roundness() >= .3
              ? Tip.ROUND
              : curved.roundness() >= .1 ? Tip.SLIM_ROUND : Tip.POINT;
      return sides(shape, curved.taper(), tip);
    }
    return shape.contour() instanceof Contour.Narrowed
        ? new ToFlatTip(shape, Tip.FLAT)
        : new StraightOn(shape, Tip.HALF_CIRCLE);
  }

  private static Filing sides(NailShape shape, double taper, Tip tip) {
    return taper == 0 ? new StraightOn(shape, tip) : new Tapered(shape, taper, tip);
  }
}
