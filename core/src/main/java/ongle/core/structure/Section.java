package ongle.core.structure;

import ongle.core.nail.CrossCurve;

/**
 * Properties of one cross section: a crescent of product on a circular arc, with the natural plate
 * bonded beneath it or a tip between, or both. Heights are over the crown of the arc, in mm; plus
 * is up.
 *
 * @param area of the product alone, mm²
 * @param neutralAxis height of the composite neutral axis, mm
 * @param secondMoment about the neutral axis, in product units (layers weighted by their modulus
 *     over the product's), mm⁴
 * @param top height of the highest product fibre, mm
 * @param lowestProduct height of the lowest product fibre, at the sidewalls, mm
 * @param lowestTip height of the tip's lowest fibre, mm; as the lowest product where there is none
 * @param lowest height of the lowest fibre of all, mm
 */
public record Section(
    double area,
    double neutralAxis,
    double secondMoment,
    double top,
    double lowestProduct,
    double lowestTip,
    double lowest) {

  /**
   * A layer of something else than product.
   *
   * @param thickness mm; 0 for none
   * @param modularRatio its Young's modulus over the product's
   */
  public record Layer(double thickness, double modularRatio) {
    public static final Layer NONE = new Layer(0, 0);
  }

  /** Product left over a tip in the middle at least, mm: no file goes down to the tip there. */
  private static final double MIN_OVER_TIP = 0.1;

  /** Gauss–Legendre nodes and weights on (0, 1), 5 points: exact far beyond what a nail needs. */
  private static final double[] NODES = {
    0.0469100770306680, 0.2307653449471585, 0.5, 0.7692346550528415, 0.9530899229693320
  };

  private static final double[] WEIGHTS = {
    0.1184634425280945,
    0.2393143352496832,
    0.2844444444444444,
    0.2393143352496832,
    0.1184634425280945
  };

  /** Flatter than this, an arc is treated as this flat, so that its radius stays finite. */
  private static final double MIN_DEPTH_RATIO = 1e-5;

  /**
   * Integrates the section over the arc's angle, in closed form across the thickness.
   *
   * @param arc underside of the build, on which plate ends and tip or product begin
   * @param middle thickness of the build in the middle, tip and product, mm
   * @param across how it thins to the sides
   * @param plate bonded beneath the arc, following it inwards
   * @param tip on the arc, with the product over it; as far as the build is thicker than it
   */
  public static Section of(CrossCurve arc, double middle, Across across, Layer plate, Layer tip) {
    CrossCurve curve =
        arc.depthRatio() < MIN_DEPTH_RATIO ? CrossCurve.ofRatio(arc.chord(), MIN_DEPTH_RATIO) : arc;
    double radius = curve.radius();
    double halfAngle = curve.halfAngle();
    double depthUnder = Math.min(plate.thickness(), radius);
    double plateRatio = plate.modularRatio();
    double tipInMiddle = Math.max(0, Math.min(tip.thickness(), middle - MIN_OVER_TIP));
    double tipRatio = tip.modularRatio();

    double area = 0;
    double weighted = 0;
    double first = 0;
    double second = 0;
    double lowestProduct = 0;
    for (int i = 0; i < NODES.length; i++) {
      // One sine gives both, and 1 − cos φ without loss where the arc is nearly flat.
      double half = Math.sin(NODES[i] * halfAngle / 2);
      double versine = 2 * half * half;
      double cos = 1 - versine;
      double drop = radius * versine;
      double weight = 2 * WEIGHTS[i] * halfAngle;
      double thickness = across.at(middle, NODES[i]);
      double overTip = Math.min(tipInMiddle, thickness);
      Strip product = Strip.between(overTip, thickness, radius, cos, drop);
      area += weight * product.area;
      weighted += weight * product.area;
      first += weight * product.first;
      second += weight * product.second;
      if (thickness > overTip) {
        lowestProduct = Math.min(lowestProduct, overTip * cos - drop);
      }
      if (depthUnder > 0) {
        Strip layer = Strip.between(-depthUnder, 0, radius, cos, drop);
        weighted += weight * plateRatio * layer.area;
        first += weight * plateRatio * layer.first;
        second += weight * plateRatio * layer.second;
      }
      if (overTip > 0) {
        Strip layer = Strip.between(0, overTip, radius, cos, drop);
        weighted += weight * tipRatio * layer.area;
        first += weight * tipRatio * layer.first;
        second += weight * tipRatio * layer.second;
      }
    }
    double axis = first / weighted;
    double cosSide = Math.cos(halfAngle);
    double halfSide = Math.sin(halfAngle / 2);
    double side = -2 * radius * halfSide * halfSide;
    if (across.at(middle, 1) > tipInMiddle) {
      lowestProduct = tipInMiddle * cosSide + side;
    }
    return new Section(
        area,
        axis,
        second - first * axis,
        middle,
        lowestProduct,
        side,
        side - depthUnder * cosSide);
  }

  /** Section modulus for the top product fibre, mm³. */
  public double topModulus() {
    return secondMoment / Math.abs(top - neutralAxis);
  }

  /** Section modulus for the lowest product fibre, mm³. */
  public double lowestProductModulus() {
    return secondMoment / Math.abs(neutralAxis - lowestProduct);
  }

  /** Section modulus for the tip's lowest fibre, in product units, mm³. */
  public double lowestTipModulus() {
    return secondMoment / Math.abs(neutralAxis - lowestTip);
  }

  /** Section modulus for the lowest fibre of all, in product units, mm³. */
  public double lowestModulus() {
    return secondMoment / Math.abs(neutralAxis - lowest);
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
