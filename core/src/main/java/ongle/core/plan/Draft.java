package ongle.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.DoubleStream;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Endurance;
import ongle.core.structure.Profile;
import ongle.core.structure.Term;
import ongle.core.structure.TipUnder;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Wearing;

/** One nail of a wish with everything decided but its length and its apex. */
record Draft(SetWish wish, SetPlanner.Item item) {
  /** A nail may be built of a product of its own. */
  Draft {
    wish = item.adjustments().product().map(wish::with).orElse(wish);
  }

  private static final double TENTH = 0.1;

  /** Answers for the nails of a few hundred sets. */
  private static final int REMEMBERED = 4000;

  private static final Memo<Question, ApexSolver.Apex> APEXES = new Memo<>(REMEMBERED);
  private static final Memo<Question, Double> LONGEST = new Memo<>(REMEMBERED);

  /** All of a draft that bears on how it carries. */
  private record Question(
      Nail nail,
      Map<Quantity, Double> byHand,
      NailShape shape,
      Product product,
      ApexSchool school,
      UpperArch arch,
      CrossThickness across,
      Wearing wearing,
      double extension,
      TipUnder tip) {}

  private Question question(double extension, TipUnder tip) {
    Map<Quantity, Double> byHand =
        item.adjustments().without(Set.of(Quantity.APEX_THICKNESS, Quantity.EXTENSION)).values();
    return new Question(
        nail(),
        byHand,
        wish.shape(),
        wish.product(),
        wish.school(),
        wish.arch(),
        wish.across(),
        wish.wearing(),
        extension,
        tip);
  }

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

  /** What it has to last through. */
  Term term() {
    return wish.wearing().term(nail().finger().digit());
  }

  /**
   * The build at an extension, its apex still open.
   *
   * @param extension mm
   * @param tip under the product
   */
  ApexSolver.Design design(double extension, TipUnder tip) {
    NailShape shape = wish.shape();
    Adjustments by = item.adjustments();
    double plateLength = nail().plateLength();
    Outline outline = outline(extension);
    double edge = by.of(Quantity.EDGE_THICKNESS).orElse(SetPlanner.USUAL_EDGE_THICKNESS);
    double barrel = by.of(Quantity.BARREL_DEPTH).orElse(shape.barrelDepthRatio() * 100) / 100;
    Across across = new Across(wish.across(), by.of(Quantity.SIDE_THICKNESS));
    double exponent = wish.arch().exponent(shape);
    return (at, thickness) ->
        new Build(
            nail(),
            outline,
            new Profile(
                plateLength,
                extension,
                Math.min(plateLength + extension, at),
                thickness,
                edge,
                exponent),
            barrel,
            across,
            wish.product(),
            tip);
  }

  /** Where the apex goes by hand or by school, mm from the cuticle; empty when it is computed. */
  private OptionalDouble apexAt() {
    OptionalDouble byHand = item.adjustments().of(Quantity.APEX_POSITION);
    OptionalDouble percent = byHand.isPresent() ? byHand : wish.school().position();
    return percent.isPresent()
        ? OptionalDouble.of(percent.getAsDouble() / 100 * nail().plateLength())
        : percent;
  }

  /** The apex to build: placed by hand, by school or computed, and as thick as it has to be. */
  ApexSolver.Apex apex(double extension, TipUnder tip) {
    return APEXES.of(question(extension, tip), () -> solved(extension, tip));
  }

  private ApexSolver.Apex solved(double extension, TipUnder tip) {
    ApexSolver.Design design = design(extension, tip);
    OptionalDouble at = apexAt();
    return at.isPresent()
        ? ApexSolver.thinnest(design, at.getAsDouble(), term())
        : ApexSolver.leastProduct(design, nail().plateLength(), term());
  }

  /** The same nail built with that apex, unless its thickness is set by hand. */
  Build build(double extension, TipUnder tip, ApexSolver.Apex apex) {
    return design(extension, tip)
        .with(apex.at(), item.adjustments().of(Quantity.APEX_THICKNESS).orElse(apex.thickness()));
  }

  /**
   * The longest extension the thickest advisable apex carries with every aim met from the first day
   * to the last, mm, down to the tenth. A tip's own stiffness is left out.
   */
  double longestAdvisable() {
    return LONGEST.of(question(0, TipUnder.NONE), this::searchedLongest);
  }

  private double searchedLongest() {
    double plateLength = nail().plateLength();
    OptionalDouble at = apexAt();
    DoubleStream places =
        at.isPresent()
            ? DoubleStream.of(at.getAsDouble())
            : DoubleStream.of(ApexSolver.REARMOST * plateLength, ApexSolver.FOREMOST * plateLength);
    return places.map(this::longestAdvisable).max().orElseThrow();
  }

  /**
   * A line through the last two lengths tried finds it in a few steps, as the load grows about in
   * proportion to the length.
   */
  private double longestAdvisable(double at) {
    double most = Quantity.EXTENSION.most();
    double carried = 0;
    double carriedLoad = 0;
    double tooLong = most;
    double tooLongLoad = 1 / shortest(most, at);
    if (tooLongLoad > 1) {
      while (tooLong - carried > TENTH / 2) {
        double share = (1 - carriedLoad) / (tooLongLoad - carriedLoad);
        double tried = carried + Math.max(0.05, Math.min(0.95, share)) * (tooLong - carried);
        double load = 1 / shortest(tried, at);
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
    return Math.floor(carried / TENTH + 1e-9) * TENTH;
  }

  /** How far of its aims the thickest advisable apex gets. */
  private double shortest(double extension, double at) {
    Build build = design(extension, TipUnder.NONE).with(at, ApexSolver.THICKEST);
    return Endurance.roughly(build, term()).shortest().ofAim();
  }
}
