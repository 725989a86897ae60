package ongle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.core.Code;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;

/**
 * One thing, or two together, that makes a nail hold which would not, worked out by the same engine
 * as the plan.
 *
 * @param changes what to do; one, or two where no one thing does it
 * @param changesWish how far it is from what was wished, for ranking; points of our own, in which a
 *     tenth of the length and a week of wear weigh about alike
 * @param thicknessToPlan whether a thickness set by hand has to go for it
 * @param apex that carries it then
 * @param build as it is then built
 * @param arches from the side then
 * @param endurance margins then
 */
public record Remedy(
    List<Change> changes,
    double changesWish,
    boolean thicknessToPlan,
    ApexSolver.Apex apex,
    Build build,
    Arches arches,
    Endurance endurance) {
  public Remedy {
    changes = List.copyOf(changes);
  }

  /** Length it is then built, mm beyond the stress line. */
  public double extension() {
    return build.profile().extension();
  }

  /** What tells it from every other remedy for this nail. */
  public String code() {
    return changes.stream().map(Change::code).collect(Collectors.joining("+"));
  }

  /** What can be done about it. */
  public sealed interface Change extends Code {
    /** What tells it from every other change, with its figure. */
    String code();
  }

  /** A thicker apex, where it was set too thin by hand; mm. */
  public record Thicken(double thickness) implements Change {
    @Override
    public String code() {
      return "thicken-" + Math.round(100 * thickness);
    }
  }

  /** Every step of the preparation. */
  public record PrepareFully() implements Change {
    @Override
    public String code() {
      return "prepare";
    }
  }

  /** A shorter extension, mm. */
  public record Shorten(double extension) implements Change {
    @Override
    public String code() {
      return "shorten-" + Math.round(100 * extension);
    }
  }

  /** A deeper barrel at the free edge, percent of its width. */
  public record DeepenBarrel(double percent) implements Change {
    @Override
    public String code() {
      return "deepen-" + Math.round(percent);
    }
  }

  /** Another product for the set. */
  public record OtherProduct(Product product) implements Change {
    @Override
    public String code() {
      return "product-" + product.code();
    }
  }

  /** The infill after fewer days. */
  public record SoonerInfill(int days) implements Change {
    @Override
    public String code() {
      return "infill-" + days;
    }
  }

  /** Another shape for the set. */
  public record OtherShape(NailShape shape) implements Change {
    @Override
    public String code() {
      return "shape-" + shape.code();
    }
  }

  private static final double TENTH = 0.1;
  private static final double MAX_BARREL = 50;
  private static final int SHAPES_OFFERED = 2;
  private static final int PRODUCTS_OFFERED = 3;
  private static final int PAIRS_OFFERED = 3;

  /** Points per share of the length, per percent of barrel, per week, and for the whole set. */
  private static final double PER_LENGTH = 4;

  private static final double PER_BARREL = 0.05;
  private static final double PER_WEEK = 0.45;
  private static final double PER_MM_THICKER = 0.5;
  private static final double FULL_PREPARATION = 0;
  private static final double ANOTHER_PRODUCT = 1.2;
  private static final double ANOTHER_SHAPE = 1.5;

  /**
   * What would make this nail hold the wished interval at the length that is asked of it, what
   * changes least first; empty when it does.
   *
   * @param products at hand
   */
  public static List<Remedy> of(SetPlan set, NailPlan plan, List<Product> products) {
    if (plan.stopped() || (plan.endurance().holds() && !plan.limitsItself())) {
      return List.of();
    }
    return new Search(set, plan, products, Case.of(plan)).found();
  }

  /** A nail with the changes made so far and the length that is asked of it. */
  private record Case(
      SetWish wish, SetPlanner.Item item, double asked, List<Change> changes, double points) {
    /** What is set by hand stands, but for a thickness that would keep anything from portion. */
    static Case of(NailPlan plan) {
      return new Case(plan.wish(), plan.item(), plan.length().asked(), List.of(), 0);
    }

    Case with(SetWish other, Change change, double more) {
      return new Case(other, item, asked, and(change), points + more);
    }

    Case with(Adjustments by, double length, Change change, double more) {
      return new Case(
          wish,
          new SetPlanner.Item(item.nail(), by, item.seen()),
          length,
          and(change),
          points + more);
    }

    private List<Change> and(Change change) {
      return Stream.concat(changes.stream(), Stream.of(change)).toList();
    }

    Case freeOfThickness() {
      return new Case(
          wish,
          new SetPlanner.Item(
              item.nail(),
              item.adjustments().without(Set.of(Quantity.APEX_THICKNESS)),
              item.seen()),
          asked,
          changes,
          points);
    }
  }

  private record Search(SetPlan set, NailPlan plan, List<Product> products, Case from) {

    List<Remedy> found() {
      Optional<Remedy> thicker = thicken();
      Case start = thicker.isPresent() ? from : from.freeOfThickness();
      List<Remedy> found = new ArrayList<>(thicker.stream().toList());
      prepared(start).flatMap(this::tried).ifPresent(found::add);
      min(start).forEach(found::add);
      otherProducts(start)
          .flatMap(each -> tried(each).stream())
          .sorted(Comparator.comparingDouble(Remedy::changesWish))
          .limit(PRODUCTS_OFFERED)
          .forEach(found::add);
      otherShapes(start).forEach(found::add);
      if (found.stream().noneMatch(Search::doesIt)) {
        Stream.of(prepared(start).stream(), otherProducts(start), fortnight(start).stream())
            .flatMap(cases -> cases)
            .filter(each -> tried(each).isEmpty())
            .flatMap(each -> min(each).stream())
            .sorted(Comparator.comparingDouble(Remedy::changesWish))
            .limit(PAIRS_OFFERED)
            .forEach(found::add);
      }
      return found.stream()
          .sorted(
              Comparator.comparing(Search::doesIt)
                  .reversed()
                  .thenComparingDouble(Remedy::changesWish))
          .toList();
    }

    /** Anything but sending the client home for less than a fortnight. */
    private static boolean doesIt(Remedy remedy) {
      return remedy.changes.stream()
          .noneMatch(
              change -> change instanceof SoonerInfill sooner && sooner.days() < Interval.MIN);
    }

    private Optional<Remedy> thicken() {
      double built = plan.build().profile().apexThickness();
      return tried(from.freeOfThickness())
          .filter(remedy -> remedy.apex.tooThin(built))
          .map(
              remedy ->
                  new Remedy(
                      List.of(new Thicken(remedy.apex.thickness())),
                      PER_MM_THICKER * (remedy.apex.thickness() - built),
                      true,
                      remedy.apex,
                      remedy.build,
                      remedy.arches,
                      remedy.endurance));
    }

    private Optional<Case> prepared(Case base) {
      return base.wish.wearing().skipped().isEmpty()
          ? Optional.empty()
          : Optional.of(
              base.with(
                  base.wish.with(base.wish.wearing().fullyPrepared()),
                  new PrepareFully(),
                  FULL_PREPARATION));
    }

    private Optional<Case> fortnight(Case base) {
      return base.wish.wearing().days() <= Interval.MIN
          ? Optional.empty()
          : Optional.of(sooner(base, Interval.MIN));
    }

    private Stream<Case> otherProducts(Case base) {
      Product own = plan.build().product();
      return products.stream()
          .filter(product -> !product.carriesLike(own) && !product.onlyOverlay())
          .map(
              product ->
                  base.with(
                      base.item.adjustments().with(product),
                      base.asked,
                      new OtherProduct(product),
                      ANOTHER_PRODUCT + Math.abs(Math.log(product.modulus() / own.modulus()))));
    }

    /** The least of each thing of which there is more and less. */
    private List<Remedy> min(Case base) {
      List<Remedy> found = new ArrayList<>();
      shorten(base).ifPresent(found::add);
      deepenBarrel(base).ifPresent(found::add);
      soonerInfill(base).ifPresent(found::add);
      return found;
    }

    private Optional<Remedy> shorten(Case base) {
      // A nail that was shortened to what it carries has this remedy already.
      if (plan.length().shortenedByStrength() && base.changes.isEmpty()) {
        return Optional.empty();
      }
      double asked = base.asked;
      double max = Math.floor((asked - Math.max(TENTH, plan.length().min())) / TENTH + 1e-6);
      return min(
          1,
          max,
          tenths -> {
            double length = Math.round(asked / TENTH - tenths) * TENTH;
            return tried(
                base.with(
                    base.item.adjustments().with(Quantity.EXTENSION, length),
                    length,
                    new Shorten(length),
                    PER_LENGTH * (asked - length) / asked));
          });
    }

    private Optional<Remedy> deepenBarrel(Case base) {
      if (plan.overlay() || plan.fit().way() == BuildWay.TIP) {
        return Optional.empty();
      }
      double now = Math.ceil(plan.build().barrelDepthRatio() * 100);
      return min(
          now + 1,
          MAX_BARREL,
          percent ->
              tried(
                  base.with(
                      base.item.adjustments().with(Quantity.BARREL_DEPTH, percent),
                      base.asked,
                      new DeepenBarrel(percent),
                      PER_BARREL * (percent - now))));
    }

    private Optional<Remedy> soonerInfill(Case base) {
      int now = base.wish.wearing().days();
      // Counted down from today's interval, so that the least change is the least number.
      return min(
          1, now - Quantity.WEAR_DAYS.min(), fewer -> tried(sooner(base, now - (int) fewer)));
    }

    private static Case sooner(Case base, int days) {
      int now = base.wish.wearing().days();
      return base.with(
          base.wish.with(base.wish.wearing().withDays(days)),
          new SoonerInfill(days),
          PER_WEEK * (now - days) / 7);
    }

    private Stream<Remedy> otherShapes(Case base) {
      double width = base.item.nail().width();
      Outline wanted = new Outline(base.wish.shape(), width, base.asked);
      return Stream.of(NailShape.values())
          .filter(shape -> shape != base.wish.shape() && shape.readsAt(base.asked, width))
          .map(
              shape ->
                  base.with(
                      base.wish.with(shape),
                      new OtherShape(shape),
                      ANOTHER_SHAPE
                          + new Outline(shape, width, base.asked).areaApart(wanted)
                              / Math.max(1, base.asked * width)))
          .flatMap(each -> tried(each).stream())
          .sorted(Comparator.comparingDouble(Remedy::changesWish))
          .limit(SHAPES_OFFERED);
    }

    /** The least whole number in a range that helps, if the most does; more helps more. */
    private static Optional<Remedy> min(
        double from, double to, DoubleFunction<Optional<Remedy>> at) {
      if (to < from) {
        return Optional.empty();
      }
      Optional<Remedy> found = at.apply(to);
      double helps = to;
      double fails = from - 1;
      while (found.isPresent() && helps - fails > 1) {
        double middle = Math.floor((helps + fails) / 2);
        Optional<Remedy> between = at.apply(middle);
        if (between.isPresent()) {
          found = between;
          helps = middle;
        } else {
          fails = middle;
        }
      }
      return found;
    }

    /** The remedy if the nail holds with it. */
    private Optional<Remedy> tried(Case changed) {
      Draft draft = new Draft(changed.wish, changed.item, plan.draft().beside());
      ApexSolver.Apex apex = draft.apex(changed.asked, set.apexPlace());
      OptionalDouble byHand = changed.item.adjustments().of(Quantity.APEX_THICKNESS);
      Build build =
          draft
              .scheme(changed.asked)
              .with(
                  apex.at(),
                  byHand.orElse(apex.thickness()),
                  plan.fit().tipUnder(plan.nail(), changed.asked));
      Endurance endurance = Endurance.roughly(build, draft.term());
      return endurance.holds()
          ? Optional.of(
              new Remedy(
                  changed.changes,
                  changed.points,
                  byHand.isEmpty(),
                  apex,
                  build,
                  new Arches(build.profile(), plan.nail().growthPitch(), draft.tilt(changed.asked)),
                  endurance))
          : Optional.empty();
    }
  }
}
