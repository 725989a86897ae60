package ongle.core.portion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.fitting.FormPick;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.product.Handling;
import ongle.core.product.Product;
import ongle.core.structure.Build;

/**
 * Product for one nail: how much, and in which portions from the free edge to the cuticle.
 *
 * @param applied to lay on by zone, with what is filed off and what shrinkage takes, mm³
 * @param doses they add up to what is applied
 * @param split powder and liquid; empty unless the product is mixed of them
 * @param strip from the tube; empty unless it comes from one
 */
public record Portion(
    Finger finger,
    Product product,
    Build.Volumes applied,
    List<ProductPortion> doses,
    Optional<Mix.Split> split,
    Optional<Strip> strip) {
  public Portion {
    doses = List.copyOf(doses);
  }

  /** Thickness of a slip layer, mm; a planning figure of our own. */
  public static final double SLIP_THICKNESS = 0.06;

  /** The frame takes this share of the extension; the body laid over it the rest. */
  public static final double FRAME_SHARE = 0.45;

  /** However much lies under and over it, the body is no less than this share of the nail. */
  private static final double LEAST_BODY = 0.25;

  /** Of a new body, what a repair lays over what still holds; a planning figure of our own. */
  private static final double OVER_WHAT_HOLDS = 0.4;

  private static final int FEWEST_BEADS = 2;
  private static final int MAX_BEADS = 4;

  /**
   * How it is taken up.
   *
   * @param mix of acrylic
   * @param brush for beads and pearls
   * @param nozzle of the tube, mm
   * @param frame whether the frame is laid before the body
   * @param slip whether a slip layer is
   * @param besides what other layers take of the nail's thickness, mm
   */
  public record Habits(
      Mix mix, Brush brush, double nozzle, boolean frame, boolean slip, double besides) {
    public static final Habits USUAL =
        new Habits(Mix.NORMAL, Brush.MEDIUM, Strip.USUAL_NOZZLE, true, true, 0);
  }

  /** For a nail built anew. */
  public static Portion of(NailPlan plan, Habits habits) {
    return of(plan, habits, new Build.Volumes(1, 1, 1), false);
  }

  /**
   * For a nail that is filled: its frame stands already, and no form is under it.
   *
   * @param shares of a new build's product, 0 to 1, by zone
   */
  public static Portion filling(NailPlan plan, Habits habits, Build.Volumes shares) {
    return of(plan, habits, shares, true);
  }

  /**
   * For a nail whose extension broke off: that is built again, and what still holds on the plate is
   * thinned and covered so that the new runs over it.
   */
  public static Portion repairing(NailPlan plan, Habits habits) {
    return of(plan, habits, new Build.Volumes(0, OVER_WHAT_HOLDS, 1), false);
  }

  private static Portion of(NailPlan plan, Habits habits, Build.Volumes shares, boolean framed) {
    Product product = plan.build().product();
    double all = plan.volumes().total();
    double body = Math.max(LEAST_BODY * all, all - plan.build().surface() * habits.besides());
    double more = all == 0 ? 0 : plan.appliedVolume() / all * body / all;
    Build.Volumes applied =
        new Build.Volumes(
            plan.volumes().cuticle() * more * shares.cuticle(),
            plan.volumes().body() * more * shares.body(),
            plan.volumes().extension() * more * shares.extension());
    Handling handling = product.handling();
    boolean inSteps = handling == Handling.BRUSHED && (habits.frame() || habits.slip());
    double frame =
        framed || plan.overlay() || !habits.frame() ? 0 : FRAME_SHARE * applied.extension();
    List<ProductPortion> doses =
        handling == Handling.POWDER_AND_LIQUID
            ? beads(applied, habits.brush())
            : inSteps
                ? inSteps(plan, applied.total(), frame, habits.slip())
                : List.of(new ProductPortion(ProductPortion.Place.WHOLE, applied.total()));
    return new Portion(
        plan.nail().finger(),
        product,
        applied,
        doses,
        handling == Handling.POWDER_AND_LIQUID
            ? Optional.of(habits.mix().split(applied.total() * product.freshDensity() / 1000))
            : Optional.empty(),
        handling == Handling.TUBE
            ? Optional.of(strip(plan, applied.total(), habits.nozzle(), framed))
            : Optional.empty());
  }

  /** By zone, as few beads of 2 to 4 as the brush carries. */
  private static List<ProductPortion> beads(Build.Volumes applied, Brush brush) {
    List<ProductPortion> beads = new ArrayList<>();
    if (applied.extension() > 0) {
      beads.add(new ProductPortion(ProductPortion.Place.FREE_EDGE, applied.extension()));
    }
    beads.add(new ProductPortion(ProductPortion.Place.STRESS_ZONE, applied.body()));
    if (applied.cuticle() > 0) {
      beads.add(new ProductPortion(ProductPortion.Place.CUTICLE, applied.cuticle()));
    }
    if (beads.size() > FEWEST_BEADS && applied.total() <= brush.carries()) {
      beads.set(
          1,
          new ProductPortion(ProductPortion.Place.STRESS_ZONE, applied.body() + applied.cuticle()));
      beads.remove(2);
    }
    while (beads.size() < MAX_BEADS) {
      ProductPortion largest =
          beads.stream().max(Comparator.comparingDouble(ProductPortion::volume)).orElseThrow();
      if (largest.volume() <= brush.carries()) {
        break;
      }
      int at = beads.indexOf(largest);
      beads.set(at, new ProductPortion(largest.place(), largest.volume() / 2));
      beads.add(at, new ProductPortion(largest.place(), largest.volume() / 2));
    }
    return List.copyOf(beads);
  }

  private static List<ProductPortion> inSteps(
      NailPlan plan, double all, double frame, boolean slips) {
    double slip = slips ? Math.min(plan.build().surface() * SLIP_THICKNESS, (all - frame) / 2) : 0;
    List<ProductPortion> doses = new ArrayList<>();
    if (frame > 0) {
      doses.add(new ProductPortion(ProductPortion.Place.FRAME, frame));
    }
    if (slip > 0) {
      doses.add(new ProductPortion(ProductPortion.Place.SLIP_LAYER, slip));
    }
    doses.add(new ProductPortion(ProductPortion.Place.BODY, all - frame - slip));
    return List.copyOf(doses);
  }

  private static Strip strip(NailPlan plan, double volume, double nozzle, boolean framed) {
    double length = volume / (Math.PI * nozzle * nozzle / 4);
    double nail = plan.build().profile().length();
    int rows = Math.max(1, (int) Math.ceil(length / nail - 1e-9));
    double beyond = length / rows - plan.nail().plateLength();
    Optional<FormPick> form = plan.fit().form();
    return new Strip(
        nozzle,
        length,
        rows,
        beyond,
        form.isPresent() && beyond > 0 && !framed
            ? OptionalDouble.of(form.get().fit().form().markAt(beyond))
            : OptionalDouble.empty());
  }

  /** What is applied, g. */
  public double mass() {
    return applied.total() * product.freshDensity() / 1000;
  }
}
