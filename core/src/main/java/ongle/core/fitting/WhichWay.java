package ongle.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
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
   * @param whyNone and what instead; blank with a pick
   * @param fromLead whether it comes from the kit the set is fitted from
   */
  public record TipOffer(Optional<TipPick> pick, String whyNone, boolean fromLead) {}

  /**
   * One way.
   *
   * @param possible whether it can be gone at all
   * @param against why this nail does not take it well although it could be forced; empty when it
   *     does
   * @param points the more, the better
   * @param reasons for and against, the weightiest first; whole sentences
   */
  public record Option(
      BuildWay way, boolean possible, Optional<String> against, int points, List<String> reasons) {
    /** Whether this nail takes this way without a fight. */
    public boolean takes() {
      return possible && against.isEmpty();
    }

    /** Why it is not gone, in a sentence; empty when it could be. */
    public Optional<String> whyNot() {
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

  /**
   * What a wide plate asks of shape, length and colour; one sentence or two.
   *
   * @param mayBeLonger whether this client's nails can and may be
   */
  public static String adviceForWide(boolean mayBeLonger) {
    return "A narrowing shape first; "
        + (mayBeLonger
            ? String.format(
                Locale.ROOT, "up to %.1f mm more length; ", LengthWish.SLENDERNESS_CORRECTION)
            : "")
        + "darker colour or slanting lines rather than pale or crosswise.";
  }

  private static Option overlay(boolean natural) {
    Scale scale = new Scale(BuildWay.OVERLAY);
    return natural
        ? scale.add(20, "The natural nail is as long as wanted: strengthen it, build nothing on.")
        : scale.out("It does not lengthen: the natural nail ends before the wanted length.");
  }

  private static Option nothing(BuildWay way) {
    return new Scale(way).out("Nothing to lengthen.");
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
      return scale.out("The blanks are too short for this length.");
    }
    if (extension - grown < WORTH_A_TIP_FROM) {
      return scale.out("Too little beyond the natural nail for a tip.");
    }
    if (fit.verdict() == TipFit.Verdict.FITS) {
      scale.add(4, "A size fits as it is.");
    } else {
      scale.add(2, "A size fits once its sides are filed.");
    }
    switch (fit.seating()) {
      case SEATS -> scale.add(2, "Its curve seats by itself.");
      case HELD -> scale.add(0, "It has to be held until it is fixed.");
      case FIGHTS -> scale.against(-8, "Its curve fights the plate and will spring off.");
    }
    if (!pick.blank().covers()) {
      scale.against(-6, "The blank is narrower than the wanted outline.");
    } else if (pick.blank().toFile() < NEARLY_SHAPED) {
      scale.add(1, "The blank has nearly the wanted outline.");
    }
    if (barrel - fit.tip().crossCurve().depthRatio() > FLATTER_WITHIN) {
      scale.against(-5, "The tip is much flatter than this shape's barrel.");
    }
    if (!offer.fromLead()) {
      scale.add(-1, "From another kit than the rest of the set: " + pick.kit().label() + ".");
    }
    if (schools.tipsOrForms() == TipsOrForms.TIPS) {
      scale.add(3, "Your salon takes tips where they fit.");
    }
    if (nail.growthPitch() <= -DROOPS_FROM) {
      scale.against(-4, "A tip goes on in the plate's line and would droop with it.");
    }
    if (Math.abs(nail.lean()) >= LEANS_FROM) {
      scale.against(-4, "A tip leans with the nail.");
    }
    if (nail.condition().has(PlateFinding.BITTEN)) {
      scale.against(-3, "The bitten plate leaves the well little to hold on.");
    }
    if (nail.condition().delicate()) {
      scale.add(-2, "Blending the well files on a " + nail.condition().label() + " plate.");
    }
    if (wide(nail)) {
      scale.add(-1, "On a wide plate a form narrows the outline more easily.");
    }
    return scale.option();
  }

  private static Option form(Nail nail, Schools schools, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.FORM);
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
      scale.add(3, "Your salon takes forms wherever they hold.");
    }
    return scale.option();
  }

  private static Option reusable(Nail nail, Optional<FormPick> pick) {
    Scale scale = new Scale(BuildWay.REUSABLE_FORM);
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
      scale.against(-4, "Its mouth is not this nail's width, and it cannot be cut.");
    }
    if (Math.max(fit.gapAtSides(), fit.gapInMiddle()) > FormFit.GAP_BRIDGED) {
      scale.against(-3, "It cannot be cut to the edge: a gap stays open.");
    }
    if (nail.freeEdge() < HOLDS_A_FORM_FROM) {
      scale.add(-3, "There is hardly a free edge for it to sit under.");
    }
    return scale.option();
  }

  private static Option freeHand(Nail nail, double extension, Product product, Schools schools) {
    Scale scale = new Scale(BuildWay.FREE_HAND);
    if (!product.standsFree()) {
      return scale.out("Only stiff acrylic stands by itself; " + product.label() + " runs.");
    }
    if (extension > nail.overhang() + BuildWay.FREE_HAND_BEYOND_FINGERTIP) {
      return scale.out("Too long to stand without anything under it.");
    }
    scale.add(1, "Short enough for stiff acrylic, mixed drier.");
    if (nail.condition().has(PlateFinding.BITTEN)) {
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
    private Optional<String> against = Optional.empty();

    Scale(BuildWay way) {
      this.way = way;
    }

    Option add(int points, String reason) {
      reasons.add(new Reason(points, reason));
      return option();
    }

    /** What makes this nail no nail for it; the first one said counts. */
    void against(int points, String reason) {
      add(points, reason);
      against = against.or(() -> Optional.of(reason));
    }

    Option out(String reason) {
      return new Option(way, false, Optional.empty(), OUT, List.of(reason));
    }

    Option option() {
      return new Option(
          way,
          true,
          against,
          reasons.stream().mapToInt(Reason::points).sum(),
          reasons.stream()
              .sorted(Comparator.comparingInt((Reason r) -> -Math.abs(r.points())))
              .map(Reason::text)
              .toList());
    }
  }
}
