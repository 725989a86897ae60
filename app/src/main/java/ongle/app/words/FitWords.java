package ongle.app.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.app.web.Numbers;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Stop;

/**
 * What a finger is fitted with, in the salon's words.
 *
 * @param headline what to do, first
 * @param warn whether something speaks against it
 * @param steps what else, in order
 */
public record FitWords(String headline, boolean warn, List<String> steps) {

  /** What colour leaves free at each side of a wide plate, mm; a planning figure of our own. */
  private static final double BARE_SIDES = 0.5;

  public static FitWords of(NailPlan plan) {
    if (plan.stopped()) {
      Stop stop = plan.stop().orElseThrow();
      return new FitWords("Not to be built on", true, List.of(stop.caution(), stop.instead()));
    }
    FitWords own = ofWay(plan);
    List<String> steps = new ArrayList<>();
    departs(plan).ifPresent(steps::add);
    shortening(plan).ifPresent(steps::add);
    steps.addAll(own.steps());
    return new FitWords(own.headline(), own.warn(), steps);
  }

  /** Why this finger is built otherwise than the rest. */
  private static Optional<String> departs(NailPlan plan) {
    if (!plan.fit().departs()) {
      return Optional.empty();
    }
    String rest = "The rest of the set goes by " + plan.fit().lead().label() + "; ";
    return Optional.of(
        plan.item().adjustments().way().isPresent()
            ? rest + "this finger by hand."
            : rest + "here: " + plan.fit().whyDeparts().orElse("its twin cannot take it."));
  }

  /** To what the natural edge is shortened first. */
  private static Optional<String> shortening(NailPlan plan) {
    return plan.shortenedBy() < 0.05
        ? Optional.empty()
        : Optional.of(
            "Shorten the free edge from "
                + Numbers.mm(plan.item().nail().freeEdge())
                + " to "
                + Numbers.mm(plan.nail().freeEdge())
                + " first.");
  }

  private static FitWords ofWay(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP ->
          plan.fit()
              .tip()
              .map(FitWords::tip)
              .orElseGet(
                  () ->
                      new FitWords(
                          "No tip fits",
                          true,
                          plan.fit()
                              .sizing()
                              .flatMap(TipSizing::noFit)
                              .map(no -> List.of(no.advice()))
                              .orElse(List.of("There are no tips at hand."))));
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(pick -> form(plan, pick))
              .orElseGet(
                  () ->
                      new FitWords(
                          "No form is left",
                          true,
                          plan.fit().ways().of(plan.fit().way()).reasons()));
      case FREE_HAND -> freeHand(plan);
      case OVERLAY -> new FitWords("Overlay on the natural nail", false, overlay(plan));
    };
  }

  private static List<String> overlay(NailPlan plan) {
    List<String> steps = new ArrayList<>();
    steps.add("File the natural edge to its shape: it is the edge of the finished nail.");
    steps.add("Product to the very edge, and the edge capped.");
    if (WhichWay.wide(plan.nail())) {
      steps.add(
          "Wide plate: leave the sides bare by about "
              + Numbers.mm(BARE_SIDES)
              + " under the colour; dark or vivid rather than pale, lines along a diagonal.");
    }
    return steps;
  }

  /** What to lay out for this finger, in a word or two. */
  public static String takes(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP -> plan.fit().tip().map(pick -> "tip " + pick.number()).orElse("no tip fits");
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(pick -> (pick.kit().rigid() ? "reusable form " : "form ") + pick.number())
              .orElse("no form left");
      case FREE_HAND, OVERLAY -> plan.fit().way().label();
    };
  }

  /** What to do to it, on one line, with the kit it is from. */
  public static String work(NailPlan plan) {
    String kit =
        switch (plan.fit().way()) {
          case TIP -> plan.fit().tip().map(pick -> pick.kit().label() + ": ").orElse("");
          case FORM, REUSABLE_FORM ->
              plan.fit().form().map(pick -> pick.kit().label() + ": ").orElse("");
          case FREE_HAND, OVERLAY -> "";
        };
    return kit + toDo(plan);
  }

  private static String toDo(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP -> plan.fit().tip().map(pick -> work(pick.fit())).orElse("build on a form");
      case FORM, REUSABLE_FORM ->
          plan.fit().form().map(pick -> work(pick.fit())).orElse("choose another way");
      case FREE_HAND -> "stiff acrylic, drier mix";
      case OVERLAY -> "natural nail only";
    };
  }

  private static String work(FormFit fit) {
    String cut = fit.cutDepth() > 0 ? "cut " + Numbers.mm(fit.cutDepth()) + ", " : "";
    String sides = fit.sides() == FormFit.Sides.AS_THEY_ARE ? "" : sidesInShort(fit) + ", ";
    return cut
        + sides
        + "tilt "
        + signed(fit.tilt(), 0)
        + "°, mark "
        + Numbers.format(fit.buildToMark(), 1);
  }

  private static String sidesInShort(FormFit fit) {
    return fit.sides() == FormFit.Sides.RELIEF_CUTS ? "relief cuts" : "notches";
  }

  private static FitWords tip(TipPick pick) {
    TipFit fit = pick.fit();
    String headline =
        "Tip "
            + fit.tip().number()
            + switch (fit.verdict()) {
              case FITS -> " fits as it is";
              case FILE -> ": file " + Numbers.thickness(fit.filePerSide()) + " off each side";
              case TOO_SMALL ->
                  " is too small: " + Numbers.thickness(-fit.slack()) + " of the plate stay bare";
              case TOO_LARGE -> " is too large: " + Numbers.thickness(fit.slack()) + " lie on skin";
            };
    List<String> steps = new ArrayList<>();
    steps.add(
        "Slack " + signed(fit.slack(), 2) + " mm along the curve; " + fit.seating().label() + ".");
    if (fit.wellCutBack() > 0) {
      steps.add(
          "Cut the well back by "
              + Numbers.mm(fit.wellCutBack())
              + ": it would cover more than half of this plate.");
    }
    steps.add(
        "Cut the blank "
            + Numbers.mm(fit.cutAt())
            + " beyond the stress line, with "
            + Numbers.mm(TipFit.CUT_RESERVE)
            + " to file.");
    if (fit.tooShortBy() > 0) {
      steps.add(
          "The blank is "
              + Numbers.mm(fit.tooShortBy())
              + " too short for this length: shorten the wish, or build on a form.");
    }
    steps.add(blank(pick));
    if (!pick.inStock()) {
      steps.add(0, headline + " in size, and none is left of it.");
      headline = "Tip " + pick.number() + " is used up";
    }
    boolean onlyTheCurveFights = fit.verdict().usable() && fit.seating() == TipFit.Seating.FIGHTS;
    if (onlyTheCurveFights) {
      steps.add(0, headline + " in width.");
      headline = "Tip " + fit.tip().number() + " fights the plate's curve";
      steps.add("Take a kit of another curve, or build this one on a form.");
    }
    return new FitWords(headline, !pick.suits(), steps);
  }

  private static String blank(TipPick pick) {
    if (!pick.blank().covers()) {
      return "Its "
          + pick.kit().outline().label()
          + " blank is "
          + Numbers.mm(pick.blank().bare())
          + " a side narrower than the outline wanted: sculpt the sides on, or take another kit.";
    }
    return pick.toFile() < 1
        ? "Its blank already has the outline wanted."
        : "To file away: "
            + Numbers.format(pick.toFile(), 0)
            + " mm² of blank, sides and outline together.";
  }

  private static FitWords form(NailPlan plan, FormPick pick) {
    FormFit fit = pick.fit();
    List<String> steps = new ArrayList<>();
    steps.add("From " + pick.kit().label() + ".");
    String name = (fit.form().rigid() ? "Reusable form " : "Form ") + fit.form().number();
    String headline =
        fit.cutDepth() > 0
            ? name + ": cut the mouth " + Numbers.mm(fit.cutDepth()) + " deeper"
            : name + " sits as it is";
    if (fit.gapInMiddle() > FormFit.GAP_BRIDGED) {
      steps.add(
          "Its mouth is too deep: a gap of "
              + Numbers.mm(fit.gapInMiddle())
              + " stays under the middle of the free edge.");
    }
    if (fit.gapAtSides() > FormFit.GAP_BRIDGED) {
      steps.add(
          "It cannot be cut: a gap of "
              + Numbers.mm(fit.gapAtSides())
              + " stays at the growth points. A paper form closes it.");
    }
    steps.add(sides(fit));
    steps.add(
        "Set it "
            + angle(fit.tilt(), "up", "down")
            + " against the plate: the shape asks "
            + signed(plan.arches().formTilt(), 0)
            + "°, the plate grows "
            + signed(plan.nail().growthPitch(), 0)
            + "°.");
    if (fit.aim() != 0) {
      steps.add(
          "Turn it "
              + angle(fit.aim(), "to the little finger's side", "to the thumb's side")
              + ", in line with the finger, not with the nail.");
    }
    steps.add(
        "Build to mark "
            + Numbers.format(fit.buildToMark(), 1)
            + " ("
            + Numbers.mm(plan.extension())
            + " and "
            + Numbers.mm(FormFit.RESERVE)
            + " to file)"
            + (fit.closeBeyond().isPresent()
                ? "; close it "
                    + Numbers.mm(fit.closeBeyond().getAsDouble())
                    + " beyond the length."
                : fit.form().rigid() ? "." : "; leave it open at the tip."));
    if (fit.tooShortBy() > 0) {
      steps.add("It is " + Numbers.mm(fit.tooShortBy()) + " too short for this length.");
    }
    if (fit.tooNarrow()) {
      steps.add("Its sheet is narrower than this nail: take a wider one.");
    }
    return new FitWords(headline, !fit.suits(), steps);
  }

  private static String sides(FormFit fit) {
    return switch (fit.sides()) {
      case AS_THEY_ARE -> "Width: " + fit.sides().label() + ".";
      case RELIEF_CUTS ->
          fit.widthOff() > FormFit.WIDTH_WITHIN
              ? "The nail is "
                  + Numbers.mm(fit.widthOff())
                  + " wider than the mouth: "
                  + fit.sides().label()
                  + "."
              : "A fan-shaped nail: " + fit.sides().label() + ".";
      case NOTCHES ->
          "The nail is "
              + Numbers.mm(-fit.widthOff())
              + " narrower than the mouth: "
              + fit.sides().label()
              + ".";
    };
  }

  private static FitWords freeHand(NailPlan plan) {
    boolean possible = plan.fit().ways().of(plan.fit().way()).possible();
    return new FitWords(
        "Free-hand, " + Numbers.mm(plan.extension()) + " past the stress line",
        !possible,
        possible
            ? List.of(
                "Stiff acrylic, mixed drier than usual.",
                "Lay it on the plate and tease it out past the fingertip; it touches the plate only.")
            : plan.fit().ways().of(plan.fit().way()).reasons());
  }

  private static String work(TipFit fit) {
    String sides =
        switch (fit.verdict()) {
          case FITS -> "as it is";
          case FILE -> "file " + Numbers.format(fit.filePerSide(), 2) + " a side";
          case TOO_SMALL, TOO_LARGE -> fit.verdict().label();
        };
    String well = fit.wellCutBack() > 0 ? ", well −" + Numbers.mm(fit.wellCutBack()) : "";
    return sides + well + ", cut " + Numbers.mm(fit.cutAt());
  }

  /** A turn and which way; straight on where there is none. */
  static String angle(double degrees, String plus, String minus) {
    return degrees == 0
        ? "straight on"
        : Numbers.format(Math.abs(degrees), 0) + "° " + (degrees > 0 ? plus : minus);
  }

  /** With its sign in front, also when it is plus. */
  public static String signed(double value, int decimals) {
    String text = Numbers.format(value, decimals);
    return value <= 0 || text.startsWith("-") ? text : "+" + text;
  }
}
