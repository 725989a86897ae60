package ongle.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.fitting.WayReason.Plain;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;

/**
 * The ways to build one nail, ranked with the reasons. Nothing is hidden: a way that cannot be gone
 * is ranked last and says why. The weights are planning figures of our own.
 *
 * @param ranked all ways, the best first
 */
public record WhichWay(List<Option> ranked) {
  public WhichWay {
    ranked = List.copyOf(ranked);
  }

  /** A plate this much wider than long is wide, ratio. */
  public static final double WIDE_FROM = 1.05;

  /** A plate that grows down this far droops with a tip on it, degrees. */
  public static final double DROOPS_FROM = 5;

  /** A nail that leans this far takes its tip with it, degrees. */
  public static final double LEANS_FROM = 4;

  /** A form needs at least this much free edge to sit under, mm. */
  public static final double HOLDS_A_FORM_FROM = 0.3;

  /** Less than this beyond the natural free edge is not worth a tip, mm. */
  public static final double WORTH_A_TIP_FROM = 2;

  /** A tip this much flatter than the shape's barrel does not become that shape, depth ratio. */
  private static final double FLATTER_WITHIN = 0.12;

  /** Less than this to file away counts as nearly shaped, mm². */
  private static final double NEARLY_SHAPED = 6;

  private static final int OUT = -1000;

  /**
   * The tip that would be taken.
   *
   * @param pick empty when none can be
   * @param whyNone without a pick
   * @param fromLead whether it comes from the kit the set is fitted from
   */
  public record TipOffer(Optional<TipPick> pick, WayReason whyNone, boolean fromLead) {}

  /**
   * One way.
   *
   * @param possible whether it can be gone at all
   * @param against why this nail does not take it well although it could be forced; empty when it
   *     does
   * @param points the more, the better
   * @param reasons for and against, the weightiest first
   */
  public record Option(
      BuildWay way,
      boolean possible,
      Optional<WayReason> against,
      int points,
      List<WayReason> reasons) {
    public Option {
      reasons = List.copyOf(reasons);
    }

    /** Whether this nail takes this way without a fight. */
    public boolean takes() {
      return possible && against.isEmpty();
    }

    /** Why it is not gone, empty when it could be. */
    public Optional<WayReason> whyNot() {
      return possible ? against : reasons.stream().findFirst();
    }
  }

  /**
   * @param nail its free edge as it is built on
   * @param grown its free edge before it is shortened, mm
   * @param extension mm beyond the stress line
   * @param barrel wanted depth ratio at the free edge
   * @param lengthens whether that is beyond the natural nail
   * @param product to build with
   * @param schools of the salon where either would do
   * @param tip the tip that would be taken, or why none can be
   * @param paper the best paper form in stock; empty when there is none
   * @param rigid the best reusable form; empty when there is none
   */
  public static WhichWay of(
      Nail nail,
      double grown,
      double extension,
      double barrel,
      boolean lengthens,
      Product product,
      Schools schools,
      TipOffer tip,
      Optional<FormPick> paper,
      Optional<FormPick> rigid) {
    boolean natural = !lengthens;
    List<Option> all = new ArrayList<>();
    all.add(overlay(natural));
    all.add(natural ? nothing(BuildWay.TIP) : tip(nail, grown, extension, barrel, schools, tip));
    all.add(natural ? nothing(BuildWay.FORM) : form(nail, schools, paper));
    all.add(natural ? nothing(BuildWay.REUSABLE_FORM) : reusable(nail, rigid));
    all.add(natural ? nothing(BuildWay.FREE_HAND) : freeHand(nail, extension, product, schools));
    return new WhichWay(
        all.stream()
            .sorted(
                Comparator.comparing((Option option) -> !option.takes())
                    .thenComparing(Comparator.comparingInt(Option::points).reversed()))
            .toList());
  }

  public Option best() {
    return ranked.get(0);
  }

  public Option of(BuildWay way) {
    return ranked.stream().filter(option -> option.way() == way).findFirst().orElseThrow();
  }

  /** The same with one way first. */
  public WhichWay ledBy(BuildWay way) {
    return new WhichWay(
        ranked.stream().sorted(Comparator.comparing(option -> option.way() != way)).toList());
  }

  /** Whether the plate is wide; a bitten one is short instead, which asks for other things. */
  public static boolean wide(Nail nail) {
    return !nail.condition().has(PlateFinding.BITTEN)
        && (nail.width() >= WIDE_FROM * nail.plateLength()
            || nail.condition().has(PlateFinding.FAN_SHAPED));
  }

  private static Option overlay(boolean natural) {
    Scale scale = new Scale(BuildWay.OVERLAY);
    return natural ? scale.add(20, Plain.LONG_ENOUGH) : scale.out(Plain.DOES_NOT_LENGTHEN);
  }

  private static Option nothing(BuildWay way) {
    return new Scale(way).out(Plain.NOTHING_TO_LENGTHEN);
  }

  private static Option tip(
      Nail nail, double grown, double extension, double barrel, Schools schools, TipOffer offer) {
    Scale scale = new Scale(BuildWay.TIP);
    if (offer.pick().isEmpty()) {
      return scale.out(offer.whyNone());
    }
    TipPick pick = offer.pick().get();
    TipFit fit = pick.fit();
    if (fit.tooShortBy() > 0) {
      return scale.out(Plain.BLANKS_TOO_SHORT);
    }
    if (extension - grown < WORTH_A_TIP_FROM) {
      return scale.out(Plain.TOO_LITTLE_FOR_A_TIP);
    }
    if (fit.verdict() == TipFit.Verdict.FITS) {
      scale.add(4, Plain.SIZE_FITS);
    } else {
      scale.add(2, Plain.SIZE_FITS_FILED);
    }
    switch (fit.seating()) {
      case SEATS -> scale.add(2, Plain.CURVE_SEATS);
      case HELD -> scale.add(0, Plain.CURVE_HELD);
      case FIGHTS -> scale.against(-8, Plain.CURVE_FIGHTS);
    }
    if (!pick.blank().covers()) {
      scale.against(-6, Plain.BLANK_TOO_NARROW);
    } else if (pick.blank().toFile() < NEARLY_SHAPED) {
      scale.add(1, Plain.BLANK_NEARLY_SHAPED);
    }
    if (barrel - fit.tip().crossCurve().depthRatio() > FLATTER_WITHIN) {
      scale.against(-5, Plain.FLATTER_THAN_SHAPE);
    }
    if (!offer.fromLead()) {
      scale.add(-1, new WayReason.OtherKit(pick.kit().label()));
    }
    if (schools.tipsOrForms() == TipsOrForms.TIPS) {
      scale.add(3, Plain.SALON_TAKES_TIPS);
    }
    if (nail.growthPitch() <= -DROOPS_FROM) {
      scale.against(-4, Plain.TIP_DROOPS);
    }
    if (Math.abs(nail.lean()) >= LEANS_FROM) {
      scale.against(-4, Plain.TIP_LEANS);
    }
    if (nail.condition().has(PlateFinding.BITTEN)) {
      scale.against(-3, Plain.BITTEN_HOLDS_NO_WELL);
    }
    if (nail.condition().delicate()) {
      scale.add(-2, new WayReason.FilesOnPlate(nail.condition()));
    }
    if (wide(nail)) {
      scale.add(-1, Plain.WIDE_WANTS_A_FORM);
    }
    return scale.option();
  }

  private static Option form(Nail nail, Schools schools, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.FORM);
    if (pick.isEmpty()) {
      return scale.out(Plain.NO_PAPER_FORM);
    }
    FormFit fit = pick.get().fit();
    if (fit.tooShortBy() > 0) {
      return scale.out(Plain.SHEET_TOO_SHORT);
    }
    if (fit.tooNarrow()) {
      return scale.out(Plain.SHEET_TOO_NARROW);
    }
    scale.add(5, Plain.MOUTH_IS_CUT);
    if (nail.freeEdge() < HOLDS_A_FORM_FROM) {
      scale.add(-3, Plain.NO_EDGE_FOR_A_FORM);
    }
    if (nail.skin() != SkinState.INTACT) {
      scale.add(-2, Plain.FORM_PRESSES_ON_SKIN);
    }
    if (fit.gapInMiddle() > FormFit.GAP_BRIDGED) {
      scale.add(-3, Plain.MOUTH_TOO_DEEP);
    }
    if (nail.growthPitch() <= -DROOPS_FROM) {
      scale.add(3, Plain.FORM_CAN_BE_LIFTED);
    }
    if (Math.abs(nail.lean()) >= LEANS_FROM) {
      scale.add(3, Plain.FORM_CAN_BE_TURNED);
    }
    if (wide(nail)) {
      scale.add(1, Plain.FORM_CAN_BE_ROLLED);
    }
    if (schools.tipsOrForms() == TipsOrForms.FORMS) {
      scale.add(3, Plain.SALON_TAKES_FORMS);
    }
    return scale.option();
  }

  private static Option reusable(Nail nail, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.REUSABLE_FORM);
    if (pick.isEmpty()) {
      return scale.out(Plain.NO_REUSABLE_FORM);
    }
    FormFit fit = pick.get().fit();
    if (fit.tooShortBy() > 0) {
      return scale.out(Plain.TOO_LONG_FOR_REUSABLE);
    }
    scale.add(3, Plain.QUICK_TO_SET);
    if (nail.skin() != SkinState.INTACT) {
      scale.add(-2, Plain.RIGID_PRESSES_ON_SKIN);
    }
    if (fit.sides() != FormFit.Sides.AS_THEY_ARE) {
      scale.against(-4, Plain.RIGID_WIDTH_OFF);
    }
    if (Math.max(fit.gapAtSides(), fit.gapInMiddle()) > FormFit.GAP_BRIDGED) {
      scale.against(-3, Plain.RIGID_GAP);
    }
    if (nail.freeEdge() < HOLDS_A_FORM_FROM) {
      scale.add(-3, Plain.NO_EDGE_FOR_A_RIGID_FORM);
    }
    return scale.option();
  }

  private static Option freeHand(Nail nail, double extension, Product product, Schools schools) {
    Scale scale = new Scale(BuildWay.FREE_HAND);
    if (!product.standsFree()) {
      return scale.out(new WayReason.Runs(product));
    }
    if (extension > nail.overhang() + BuildWay.FREE_HAND_BEYOND_FINGERTIP) {
      return scale.out(Plain.TOO_LONG_FOR_FREE_HAND);
    }
    scale.add(1, Plain.SHORT_ENOUGH_FOR_FREE_HAND);
    if (nail.condition().has(PlateFinding.BITTEN)) {
      if (schools.bitten() == FreeHandOrForms.FREE_HAND) {
        scale.add(6, Plain.BITTEN_FREE_HAND);
      } else {
        scale.add(2, Plain.BITTEN_SALON_TAKES_FORMS);
      }
    }
    return scale.option();
  }

  /** Adds up what speaks for and against one way. */
  private static final class Scale {
    private record Weighed(int points, WayReason reason) {}

    private final BuildWay way;
    private final List<Weighed> reasons = new ArrayList<>();
    private Optional<WayReason> against = Optional.empty();

    Scale(BuildWay way) {
      this.way = way;
    }

    Option add(int points, WayReason reason) {
      reasons.add(new Weighed(points, reason));
      return option();
    }

    /** What makes this nail no nail for it; the first one said counts. */
    void against(int points, WayReason reason) {
      add(points, reason);
      against = against.or(() -> Optional.of(reason));
    }

    Option out(WayReason reason) {
      return new Option(way, false, Optional.empty(), OUT, List.of(reason));
    }

    Option option() {
      return new Option(
          way,
          true,
          against,
          reasons.stream().mapToInt(Weighed::points).sum(),
          reasons.stream()
              .sorted(Comparator.comparingInt((Weighed r) -> -Math.abs(r.points())))
              .map(Weighed::reason)
              .toList());
    }
  }
}
