package ongle.core.trace;

import java.util.List;
import ongle.core.Code;

/** The pictures a built nail is traced in, what is marked first in each, and which edges follow. */
public enum View implements Code {
  ABOVE(
      List.of(Anchor.GROWTH_POINT, Anchor.OTHER_GROWTH_POINT, Anchor.CUTICLE, Anchor.TIP),
      List.of(Curve.CUTICLE_LINE, Curve.LEFT_SIDE, Curve.RIGHT_SIDE)),
  SIDE(
      List.of(Anchor.CUTICLE, Anchor.GROWTH_POINT, Anchor.TIP),
      List.of(Curve.UPPER_ARCH, Curve.LOWER_ARCH, Curve.CUTICLE_LINE)),
  BARREL(List.of(Anchor.ONE_END, Anchor.OTHER_END, Anchor.TOP), List.of(Curve.INNER, Curve.OUTER));

  private final List<Anchor> anchors;
  private final List<Curve> curves;

  View(List<Anchor> anchors, List<Curve> curves) {
    this.anchors = anchors;
    this.curves = curves;
  }

  /** What the technician sets, in this order. */
  public List<Anchor> anchors() {
    return anchors;
  }

  /** What is then looked for. */
  public List<Curve> curves() {
    return curves;
  }

  /** A place that is told by eye. */
  public enum Anchor implements Code {
    /** Where the plate leaves the skin; from the side the nearer one. */
    GROWTH_POINT,
    OTHER_GROWTH_POINT,
    /** Middle of the product's edge at the cuticle. */
    CUTICLE,
    /** Middle of the free edge; a point is the point. */
    TIP,
    /** Lower corners of the free edge as seen down the barrel, and the top of its inner curve. */
    ONE_END,
    OTHER_END,
    TOP
  }

  /** An edge in a picture, and how many points it is traced by. */
  public enum Curve implements Code {
    /** Beside it lies skin, and the skin's own edge. */
    CUTICLE_LINE(10, 3, -1),
    LEFT_SIDE(8, 4, 1),
    RIGHT_SIDE(8, 4, 1),
    UPPER_ARCH(14, 6, 1),
    LOWER_ARCH(8, 4, 1),
    INNER(11, 5, 0),
    OUTER(11, 3, 0);

    private final int points;
    private final int fewest;
    private final int outermost;

    Curve(int points, int fewest, int outermost) {
      this.points = points;
      this.fewest = fewest;
      this.outermost = outermost;
    }

    /** How many it takes to tell anything; skin may hide the rest. */
    public int fewest() {
      return fewest;
    }

    /** Which of several edges it is: 1 for the outermost, −1 the innermost, 0 the clearest. */
    int outermost() {
      return outermost;
    }

    public int points() {
      return points;
    }
  }
}
