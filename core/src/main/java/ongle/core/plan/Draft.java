package ongle.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.Memo;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Beside;
import ongle.core.structure.Scheme;
import ongle.core.structure.WearPeriod;

/**
 * One nail of a wish with everything decided but its length and its apex.
 *
 * @param wish for the set; with the nail's own product where it has one
 * @param item the nail
 * @param beside the plates of the set it has to look alike with
 */
record Draft(SetWish wish, SetPlanner.Item item, Beside beside) {
  /** A nail may be built of a product of its own. */
  Draft {
    wish = item.adjustments().product().map(wish::with).orElse(wish);
  }

  /** Every nail of a set, each beside the others. */
  static List<Draft> of(SetWish wish, List<SetPlanner.Item> items) {
    List<Draft> alone = items.stream().map(item -> new Draft(wish, item, Beside.NONE)).toList();
    double shortest =
        alone.stream()
            .filter(Draft::builtOn)
            .mapToDouble(draft -> draft.nail().plateLength())
            .min()
            .orElse(Double.POSITIVE_INFINITY);
    return alone.stream()
        .map(
            draft ->
                new Draft(
                    wish,
                    draft.item,
                    new Beside(
                        alone.stream()
                            .filter(Draft::builtOn)
                            .map(Draft::nail)
                            .filter(nail -> nail.finger() == draft.nail().finger().twin())
                            .mapToDouble(Nail::plateLength)
                            .findFirst()
                            .orElse(Double.POSITIVE_INFINITY),
                        shortest)))
        .toList();
  }

  /** Most of a natural free edge that is left under an extension, mm. */
  static final double LEFT_UNDER_EXTENSION = 1.0;

  /** Product at the very edge of an overlay reaches this far past the nail, mm. */
  static final double CAPPED_BEYOND = 0.3;

  /** Edge thickness unless set by hand, mm. */
  private static final double USUAL_EDGE = 0.6;

  /** The same on an overlay. */
  private static final double OVERLAY_EDGE = 0.3;

  /** Thickness of a levelling base under polish, mm. */
  private static final double BASE_FLOOR = 0.3;

  /** Longest extension that is looked at, mm. */
  private static final double LONGEST = 25;

  /** Closer than any file, mm. */
  private static final double HUNDREDTH = 0.01;

  private record ApexAt(Scheme scheme, double at) {}

  /** All that bears on the longest advisable length. */
  private record Reach(Nail grown, Scheme longest, double at, boolean natural, ApexFloor floor) {}

  private static final Memo<ApexAt, ApexSolver.Apex> APEXES = Memo.forEachDesk(160);
  private static final Memo<Reach, Double> LONGESTS = Memo.forEachDesk(160);

  /** As measured. */
  Nail nail() {
    return item.nail();
  }

  /** Why this finger is not built on; empty when it is. */
  Optional<Contraindication> stop() {
    return Contraindication.of(nail(), item.seen(), wish.wearer());
  }

  boolean builtOn() {
    return stop().isEmpty();
  }

  /** Whether this much extension asks for anything beyond the natural nail. */
  boolean lengthens(double extension) {
    return builtOn() && extension > nail().freeEdge() + CAPPED_BEYOND;
  }

  /**
   * The nail as it is built on: under an extension its free edge as short as it goes, under an
   * overlay as long as the overlay.
   *
   * @param extension mm
   */
  Nail shortened(double extension) {
    boolean weakEdge =
        nail().condition().has(PlateFinding.SPLIT) || nail().condition().has(PlateFinding.HOOKED);
    double left =
        extension <= nail().freeEdge() + CAPPED_BEYOND
            ? extension
            : weakEdge ? 0 : LEFT_UNDER_EXTENSION;
    return nail().freeEdge() <= left ? nail() : nail().withFreeEdge(left);
  }

  /** The wanted outline at an extension, mm. */
  Outline outline(double extension) {
    return new Outline(wish.shape(), nail().width(), extension);
  }

  /** What it has to last through. */
  WearPeriod term() {
    return wish.wearing()
        .term(nail().finger().digit(), wish.figures().load(nail().finger(), wish.wearer()));
  }

  /**
   * Whether it is a layer on the natural nail and stays one: no edge, barrel or tilt of its own.
   */
  boolean overlay(double extension) {
    return !lengthens(extension)
        && (wish.length().mode().natural()
            || wish.product().onlyOverlay()
            || item.adjustments().way().filter(way -> !way.lengthens()).isPresent());
  }

  /** Edge thickness unless set by hand, mm. */
  double usualEdge(double extension) {
    return overlay(extension) ? OVERLAY_EDGE : USUAL_EDGE;
  }

  /** Tilt of the lower arch beyond the plate against the finger's axis, degrees; plus lifts. */
  double tilt(double extension) {
    return overlay(extension) ? nail().growthPitch() : wish.arch().tilt(wish.shape());
  }

  /**
   * The build at an extension, its apex still open.
   *
   * @param extension mm
   */
  Scheme scheme(double extension) {
    NailShape shape = wish.shape();
    Adjustments by = item.adjustments();
    boolean overlay = overlay(extension);
    ApexFloor floor = wish.figures().floor();
    return new Scheme(
        shortened(extension),
        outline(extension),
        by.of(Quantity.EDGE_THICKNESS).orElse(usualEdge(extension)),
        wish.arch().exponent(shape),
        overlay
            ? nail().crossCurve().depthRatio()
            : by.of(Quantity.BARREL_DEPTH).stream()
                .map(percent -> percent / 100)
                .findFirst()
                .orElse(shape.barrelDepthRatio()),
        new Across(wish.across(), by.of(Quantity.SIDE_THICKNESS)),
        wish.product(),
        wish.product().onlyOverlay() ? BASE_FLOOR : floor.at(overlay ? 0 : extension),
        beside,
        term());
  }

  /** Share of the plate the apex lies at by hand or by school; empty when it is computed. */
  OptionalDouble place() {
    OptionalDouble byHand = item.adjustments().of(Quantity.APEX_POSITION);
    OptionalDouble percent = byHand.isPresent() ? byHand : wish.school().position();
    return percent.isPresent() ? OptionalDouble.of(percent.getAsDouble() / 100) : percent;
  }

  /**
   * The apex it needs by itself.
   *
   * @param extension mm
   * @param share of the plate where the set's apexes are computed to lie
   */
  ApexSolver.Apex apex(double extension, double share) {
    Scheme scheme = scheme(extension);
    double at = place().orElse(share) * nail().plateLength();
    return apexAt(scheme, at);
  }

  /** The apex it needs at a place, mm from the cuticle. */
  static ApexSolver.Apex apexAt(Scheme scheme, double at) {
    return APEXES.of(new ApexAt(scheme, at), () -> scheme.apex(at));
  }

  /**
   * The longest extension that carries to the last day with every aim met, and no hump for bed or
   * lift, mm, to a hundredth. A tip's own stiffness is left out.
   */
  double longestAdvisable() {
    // A computed place is not known before the lengths are; it is looked for from here.
    double at = place().orElse(SetPlanner.DRAWN_TO) * nail().plateLength();
    // At a length of its own, so that the question is the same whatever is wished.
    return LONGESTS.of(
        new Reach(
            nail(), scheme(LONGEST), at, wish.length().mode().natural(), wish.figures().floor()),
        () -> searchedLongest(at));
  }

  /**
   * A line through the last two lengths tried finds it in a few steps, as the load grows about in
   * proportion to the length.
   */
  private double searchedLongest(double at) {
    double carried = 0;
    double carriedLoad = 0;
    double tooLong = LONGEST;
    double tooLongLoad = 1 / scheme(LONGEST).carries(at);
    if (tooLongLoad <= 1) {
      return LONGEST;
    }
    boolean fell = true;
    while (tooLong - carried > HUNDREDTH) {
      double share = (1 - carriedLoad) / (tooLongLoad - carriedLoad);
      // The line lies under the load; a hair beyond it, alternately, closes the bracket from both.
      double aimed = share + (fell ? 0.02 : -0.02);
      double tried = carried + Math.max(0.05, Math.min(0.95, aimed)) * (tooLong - carried);
      double load = 1 / scheme(tried).carries(at);
      fell = load <= 1;
      if (fell) {
        carried = tried;
        carriedLoad = load;
      } else {
        tooLong = tried;
        tooLongLoad = load;
      }
    }
    return carried;
  }
}
