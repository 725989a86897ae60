package ongle.app.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WayReason;
import ongle.core.fitting.WhichWay;
import ongle.core.plan.Contraindication;
import ongle.core.plan.NailPlan;

/**
 * What a finger is fitted with, in words.
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
      Contraindication.Why why = plan.stop().orElseThrow().why();
      return new FitWords(
          Words.say("fit.stopped"), true, List.of(Words.of(why), Words.of(why, "instead")));
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
    Object lead = plan.fit().lead();
    if (plan.item().adjustments().way().isPresent()) {
      return Optional.of(Words.say("fit.departs.by-hand", "lead", lead));
    }
    return Optional.of(
        plan.fit()
            .whyDeparts()
            .map(why -> Words.say("fit.departs.because", "lead", lead, "why", why))
            .orElseGet(() -> Words.say("fit.departs.twin", "lead", lead)));
  }

  /** To what the natural edge is shortened first. */
  private static Optional<String> shortening(NailPlan plan) {
    return plan.shortenedBy() < 0.05
        ? Optional.empty()
        : Optional.of(
            Words.say(
                "fit.shorten-first",
                "from",
                plan.item().nail().freeEdge(),
                "to",
                plan.nail().freeEdge()));
  }

  private static FitWords ofWay(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP ->
          plan.fit()
              .tip()
              .map(FitWords::tip)
              .orElseGet(() -> new FitWords(Words.say("fit.tip.none"), true, List.of(noTip(plan))));
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(pick -> form(plan, pick))
              .orElseGet(() -> new FitWords(Words.say("fit.form.none"), true, reasons(plan)));
      case FREE_HAND -> freeHand(plan);
      case OVERLAY -> new FitWords(Words.say("fit.overlay"), false, overlay(plan));
    };
  }

  private static String noTip(NailPlan plan) {
    return Words.of(
        plan.fit()
            .sizing()
            .flatMap(TipSizing::noFit)
            .<WayReason>map(WayReason.NoTip::new)
            .orElse(WayReason.Plain.NO_TIPS_AT_HAND));
  }

  private static List<String> reasons(NailPlan plan) {
    return plan.fit().ways().of(plan.fit().way()).reasons().stream().map(Words::of).toList();
  }

  private static List<String> overlay(NailPlan plan) {
    List<String> steps = new ArrayList<>();
    steps.add(Words.say("fit.overlay.file"));
    steps.add(Words.say("fit.overlay.cap"));
    if (WhichWay.wide(plan.nail())) {
      steps.add(Words.say("fit.overlay.wide", "bare", BARE_SIDES));
    }
    return steps;
  }

  /** What to lay out for this finger, in a word or two. */
  public static String takes(NailPlan plan) {
    return switch (plan.fit().way()) {
      case TIP ->
          plan.fit()
              .tip()
              .map(pick -> Words.say("fit.takes.tip", "number", pick.number()))
              .orElseGet(() -> Words.say("fit.takes.no-tip"));
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(
                  pick ->
                      Words.say(
                          pick.kit().rigid() ? "fit.takes.reusable" : "fit.takes.form",
                          "number",
                          pick.number()))
              .orElseGet(() -> Words.say("fit.takes.no-form"));
      case FREE_HAND, OVERLAY -> Words.of(plan.fit().way());
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
      case TIP ->
          plan.fit()
              .tip()
              .map(pick -> work(pick.fit()))
              .orElseGet(() -> Words.say("fit.work.on-a-form"));
      case FORM, REUSABLE_FORM ->
          plan.fit()
              .form()
              .map(pick -> work(pick.fit()))
              .orElseGet(() -> Words.say("fit.work.another-way"));
      case FREE_HAND -> Words.say("fit.work.free-hand");
      case OVERLAY -> Words.say("fit.work.overlay");
    };
  }

  private static String work(FormFit fit) {
    List<String> parts = new ArrayList<>();
    if (fit.cutDepth() > 0) {
      parts.add(Words.say("fit.work.cut", "depth", fit.cutDepth()));
    }
    if (fit.sides() != FormFit.Sides.AS_THEY_ARE) {
      parts.add(Words.of(fit.sides(), "short"));
    }
    parts.add(Words.say("fit.work.tilt", "tilt", fit.tilt()));
    parts.add(Words.say("fit.work.mark", "mark", fit.buildToMark()));
    return String.join(", ", parts);
  }

  private static String work(TipFit fit) {
    List<String> parts = new ArrayList<>();
    parts.add(
        switch (fit.verdict()) {
          case FITS -> Words.say("fit.work.as-it-is");
          case FILE -> Words.say("fit.work.file", "each", fit.filePerSide());
          case TOO_SMALL, TOO_LARGE -> Words.of(fit.verdict());
        });
    if (fit.wellCutBack() > 0) {
      parts.add(Words.say("fit.work.well", "back", fit.wellCutBack()));
    }
    parts.add(Words.say("fit.work.cut", "depth", fit.cutAt()));
    return String.join(", ", parts);
  }

  private static FitWords tip(TipPick pick) {
    TipFit fit = pick.fit();
    String number = fit.tip().number();
    String headline =
        switch (fit.verdict()) {
          case FITS -> Words.say("fit.tip.fits", "number", number);
          case FILE -> Words.say("fit.tip.file", "number", number, "each", fit.filePerSide());
          case TOO_SMALL -> Words.say("fit.tip.too-small", "number", number, "bare", -fit.slack());
          case TOO_LARGE -> Words.say("fit.tip.too-large", "number", number, "over", fit.slack());
        };
    List<String> steps = new ArrayList<>();
    steps.add(Words.say("fit.tip.slack", "slack", fit.slack(), "seating", fit.seating()));
    if (fit.wellCutBack() > 0) {
      steps.add(Words.say("fit.tip.well", "back", fit.wellCutBack()));
    }
    steps.add(Words.say("fit.tip.cut", "at", fit.cutAt(), "reserve", TipFit.CUT_RESERVE));
    if (fit.tooShortBy() > 0) {
      steps.add(Words.say("fit.tip.too-short", "by", fit.tooShortBy()));
    }
    steps.add(blank(pick));
    if (!pick.inStock()) {
      steps.add(0, Words.say("fit.tip.used-up.but", "headline", headline));
      headline = Words.say("fit.tip.used-up", "number", number);
    }
    boolean onlyTheCurveFights = fit.verdict().usable() && fit.seating() == TipFit.Seating.FIGHTS;
    if (onlyTheCurveFights) {
      steps.add(0, Words.say("fit.tip.fights.but", "headline", headline));
      headline = Words.say("fit.tip.fights", "number", number);
      steps.add(Words.say("fit.tip.fights.instead"));
    }
    return new FitWords(headline, !pick.suits(), steps);
  }

  private static String blank(TipPick pick) {
    if (!pick.blank().covers()) {
      return Words.say(
          "fit.blank.narrow", "shape", pick.kit().outline(), "bare", pick.blank().bare());
    }
    return pick.toFile() < 1
        ? Words.say("fit.blank.shaped")
        : Words.say("fit.blank.to-file", "area", pick.toFile());
  }

  private static FitWords form(NailPlan plan, FormPick pick) {
    FormFit fit = pick.fit();
    List<String> steps = new ArrayList<>();
    steps.add(Words.say("fit.form.from", "kit", pick.kit().label()));
    String headline =
        Words.say(
            fit.cutDepth() > 0 ? "fit.form.cut" : "fit.form.sits",
            "rigid",
            fit.form().rigid(),
            "number",
            fit.form().number(),
            "depth",
            fit.cutDepth());
    if (fit.gapInMiddle() > FormFit.GAP_BRIDGED) {
      steps.add(Words.say("fit.form.gap-in-middle", "gap", fit.gapInMiddle()));
    }
    if (fit.gapAtSides() > FormFit.GAP_BRIDGED) {
      steps.add(Words.say("fit.form.gap-at-sides", "gap", fit.gapAtSides()));
    }
    steps.add(sides(fit));
    steps.add(
        Words.say(
            "fit.form.tilt",
            "turn",
            tilt(fit.tilt()),
            "shape",
            plan.arches().formTilt(),
            "plate",
            plan.nail().growthPitch()));
    if (fit.aim() != 0) {
      steps.add(Words.say("fit.form.aim", "turn", aim(fit.aim())));
    }
    steps.add(
        Words.say(
            "fit.form.mark",
            "mark",
            fit.buildToMark(),
            "length",
            plan.extension(),
            "reserve",
            FormFit.RESERVE));
    if (fit.closeBeyond().isPresent()) {
      steps.add(Words.say("fit.form.close", "beyond", fit.closeBeyond().getAsDouble()));
    } else if (!fit.form().rigid()) {
      steps.add(Words.say("fit.form.open"));
    }
    if (fit.tooShortBy() > 0) {
      steps.add(Words.say("fit.form.too-short", "by", fit.tooShortBy()));
    }
    if (fit.tooNarrow()) {
      steps.add(Words.say("fit.form.too-narrow"));
    }
    return new FitWords(headline, !fit.suits(), steps);
  }

  private static String sides(FormFit fit) {
    return switch (fit.sides()) {
      case AS_THEY_ARE -> Words.say("fit.sides.as-they-are");
      case RELIEF_CUTS ->
          fit.widthOff() > FormFit.WIDTH_WITHIN
              ? Words.say("fit.sides.wider", "off", fit.widthOff(), "sides", fit.sides())
              : Words.say("fit.sides.fan", "sides", fit.sides());
      case NOTCHES -> Words.say("fit.sides.narrower", "off", -fit.widthOff(), "sides", fit.sides());
    };
  }

  private static FitWords freeHand(NailPlan plan) {
    boolean possible = plan.fit().ways().of(plan.fit().way()).possible();
    return new FitWords(
        Words.say("fit.free-hand", "length", plan.extension()),
        !possible,
        possible
            ? List.of(Words.say("fit.free-hand.mix"), Words.say("fit.free-hand.lay"))
            : reasons(plan));
  }

  /** How a form is tilted against the plate. */
  static String tilt(double degrees) {
    return angle(degrees, "fit.angle.up", "fit.angle.down");
  }

  /** How a form is turned against the nail. */
  static String aim(double degrees) {
    return angle(degrees, "fit.angle.to-little-finger", "fit.angle.to-thumb");
  }

  /** A turn and which way; straight on where there is none. */
  private static String angle(double degrees, String plus, String minus) {
    return degrees == 0
        ? Words.say("fit.angle.straight")
        : Words.say(degrees > 0 ? plus : minus, "degrees", Math.abs(degrees));
  }
}
