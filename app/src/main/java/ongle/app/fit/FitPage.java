package ongle.app.fit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ongle.app.drawing.FitDrawing;
import ongle.app.drawing.FormDrawing;
import ongle.app.drawing.Scene;
import ongle.app.frame.SetPage;
import ongle.app.frame.Stage;
import ongle.app.planning.PlannedSet;
import ongle.app.words.FitWords;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import org.springframework.ui.Model;

/** What the fitting page shows of one finger: methods, kits, the rack, the drawings. */
final class FitPage {
  /** So few of a number are left that it is worth saying. */
  private static final int FEW = 10;

  private FitPage() {}

  /**
   * A kit tried on this nail, or leading the set.
   *
   * @param says how it does, in a few words
   */
  record KitChoice(String code, String label, String says, boolean chosen) {}

  /** One size of the kit in the rack. */
  record Rack(
      String number,
      String verdict,
      String slack,
      String pieces,
      boolean usable,
      boolean taken,
      boolean advised) {}

  /** One way to build this finger. */
  record Way(BuildWay way, boolean taken, boolean best, boolean possible, List<String> reasons) {}

  static void show(PlannedSet planned, Finger finger, Seat seat, Model model) {
    SetPage.show(planned, Stage.FIT, finger, seat, model);
    NailPlan plan = planned.of(finger);
    boolean chosen = planned.byHand(finger).way().isPresent();
    model.addAttribute("finger", finger);
    model.addAttribute("plan", plan);
    model.addAttribute("kits", kitsOf(plan));
    model.addAttribute(
        "kitShown", plan.fit().sizing().map(sizing -> sizing.kit().code()).orElse(""));
    model.addAttribute("leads", leads(planned));
    model.addAttribute("bittenSchools", FreeHandOrForms.values());
    model.addAttribute("bitten", planned.set().choices().schools().bitten());
    model.addAttribute("isBitten", plan.nail().condition().has(PlateFinding.BITTEN));
    model.addAttribute("verdict", FitWords.of(plan));
    model.addAttribute("byHand", planned.byHand(finger).tip().isPresent());
    model.addAttribute("wayByHand", chosen);
    model.addAttribute("ways", ways(plan));
    model.addAttribute("schools", TipsOrForms.values());
    model.addAttribute("school", planned.set().choices().schools().tipsOrForms());
    model.addAttribute("rack", plan.fit().way() == BuildWay.TIP ? rack(plan) : List.of());
    model.addAttribute("drawings", plan.stopped() ? List.of() : drawings(plan));
  }

  private static List<Way> ways(NailPlan plan) {
    BuildWay best = plan.fit().ways().best().way();
    return plan.fit().ways().ranked().stream()
        .map(
            option ->
                new Way(
                    option.way(),
                    option.way() == plan.fit().way(),
                    option.way() == best,
                    option.possible(),
                    option.reasons().stream().map(Words::of).toList()))
        .toList();
  }

  /** The kits on this nail, what to take first in front. */
  private static List<KitChoice> kitsOf(NailPlan plan) {
    Optional<String> taken = plan.fit().sizing().map(sizing -> sizing.kit().code());
    return plan.fit().kits().stream()
        .map(
            sizing ->
                new KitChoice(
                    sizing.kit().code(),
                    sizing.kit().label(),
                    says(sizing),
                    taken.filter(sizing.kit().code()::equals).isPresent()))
        .toList();
  }

  private static String says(TipSizing sizing) {
    return sizing
        .advised()
        .map(
            pick ->
                Words.say(
                    pick.suits()
                        ? "fit.kit.to-file"
                        : !pick.blank().covers()
                            ? "fit.kit.narrow"
                            : pick.fit().seating() == TipFit.Seating.FIGHTS
                                ? "fit.kit.fights"
                                : "fit.kit.short",
                    "number",
                    pick.number(),
                    "area",
                    pick.toFile()))
        .orElseGet(() -> Words.say("fit.kit.no-size"));
  }

  /** The kits for the whole set, the one with the least to file in front. */
  static List<KitChoice> leads(PlannedSet planned) {
    String chosen = planned.set().choices().kit().orElse(null);
    return planned.plan().kits().ranked().stream()
        .map(
            standing ->
                new KitChoice(
                    standing.kit().code(),
                    standing.kit().label(),
                    Words.say(
                        "fit.kit.suits", "nails", standing.suits(), "area", standing.toFile()),
                    standing.kit().code().equals(chosen)))
        .toList();
  }

  private static List<Rack> rack(NailPlan plan) {
    Optional<TipSizing> shown = plan.fit().sizing();
    return shown.map(sizing -> rack(plan, sizing)).orElse(List.of());
  }

  private static List<Rack> rack(NailPlan plan, TipSizing sizing) {
    return sizing.all().stream()
        .map(
            fit ->
                new Rack(
                    fit.tip().number(),
                    fit.verdict() == TipFit.Verdict.FILE
                        ? Words.say("drawing.file", "each", fit.filePerSide())
                        : Words.of(fit.verdict()),
                    Numbers.signed(fit.slack(), 2),
                    pieces(sizing, fit.tip().number()),
                    fit.verdict().usable() && sizing.kit().stock().has(fit.tip().number()),
                    plan.fit().tip().map(TipPick::fit).filter(fit::equals).isPresent(),
                    sizing.advised().map(TipPick::fit).filter(fit::equals).isPresent()))
        .toList();
  }

  /** Left of it, where counted and worth saying. */
  private static String pieces(TipSizing sizing, String number) {
    OptionalInt left = sizing.kit().stock().of(number);
    if (left.isEmpty() || left.getAsInt() > FEW) {
      return null;
    }
    return left.getAsInt() == 0
        ? Words.say("fit.kit.used-up")
        : Words.say("fit.pick.left", "left", left.getAsInt());
  }

  /** Across or from the side first, then from above. */
  private static List<Scene> drawings(NailPlan plan) {
    Optional<FormFit> form = plan.fit().form().map(FormPick::fit);
    if (form.isPresent()) {
      return List.of(
          FormDrawing.fromSide(plan, form.get()), FormDrawing.fromAbove(plan, form.get()));
    }
    // With no usable tip, the nearest one is drawn to show why.
    Optional<TipFit> tip =
        plan.fit().tip().map(TipPick::fit).or(() -> plan.fit().leadKit().map(TipSizing::nearest));
    if (plan.fit().way() == BuildWay.TIP && tip.isPresent()) {
      TipFit shown = tip.get();
      return List.of(FitDrawing.across(plan.nail(), shown), FitDrawing.fromAbove(plan, shown));
    }
    return List.of(FitDrawing.onTheNail(plan));
  }
}
