package ongle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.structure.TipUnder;

/**
 * One thing that makes a nail hold which would not, worked out by the same engine as the plan.
 *
 * @param change what to do
 * @param changesWish how far it is from what was wished, for ranking; points of our own, in which a
 *     tenth of the length and a week of wear weigh about alike
 * @param thicknessToPlan whether a thickness set by hand has to go for it
 * @param apex that carries it then
 * @param build as it is then built
 * @param arches from the side then
 * @param build as it is then built
 * @param arches from the side then
 * @param endurance margins then
 */
public record Remedy(
    Change change,
    double changesWish,
    boolean thicknessToPlan,
    ApexSolver.Apex apex,
    Build build,
    Arches arches,
    Endurance endurance) {
  /** Length it is then built, mm beyond the stress line. */
  public double extension() {
    return build.profile().extension();
  }

  /** What can be done about it. */
  public sealed interface Change {}

  /** A thicker apex, where it was set too thin by hand; mm. */
  public record Thicken(double thickness) implements Change {}

  /** Every step of the preparation. */
  public record PrepareFully() implements Change {}

  /** A shorter extension, mm. */
  public record Shorten(double extension) implements Change {}

  /** A deeper barrel at the free edge, percent of its width. */
  public record DeepenBarrel(double percent) implements Change {}

  /** Another product for the set. */
  public record OtherProduct(Product product) implements Change {}

  /** The infill after fewer days. */
  public record SoonerInfill(int days) implements Change {}

  /** Another shape for the set. */
  public record OtherShape(NailShape shape) implements Change {}

  private static final double TENTH = 0.1;
  private static final double MOST_BARREL = 50;
  private static final int SHAPES_OFFERED = 2;

  /** Points per share of the length, per percent of barrel, per week, and for the whole set. */
  private static final double PER_LENGTH = 4;

  private static final double PER_BARREL = 0.05;
  private static final double PER_WEEK = 0.45;
  private static final double PER_MM_THICKER = 0.5;
  private static final double ANOTHER_PRODUCT = 1.2;
  private static final double ANOTHER_SHAPE = 1.5;

  /**
   * What would make this nail hold at the length that is asked of it, what changes least first;
   * empty when it holds at that length.
   */
  public static List<Remedy> of(SetWish wish, NailPlan plan) {
    if (plan.stopped() || (plan.endurance().holds() && !plan.length().shortenedByStrength())) {
      return List.of();
    }
    return Search.of(wish, plan).found();
  }

  private record Search(
      SetWish wish, SetPlanner.Item item, NailPlan plan, double asked, Optional<Remedy> thicker) {
    /** What is set by hand stands, unless with that thickness nothing would ever help. */
    static Search of(SetWish wish, NailPlan plan) {
      SetPlanner.Item free =
          with(plan.item(), plan.item().adjustments().without(Set.of(Quantity.APEX_THICKNESS)));
      double asked = plan.length().asked();
      Search freely = new Search(wish, free, plan, asked, Optional.empty());
      Optional<Remedy> thicker = freely.thicken();
      return thicker.isPresent() ? new Search(wish, plan.item(), plan, asked, thicker) : freely;
    }

    List<Remedy> found() {
      List<Remedy> found = new ArrayList<>();
      thicker.ifPresent(found::add);
      prepareFully().ifPresent(found::add);
      shorten().ifPresent(found::add);
      deepenBarrel().ifPresent(found::add);
      soonerInfill().ifPresent(found::add);
      otherProducts().forEach(found::add);
      otherShapes().forEach(found::add);
      return found.stream().sorted(Comparator.comparingDouble(Remedy::changesWish)).toList();
    }

    private Optional<Remedy> thicken() {
      double built = plan.build().profile().apexThickness();
      return tried(wish, item, asked, apex -> new Thicken(apex))
          .filter(remedy -> remedy.apex.tooThin(built))
          .map(remedy -> remedy.worth(PER_MM_THICKER * (remedy.apex.thickness() - built)));
    }

    private Optional<Remedy> prepareFully() {
      return wish.wearing().skipped().isEmpty()
          ? Optional.empty()
          : tried(
              wish.with(wish.wearing().fullyPrepared()), item, asked, apex -> new PrepareFully());
    }

    private Optional<Remedy> shorten() {
      // A nail that was shortened to what it carries has this remedy already.
      return plan.length().shortenedByStrength()
          ? Optional.empty()
          : least(1, Math.floor(asked / TENTH) - 1, tenths -> shortened(asked - tenths * TENTH))
              .map(remedy -> remedy.worth(PER_LENGTH * (asked - remedy.extension()) / asked));
    }

    private Optional<Remedy> shortened(double extension) {
      double tenths = Math.round(extension / TENTH) * TENTH;
      return tried(
          wish,
          with(item, item.adjustments().with(Quantity.EXTENSION, tenths)),
          tenths,
          apex -> new Shorten(tenths));
    }

    private Optional<Remedy> deepenBarrel() {
      double now = Math.ceil(plan.build().barrelDepthRatio() * 100);
      return least(now + 1, MOST_BARREL, percent -> deepened(percent))
          .map(
              remedy ->
                  remedy.worth(PER_BARREL * (((DeepenBarrel) remedy.change).percent() - now)));
    }

    private Optional<Remedy> deepened(double percent) {
      return tried(
          wish,
          with(item, item.adjustments().with(Quantity.BARREL_DEPTH, percent)),
          asked,
          apex -> new DeepenBarrel(percent));
    }

    private Optional<Remedy> soonerInfill() {
      int now = wish.wearing().days();
      int least = (int) Quantity.WEAR_DAYS.least();
      // Counted down from today's interval, so that the least change is the least number.
      return least(1, now - least, fewer -> sooner(now - (int) fewer))
          .map(
              remedy -> remedy.worth(PER_WEEK * (now - ((SoonerInfill) remedy.change).days()) / 7));
    }

    private Optional<Remedy> sooner(int days) {
      return tried(
          wish.with(wish.wearing().withDays(days)), item, asked, apex -> new SoonerInfill(days));
    }

    private Stream<Remedy> otherProducts() {
      return Product.carryingDifferently().stream()
          .filter(product -> !product.carriesLike(plan.build().product()))
          .flatMap(
              product ->
                  tried(wish, of(product), asked, apex -> new OtherProduct(product))
                      .map(
                          remedy ->
                              remedy.worth(
                                  ANOTHER_PRODUCT
                                      + Math.abs(
                                          Math.log(
                                              product.modulus()
                                                  / plan.build().product().modulus()))))
                      .stream());
    }

    /** This nail alone of another product. */
    private SetPlanner.Item of(Product product) {
      return with(item, item.adjustments().with(product));
    }

    private Stream<Remedy> otherShapes() {
      double width = item.nail().width();
      Outline wanted = new Outline(wish.shape(), width, asked);
      return Stream.of(NailShape.values())
          .filter(shape -> shape != wish.shape() && shape.readsAt(asked, width))
          .flatMap(
              shape ->
                  tried(wish.with(shape), item, asked, apex -> new OtherShape(shape))
                      .map(
                          remedy ->
                              remedy.worth(
                                  ANOTHER_SHAPE
                                      + new Outline(shape, width, asked).areaApart(wanted)
                                          / (asked * width)))
                      .stream())
          .sorted(Comparator.comparingDouble(Remedy::changesWish))
          .limit(SHAPES_OFFERED);
    }

    /** The least whole number in a range that helps, if the most does; more helps more. */
    private static Optional<Remedy> least(
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
    private Optional<Remedy> tried(
        SetWish changed,
        SetPlanner.Item changedItem,
        double extension,
        DoubleFunction<Change> change) {
      Draft draft = new Draft(changed, changedItem);
      TipUnder tip = plan.fit().tipUnder(extension);
      ApexSolver.Apex apex = draft.apex(extension, tip);
      Build build = draft.build(extension, tip, apex);
      Endurance endurance = Endurance.roughly(build, draft.term());
      if (!endurance.holds()) {
        return Optional.empty();
      }
      return Optional.of(
          new Remedy(
              change.apply(apex.thickness()),
              0,
              changedItem.adjustments().of(Quantity.APEX_THICKNESS).isEmpty(),
              apex,
              build,
              new Arches(
                  build.profile(),
                  changedItem.nail().growthPitch(),
                  changed.arch().tilt(changed.shape())),
              endurance));
    }

    private static SetPlanner.Item with(SetPlanner.Item item, Adjustments by) {
      return new SetPlanner.Item(item.nail(), by, item.seen());
    }
  }

  private Remedy worth(double points) {
    return new Remedy(change, points, thicknessToPlan, apex, build, arches, endurance);
  }
}
