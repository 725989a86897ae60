package ongle.core.shape;

/**
 * How an outline runs from the growth points to the tip, in shares of the extension E and the plate
 * width W.
 */
public sealed interface Contour {

  /**
   * Straight sides and a flat tip.
   *
   * @param taper τ of each side, degrees; plus narrows
   * @param corner radius ρ of the corners as a share of W, 0 for sharp ones
   */
  record Flat(double taper, double corner) implements Contour {}

  /**
   * Straight sides that run to a flat tip of a given width, however long it is.
   *
   * @param tip width of the flat tip before its corners are rounded, as a share of W
   * @param corner radius ρ of the corners as a share of W
   */
  record Narrowed(double tip, double corner) implements Contour {}

  /** Straight sides and a half circle; a half ellipse where E is less than half of W. */
  record Arc() implements Contour {}

  /**
   * Straight sides, then one curve to the tip without a kink.
   *
   * @param taper τ of each side, degrees; plus narrows
   * @param straight share σ of E over which the sides run straight
   * @param fullness α of the side: how far the curve carries the straight side on
   * @param roundness β of the tip: 0 is a point
   */
  record Curved(double taper, double straight, double fullness, double roundness)
      implements Contour {}

  /** Share of the extension whose sides run straight; 1 for a flat tip, less its corner. */
  default double straightShare(double width, double extension) {
    if (this instanceof Curved curved) {
      return curved.straight();
    }
    return this instanceof Arc ? Math.max(0, 1 - width / 2 / extension) : 1;
  }

  /** Taper of each side, degrees; 0 where the sides run straight on. */
  default double taper(double width, double extension) {
    if (this instanceof Flat flat) {
      return flat.taper();
    }
    if (this instanceof Curved curved) {
      return curved.taper();
    }
    return this instanceof Narrowed narrowed
        ? Math.toDegrees(Math.atan((1 - narrowed.tip()) * width / 2 / extension))
        : 0;
  }
}
