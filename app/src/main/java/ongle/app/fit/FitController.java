package ongle.app.fit;

import java.util.List;
import java.util.Optional;
import ongle.app.drawing.FitDrawing;
import ongle.app.drawing.Scene;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetPage;
import ongle.app.sets.SetReader;
import ongle.app.sets.Stage;
import ongle.app.web.Numbers;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipSizing;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Fitting: which tip for which finger, and what to do to it. */
@Controller
@RequestMapping("/sets/{id}/fit")
class FitController {
  private final SetReader reader;
  private final SetEditor editor;

  FitController(SetReader reader, SetEditor editor) {
    this.reader = reader;
    this.editor = editor;
  }

  /** One size of the kit in the rack. */
  record Rack(
      String number,
      String verdict,
      String slack,
      boolean usable,
      boolean taken,
      boolean advised) {}

  /**
   * The chosen finger's tip in words.
   *
   * @param headline what to do, first
   * @param steps what else, in order
   */
  record Verdict(String headline, boolean warn, List<String> steps) {}

  @GetMapping
  String page(
      @PathVariable long id,
      @RequestParam Optional<Finger> finger,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    show(reader.planned(id), SetPage.chosen(finger, seat), seat, model);
    return "fit/page";
  }

  /**
   * @param number of the tip to take; empty to go back to the advised one
   */
  @PostMapping("/{finger}/tip")
  String take(
      @PathVariable long id,
      @PathVariable Finger finger,
      @RequestParam(defaultValue = "") String number,
      @ModelAttribute("seat") Seat seat,
      Model model) {
    editor.takeTip(id, finger, Optional.of(number).filter(n -> !n.isBlank()));
    show(reader.planned(id), finger, seat, model);
    return "fit/page :: stage";
  }

  private static void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.FIT, finger, seat, model);
    NailPlan plan = planned.of(finger);
    TipSizing sizing = plan.sizing();
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("kit", planned.plan().wish().kit());
    model.addAttribute("verdict", verdict(plan));
    model.addAttribute("byHand", planned.set().nail(finger).adjustments().tipNumber().isPresent());
    model.addAttribute(
        "rack",
        sizing.all().stream()
            .map(
                fit ->
                    new Rack(
                        fit.tip().number(),
                        fit.verdict() == TipFit.Verdict.FILE
                            ? "file " + Numbers.format(fit.filePerSide(), 1) + " a side"
                            : fit.verdict().label(),
                        signed(fit.slack()),
                        fit.verdict().usable(),
                        plan.tip().filter(fit::equals).isPresent(),
                        sizing.advised().filter(fit::equals).isPresent()))
            .toList());
    // With no usable tip, the nearest one is drawn to show why.
    TipFit shown = plan.tip().orElseGet(() -> nearest(sizing));
    model.addAttribute("across", FitDrawing.across(plan.nail(), shown));
    Scene above = FitDrawing.fromAbove(plan, shown);
    model.addAttribute("above", above);
  }

  private static TipFit nearest(TipSizing sizing) {
    return sizing.all().stream()
        .min(java.util.Comparator.comparingDouble(fit -> Math.abs(fit.slack())))
        .orElseThrow();
  }

  private static Verdict verdict(NailPlan plan) {
    if (plan.stopped()) {
      return new Verdict("Not to be built on", true, plan.cautions());
    }
    if (plan.tip().isEmpty()) {
      return new Verdict(
          "No tip fits",
          true,
          plan.sizing().noFit().map(no -> List.of(no.advice())).orElse(List.of()));
    }
    TipFit fit = plan.tip().get();
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
    List<String> steps = new java.util.ArrayList<>();
    steps.add(
        "Slack " + signed(fit.slack()) + " mm along the curve; " + fit.seating().label() + ".");
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
    boolean onlyTheCurveFights = fit.verdict().usable() && fit.seating() == TipFit.Seating.FIGHTS;
    if (onlyTheCurveFights) {
      steps.add(0, headline + " in width.");
      headline = "Tip " + fit.tip().number() + " fights the plate's curve";
      steps.add("Take a kit of another curve, or build this one on a form.");
    }
    return new Verdict(headline, !fit.suits(), steps);
  }

  private static String signed(double slack) {
    String text = Numbers.format(slack, 2);
    return text.startsWith("-") ? text : "+" + text;
  }
}
