package ongle.core.structure;

import java.util.Optional;
import ongle.core.nail.CrossCurve;

/**
 * Properties of one cross section: a crescent of product on a circular arc, with at most one layer
 * bonded beneath it. Heights are over the crown of the arc, in mm; plus is up.
 *
 * @param area of the product alone, mm²
 * @param neutralAxis height of the composite neutral axis, mm
 * @param secondMoment about the neutral axis, in product units (layers weighted by their modulus
 *     over the product's), mm⁴
 * @param top height of the highest product fibre, mm
 * @param lowestProduct height of the lowest product fibre, at the sidewalls, mm
 * @param lowest height of the lowest fibre of all, mm
 */
public record Section(
    double area,
    double neutralAxis,
    double secondMoment,
    double top,
    double lowestProduct,
    double lowest) {

  /**
   * A layer under the product, following the arc from its radius inwards.
   *
   * @param thickness mm
   * @param modularRatio its Young's modulus over the product's
   */
  public record Layer(double thickness, double modularRatio) {}

  /** Gauss–Legendre nodes and weights on (0, 1), 8 points: exact far beyond what a nail needs. */
  private static final double[] NODES = new double[8];

  private static final double[] WEIGHTS = new double[8];

  static {
    double[] x = {.1834346424956498, .5255324099163290, .7966664774136267, .9602898564975363};
    double[] w = {.3626837833783620, .3137066458778873, .2223810344533745, .1012285362903763};
    for (int i = 0; i < x.length; i++) {
      NODES[i] = (1 - x[i]) / 2;
      NODES[i + x.length] = (1 + x[i]) / 2;
      WEIGHTS[i] = w[i] / 2;
      WEIGHTS[i + x.length] = w[i] / 2;
    }
  }

  /** Flatter than this, an arc is treated as this flat, so that its radius stays finite. */
  private static final double LEAST_DEPTH_RATIO = 1e-5;

  /**
   * Integrates the section over the arc's angle, in closed form across the thickness.
   *
   * @param arc lower side of the product
   * @param middle thickness of the product in the middle, mm
   * @param across how it thins to the sides
   * @param under layer beneath, if any
   */
  public static Section of(
      CrossCurve arc, double middle, CrossThickness across, Optional<Layer> under) {
    CrossCurve curve =
        arc.depthRatio() < LEAST_DEPTH_RATIO
            ? CrossCurve.ofRatio(arc.chord(), LEAST_DEPTH_RATIO)
            : arc;
    double radius = curve.radius();
    double halfAngle = curve.halfAngle();
    double depthUnder = under.map(layer -> Math.min(layer.thickness(), radius)).orElse(0.0);
    double ratio = under.map(Layer::modularRatio).orElse(0.0);

    double area = 0;
    double weighted = 0;
    double first = 0;
    double second = 0;
    for (int i = 0; i < NODES.length; i++) {
      // One sine gives both, and 1 − cos φ without loss where the arc is nearly flat.
      double half = Math.sin(NODES[i] * halfAngle / 2);
      double versine = 2 * half * half;
      double cos = 1 - versine;
      double drop = radius * versine;
      double weight = 2 * WEIGHTS[i] * halfAngle;
      double thickness = across.at(middle, NODES[i]);
      Strip product = Strip.between(0, thickness, radius, cos, drop);
      Strip layer = Strip.between(-depthUnder, 0, radius, cos, drop);
      area += weight * product.area;
      weighted += weight * (product.area + ratio * layer.area);
      first += weight * (product.first + ratio * layer.first);
      second += weight * (product.second + ratio * layer.second);
    }
    double axis = first / weighted;
    double cosSide = Math.cos(halfAngle);
    double halfSide = Math.sin(halfAngle / 2);
    double lowestProduct = -2 * radius * halfSide * halfSide;
    return new Section(
        area,
        axis,
        second - first * axis,
        middle,
        lowestProduct,
        lowestProduct - depthUnder * cosSide);
  }

  /** Section modulus for the top product fibre, mm³. */
  public double topModulus() {
    return secondMoment / Math.abs(top - neutralAxis);
  }

  /** Section modulus for the lowest product fibre, mm³. */
  public double lowestProductModulus() {
    return secondMoment / Math.abs(neutralAxis - lowestProduct);
  }

  /** Area and its moments of a radial strip per radian, about the crown of the arc. */
  private record Strip(double area, double first, double second) {
    /**
     * Integrals of r, z·r and z²·r over u = from…to, with r = R + u and z = u·cos φ − R(1 − cos φ).
     */
    static Strip between(double from, double to, double radius, double cos, double drop) {
      double u1 = to - from;
      double u2 = (to * to - from * from) / 2;
      double u3 = (to * to * to - from * from * from) / 3;
      double u4 = (to * to * to * to - from * from * from * from) / 4;
      double r0 = radius * u1 + u2;
      double r1 = radius * u2 + u3;
      double r2 = radius * u3 + u4;
      return new Strip(
          r0, cos * r1 - drop * r0, cos * cos * r2 - 2 * cos * drop * r1 + drop * drop * r0);
    }
  }
}
