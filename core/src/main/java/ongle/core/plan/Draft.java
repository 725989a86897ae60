package ongle.core.plan;

import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Build;
import ongle.core.structure.FreeEdgeStrength;
import ongle.core.structure.Profile;

/** One nail of a wish with everything decided but its length and apex thickness. */
record Draft(SetWish wish, SetPlanner.Item item) {
  private static final double LENGTH_WITHIN = 0.02;

  Nail nail() {
    return item.nail();
  }

  /**
   * @param extension mm
   * @param apexThickness mm
   */
  Build build(double extension, double apexThickness) {
    NailShape shape = wish.shape();
    Adjustments by = item.adjustments();
    double position = by.of(Quantity.APEX_POSITION).orElse(wish.school().position());
    double plateLength = nail().plateLength();
    return new Build(
        nail(),
        new Outline(shape, nail().width(), extension),
        new Profile(
            plateLength,
            extension,
            Math.min(plateLength + extension, position / 100 * plateLength),
            apexThickness,
            by.of(Quantity.EDGE_THICKNESS).orElse(SetPlanner.USUAL_EDGE_THICKNESS),
            shape.archExponent()),
        by.of(Quantity.BARREL_DEPTH).orElse(shape.barrelDepthRatio() * 100) / 100,
        wish.across(),
        wish.product());
  }

  /** The longest extension the thickest advisable apex carries, mm. */
  double longestAdvisable() {
    double carried = 0;
    double tooLong = Quantity.EXTENSION.most();
    if (margin(tooLong) >= FreeEdgeStrength.AIM) {
      return tooLong;
    }
    while (tooLong - carried > LENGTH_WITHIN) {
      double tried = (carried + tooLong) / 2;
      if (margin(tried) >= FreeEdgeStrength.AIM) {
        carried = tried;
      } else {
        tooLong = tried;
      }
    }
    return carried;
  }

  private double margin(double extension) {
    return FreeEdgeStrength.of(build(extension, ApexSolver.THICKEST)).margin();
  }
}
