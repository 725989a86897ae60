package ongle.core.plan;

import java.util.Optional;
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
  private static final double TENTH = 0.1;

  /** How far apart the places looked at are while searching, and at the end, mm. */
  private static final double COARSE = 1;

  private static final double FINE = 0.2;

  Nail nail() {
    return item.nail();
  }

  /** Why this finger is not built on; empty when it is. */
  Optional<Stop> stop() {
    return Stop.of(nail(), item.seen(), wish.wearer());
  }

  /** Whether this much extension asks for anything beyond the natural nail. */
  boolean lengthens(double extension) {
    return stop().isEmpty() && extension > nail().freeEdge();
  }

  /** The wanted outline at an extension, mm. */
  Outline outline(double extension) {
    return new Outline(wish.shape(), nail().width(), extension);
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
        outline(extension),
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

  /**
   * The longest extension the thickest advisable apex carries, mm, down to the tenth. The load on
   * the stress line grows about in proportion to the length, so a line through the last two lengths
   * tried finds it in a few steps; only the result is looked at closely.
   */
  double longestAdvisable() {
    double most = Quantity.EXTENSION.most();
    double carried = 0;
    double carriedLoad = 0;
    double tooLong = most;
    double tooLongLoad = load(most, COARSE);
    if (tooLongLoad > 1) {
      while (tooLong - carried > TENTH / 2) {
        double share = (1 - carriedLoad) / (tooLongLoad - carriedLoad);
        double tried = carried + Math.max(0.05, Math.min(0.95, share)) * (tooLong - carried);
        double load = load(tried, COARSE);
        if (load > 1) {
          tooLong = tried;
          tooLongLoad = load;
        } else {
          carried = tried;
          carriedLoad = load;
        }
      }
    } else {
      carried = most;
    }
    long tenths = (long) Math.floor(carried / TENTH + 1e-9);
    while (tenths > 0 && load(tenths * TENTH, FINE) > 1) {
      tenths--;
    }
    return tenths * TENTH;
  }

  /** Share of what the thickest advisable apex may carry; 1 is at the aim. */
  private double load(double extension, double step) {
    return FreeEdgeStrength.AIM
        / FreeEdgeStrength.of(build(extension, ApexSolver.THICKEST), step).margin();
  }
}
