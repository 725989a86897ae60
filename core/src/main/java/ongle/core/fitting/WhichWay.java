package ongle.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;

/**
 * The ways to build one nail, ranked with the reasons. Nothing is hidden: a way that cannot be gone
 * is ranked last and says why. The weights are planning figures of our own.
 *
 * @param ranked all ways, the best first
 */
public record WhichWay(List<Option> ranked) {
  /** A plate this much wider than long is wide, ratio. */
  public static final double WIDE_FROM = 1.05;

  /** A plate that grows down this far takes a form better than a tip, degrees. */
  public static final double DROOPS_FROM = 5;

  /** A nail that leans this far takes a form better than a tip, degrees. */
  public static final double LEANS_FROM = 4;

  /** A form needs at least this much free edge to sit under, mm. */
  public static final double HOLDS_A_FORM_FROM = 0.3;

  /** Less than this to file away counts as nearly shaped, mm². */
  private static final double NEARLY_SHAPED = 6;

  private static final int OUT = -1000;
  private static final int SCHOOL = 3;

  /**
   * The tip that would be taken.
   *
   * @param pick empty when none can be
   * @param whyNone and what instead; blank with a pick
   * @param fromLead whether it comes from the kit the set is fitted from
   */
  public record TipOffer(Optional<TipPick> pick, String whyNone, boolean fromLead) {}

  /**
   * One way.
   *
   * @param possible whether it can be gone at all
   * @param points the more, the better
   * @param reasons for and against, the weightiest first; whole sentences
   */
  public record Option(BuildWay way, boolean possible, int points, List<String> reasons) {}

  /**
   * @param extension mm beyond the stress line
   * @param product to build with
   * @param schools of the salon where either would do
   * @param tip the tip that would be taken, or why none can be
   * @param paper the best paper form in stock; empty when there is none
   * @param rigid the best reusable form; empty when there is none
   */
  public static WhichWay of(
      Nail nail,
      double extension,
      Product product,
      Schools schools,
      TipOffer tip,
      Optional<FormPick> paper,
      Optional<FormPick> rigid) {
    List<Option> all = new ArrayList<>();
    all.add(overlay(nail, extension));
    all.add(tip(nail, extension, schools, tip));
    all.add(form(nail, extension, schools, paper));
    all.add(reusable(nail, extension, rigid));
    all.add(freeHand(nail, extension, product, schools));
    return new WhichWay(
        all.stream().sorted(Comparator.comparingInt(Option::points).reversed()).toList());
  }

  public Option best() {
    return ranked.get(0);
  }

  public Option of(BuildWay way) {
    return ranked.stream().filter(option -> option.way() == way).findFirst().orElseThrow();
  }

  /** Whether the plate is wide; a bitten one is short instead, which asks for other things. */
  public static boolean wide(Nail nail) {
    return nail.condition() != PlateCondition.BITTEN
        && nail.width() >= WIDE_FROM * nail.plateLength();
  }

  /** What a wide plate asks of shape, length and colour; one sentence or two. */
  public static String adviceForWide() {
    return String.format(
        Locale.ROOT,
        "A narrowing shape first; up to %.1f mm more length; darker colour or slanting lines rather than pale or crosswise.",
        LengthWish.SLENDERNESS_CORRECTION);
  }

  private static Option overlay(Nail nail, double extension) {
    Scale scale = new Scale(BuildWay.OVERLAY);
    if (extension > nail.freeEdge()) {
      return scale.out("It does not lengthen: the natural nail ends before the wanted length.");
    }
    return scale.add(20, "The natural nail is as long as wanted: strengthen it, build nothing on.");
  }

  private static Option tip(Nail nail, double extension, Schools schools, TipOffer offer) {
    Scale scale = new Scale(BuildWay.TIP);
    if (extension <= nail.freeEdge()) {
      return scale.out("Nothing to lengthen.");
    }
    if (offer.pick().isEmpty()) {
      return scale.out(offer.whyNone());
    }
    TipPick pick = offer.pick().get();
    TipFit fit = pick.fit();
    if (fit.tooShortBy() > 0) {
      return scale.out("The blanks are too short for this length.");
    }
    if (fit.verdict() == TipFit.Verdict.FITS) {
      scale.add(4, "A size fits as it is.");
    } else {
      scale.add(2, "A size fits once its sides are filed.");
    }
    switch (fit.seating()) {
      case SEATS -> scale.add(2, "Its curve seats by itself.");
      case HELD -> scale.add(0, "It has to be held until it is fixed.");
      case FIGHTS -> scale.add(-8, "Its curve fights the plate and will spring off.");
    }
    if (!pick.blank().covers()) {
      scale.add(-6, "The blank is narrower than the wanted outline.");
    } else if (pick.blank().toFile() < NEARLY_SHAPED) {
      scale.add(1, "The blank has nearly the wanted outline.");
    }
    if (!offer.fromLead()) {
      scale.add(-1, "From another kit than the rest of the set: " + pick.kit().label() + ".");
    }
    if (schools.tipsOrForms() == TipsOrForms.TIPS) {
      scale.add(SCHOOL, "Your salon takes tips where they fit.");
    }
    if (nail.growthPitch() <= -DROOPS_FROM) {
      scale.add(-4, "A tip goes on in the plate's line and would droop with it.");
    }
    if (Math.abs(nail.lean()) >= LEANS_FROM) {
      scale.add(-4, "A tip leans with the nail.");
    }
    if (nail.condition() == PlateCondition.BITTEN) {
      scale.add(-3, "The bitten plate leaves the well little to hold on.");
    }
    if (nail.condition() == PlateCondition.THIN || nail.condition() == PlateCondition.DAMAGED) {
      scale.add(-2, "Blending the well files on a " + nail.condition().label() + " plate.");
    }
    if (wide(nail)) {
      scale.add(-1, "On a wide plate a form narrows the outline more easily.");
    }
    return scale.option();
  }

  private static Option form(
      Nail nail, double extension, Schools schools, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.FORM);
    if (extension <= nail.freeEdge()) {
      return scale.out("Nothing to lengthen.");
    }
    if (pick.isEmpty()) {
      return scale.out("No paper form is left.");
    }
    FormFit fit = pick.get().fit();
    if (fit.tooShortBy() > 0) {
      return scale.out("The form's sheet is too short for this length.");
    }
    if (fit.tooNarrow()) {
      return scale.out("The form's sheet is narrower than the nail.");
    }
    scale.add(5, "The mouth is cut to this nail's own edge.");
    if (nail.freeEdge() < HOLDS_A_FORM_FROM) {
      scale.add(-3, "There is hardly a free edge for the form to sit under.");
    }
    if (nail.skin() != SkinState.INTACT) {
      scale.add(-2, "A form presses on the torn skin at the growth points.");
    }
    if (fit.gapInMiddle() > FormFit.GAP_BRIDGED) {
      scale.add(-3, "The mouth is deeper than the edge: a gap stays in the middle.");
    }
    if (nail.growthPitch() <= -DROOPS_FROM) {
      scale.add(3, "It can be lifted where the plate grows down.");
    }
    if (Math.abs(nail.lean()) >= LEANS_FROM) {
      scale.add(3, "It can be set in line with the finger, not with the nail.");
    }
    if (wide(nail)) {
      scale.add(1, "It can be rolled narrower than the wide plate.");
    }
    if (schools.tipsOrForms() == TipsOrForms.FORMS) {
      scale.add(SCHOOL, "Your salon takes forms wherever they hold.");
    }
    return scale.option();
  }

  private static Option reusable(Nail nail, double extension, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.REUSABLE_FORM);
    if (extension <= nail.freeEdge()) {
      return scale.out("Nothing to lengthen.");
    }
    if (pick.isEmpty()) {
      return scale.out("There is no reusable form at hand.");
    }
    FormFit fit = pick.get().fit();
    if (fit.tooShortBy() > 0) {
      return scale.out("Longer than a reusable form carries.");
    }
    scale.add(3, "Quick to set for a few millimetres.");
    if (nail.skin() != SkinState.INTACT) {
      scale.add(-2, "Its rigid mouth presses on the torn skin.");
    }
    if (fit.sides() != FormFit.Sides.AS_THEY_ARE) {
      scale.add(-4, "Its mouth is not this nail's width, and it cannot be cut.");
    }
    if (Math.max(fit.gapAtSides(), fit.gapInMiddle()) > FormFit.GAP_BRIDGED) {
      scale.add(-3, "It cannot be cut to the edge: a gap stays open.");
    }
    if (nail.freeEdge() < HOLDS_A_FORM_FROM) {
      scale.add(-3, "There is hardly a free edge for it to sit under.");
    }
    return scale.option();
  }

  private static Option freeHand(Nail nail, double extension, Product product, Schools schools) {
    Scale scale = new Scale(BuildWay.FREE_HAND);
    if (extension <= nail.freeEdge()) {
      return scale.out("Nothing to lengthen.");
    }
    if (!product.standsFree()) {
      return scale.out("Only stiff acrylic stands by itself; " + product.label() + " runs.");
    }
    if (extension > nail.overhang() + BuildWay.FREE_HAND_BEYOND_FINGERTIP) {
      return scale.out("Too long to stand without anything under it.");
    }
    scale.add(1, "Short enough for stiff acrylic, mixed drier.");
    if (nail.condition() == PlateCondition.BITTEN) {
      if (schools.bitten() == FreeHandOrForms.FREE_HAND) {
        scale.add(6, "Behind the skin wall of a bitten nail nothing has to be pushed under.");
      } else {
        scale.add(2, "It would do behind the skin wall; your salon pushes a form under.");
      }
    }
    return scale.option();
  }

  /** Adds up what speaks for and against one way. */
  private static final class Scale {
    private record Reason(int points, String text) {}

    private final BuildWay way;
    private final List<Reason> reasons = new ArrayList<>();

    Scale(BuildWay way) {
      this.way = way;
    }

    Option add(int points, String reason) {
      reasons.add(new Reason(points, reason));
      return option();
    }

    Option out(String reason) {
      return new Option(way, false, OUT, List.of(reason));
    }

    Option option() {
      return new Option(
          way,
          true,
          reasons.stream().mapToInt(Reason::points).sum(),
          reasons.stream()
              .sorted(Comparator.comparingInt((Reason r) -> -Math.abs(r.points())))
              .map(Reason::text)
              .toList());
    }
  }
}
