package ongle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import ongle.core.Memo;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Pinch;
import ongle.core.structure.WearPeriod;
import ongle.core.wear.Outlook;
import ongle.core.wear.Wearing;

/**
 * Everything worked out for one finger.
 *
 * @param draft the nail as it was before its length and apex were decided
 * @param stop why it is not built on; empty when it is
 * @param length how long it is built, and who said so
 * @param fit how it is built on and what it is fitted with
 * @param build as built
 * @param arches lower and upper arch from the side
 * @param advised the apex to build: the thinnest that carries this extension to the last day and
 *     looks like the rest of the set
 * @param apexReason what set the thickness that is built
 * @param endurance margins as built, on the first and on the last day of the wished interval
 * @param volumes product by zone
 */
public record NailPlan(
    Draft draft,
    Optional<Contraindication> stop,
    FingerLength length,
    NailFit fit,
    Build build,
    Arches arches,
    ApexSolver.Apex advised,
    ApexReason apexReason,
    Endurance endurance,
    Build.Volumes volumes) {

  private record Ahead(Build build, WearPeriod term, double perDay) {}

  /** Of a set as it is and as it was: each is some 20 kB, a day for a day. */
  private static final Memo<Ahead, Outlook> OUTLOOKS = Memo.forEachDesk(20);

  /** How much product goes on, before filing and shrinkage take their share. */
  private static final double FILED_OFF_SCULPTED = 0.15;

  private static final double FILED_OFF_LEVELLING = 0.05;

  /** The same nail as it was really built. */
  public NailPlan as(Build other) {
    return new NailPlan(
        draft,
        stop,
        length,
        fit,
        other,
        new Arches(other.profile(), arches.growthPitch(), arches.formTilt()),
        advised,
        apexReason,
        Endurance.of(other, term()),
        other.volumes());
  }

  /** The natural nail as measured, what was found on it and what was set by hand. */
  public SetPlanner.Item item() {
    return draft.item();
  }

  /** The wish for the set, with this nail's own product where it has one. */
  public SetWish wish() {
    return draft.wish();
  }

  /** The natural nail as it is built on, its free edge shortened. */
  public Nail nail() {
    return build.nail();
  }

  /** How far the free edge is shortened before anything is built, mm; 0 where it stays. */
  public double shortenedBy() {
    return item().nail().freeEdge() - nail().freeEdge();
  }

  /** What it has to last through. */
  public Wearing wearing() {
    return wish().wearing();
  }

  /** What this finger has to get through until the last day of the wished interval. */
  public WearPeriod term() {
    return draft.term();
  }

  /**
   * Whether it is a layer on the natural nail and stays one: no edge, frame or barrel of its own.
   */
  public boolean overlay() {
    return fit.way() == BuildWay.OVERLAY;
  }

  /**
   * The squeeze that brings the barrel to its depth; empty on tips and overlays, and where the form
   * gives it all.
   */
  public Optional<Pinch> pinch() {
    return pinched(depth -> Pinch.whereFull(build, depth)).filter(Pinch::squeezes);
  }

  /** The same along the extension; empty where nothing is squeezed. */
  public List<Pinch> pinching() {
    return pinch().isEmpty()
        ? List.of()
        : pinched(depth -> Pinch.along(build, depth)).orElseThrow();
  }

  private <T> Optional<T> pinched(DoubleFunction<T> of) {
    double wanted = build.barrelDepthRatio();
    if (build.profile().extension() == 0) {
      return Optional.empty();
    }
    return switch (fit.way()) {
      case TIP, OVERLAY -> Optional.empty();
      case FORM ->
          Optional.of(of.apply(wish().fitting().schools().barrel().given(shape(), nail(), wanted)));
      case REUSABLE_FORM, FREE_HAND ->
          Optional.of(of.apply(Math.min(wanted, nail().crossCurve().depthRatio())));
    };
  }

  /** What was found on it besides plate and skin. */
  public LookOver seen() {
    return item().seen();
  }

  /**
   * Whether an apex put there by hand or by a forward school, behind the stress line has wandered
   * past it by the last day.
   */
  public boolean apexTooFarForward() {
    double behind = nail().plateLength() - build.profile().apexAt();
    boolean chosen =
        item().adjustments().of(Quantity.APEX_POSITION).isPresent()
            || wish().school() == ApexSchool.STRESS_LINE;
    return chosen && behind >= 0 && behind < endurance.last().growth();
  }

  /** The weeks ahead. */
  public Outlook outlook() {
    Ahead ahead = new Ahead(build, term(), wearing().growth().perDay(nail().finger().digit()));
    return OUTLOOKS.of(ahead, () -> Outlook.of(build, ahead.term, ahead.perDay));
  }

  /** Edge thickness unless set by hand, mm. */
  public double usualEdge() {
    return draft.usualEdge(extension());
  }

  /** Whether this finger must not be built on. */
  public boolean stopped() {
    return stop.isPresent();
  }

  /** What to be careful of on this finger, most important first. */
  public List<Caution> cautions() {
    List<Caution> cautions = new ArrayList<>();
    if (nail().skin() != SkinState.INTACT) {
      cautions.add(new Caution.Skin(nail().skin()));
    }
    if (nail().skin().mayBeOverruled()) {
      seen().buildAnyway().map(Caution.BuiltAnyway::new).ifPresent(cautions::add);
    }
    nail().condition().findings().stream().map(Caution.Plate::new).forEach(cautions::add);
    if (!wearing().skipped().isEmpty()) {
      cautions.add(new Caution.PreparationSkipped(wearing().skipped().stream().sorted().toList()));
    }
    if (seen().earlier() != EarlierProduct.NONE) {
      cautions.add(new Caution.Earlier(seen().earlier()));
    }
    return cautions;
  }

  /** Whether it is shortened by what it carries itself, not to look like another finger. */
  public boolean limitsItself() {
    return length.shortenedByStrength() && length.setBy() == nail().finger();
  }

  /** How hard the product is put to it along the nail, on the last day; for drawing. */
  public List<LoadedNail.Along> loadAlong() {
    return LoadedNail.of(build(), term(), LoadedNail.COARSE).along(term().growth());
  }

  /** What is built, mm beyond the stress line. */
  public double extension() {
    return length.built();
  }

  public boolean readsAsShape() {
    return shape().readsAt(extension(), nail().width());
  }

  public NailShape shape() {
    return build.outline().shape();
  }

  /** The nearest shape that reads at this length; the wanted one if it does. */
  public NailShape nearestShape() {
    return shape().nearestThatReads(extension(), nail().width());
  }

  /** Product to lay on, mm³: what stays, plus what is filed off, plus what shrinkage takes. */
  public double appliedVolume() {
    Product product = build.product();
    double filed = product.levelling() ? FILED_OFF_LEVELLING : FILED_OFF_SCULPTED;
    return volumes.total() * (1 + filed) / (1 - product.shrinkage());
  }
}
