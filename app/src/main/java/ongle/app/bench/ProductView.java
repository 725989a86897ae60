package ongle.app.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.Scene;
import ongle.app.visits.PlannedVisit;
import ongle.app.words.BenchWords;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.FingerJob;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Need;
import ongle.core.portion.Portion;
import org.jspecify.annotations.Nullable;
import org.springframework.ui.Model;

/** What each nail takes of which product, and what of that is on the shelf. */
final class ProductView {
  private ProductView() {}

  /**
   * What one nail takes.
   *
   * @param scene null where nothing is laid
   * @param old what becomes of what is on it
   * @param job what is done on it
   * @param recipe it takes
   * @param layers of it in words
   * @param thin what to do where they leave too little body; null where they do not
   */
  record NailRow(
      Finger finger,
      Scene scene,
      String volume,
      String zones,
      List<String> doses,
      String laid,
      List<String> old,
      FingerJob job,
      Recipe recipe,
      String layers,
      @Nullable String thin) {}

  /**
   * What the set takes of one material.
   *
   * @param shelf what the shelf says to it
   * @param good whether it is all there, or not counted
   */
  record AmountRow(String label, String amount, String shelf, boolean good, String cost) {}

  private static AmountRow amount(Need need, String currency) {
    return new AmountRow(
        Words.of(need.material()),
        BenchWords.amount(need.material(), need.amount()),
        BenchWords.shelf(need),
        need.standing().served(),
        currency.isEmpty() || need.cost().isEmpty()
            ? ""
            : BenchWords.money(need.cost().getAsDouble(), currency));
  }

  private static NailRow row(BenchPlan plan, NailPlan nail) {
    Finger finger = nail.nail().finger();
    Optional<Portion> portion = Optional.ofNullable(plan.portions().get(finger));
    List<String> old = new ArrayList<>();
    plan.removal(nail).map(BenchWords::removal).ifPresent(old::add);
    Optional.ofNullable(plan.infills().get(finger)).map(BenchWords::infill).ifPresent(old::add);
    return new NailRow(
        finger,
        portion.map(laid -> PortionDrawing.of(nail, laid)).orElse(null),
        portion
            .map(laid -> Words.say("drawing.portions.about", "volume", laid.applied().total()))
            .orElse(""),
        portion.map(BenchWords::zones).orElse(""),
        portion.map(BenchWords::doses).orElse(List.of()),
        portion
            .map(laid -> BenchWords.portion(laid) + " · " + BenchWords.cure(plan, nail))
            .orElse(""),
        old,
        plan.wish().job(finger),
        plan.wish().recipes().getOrDefault(finger, plan.wish().recipe()),
        BenchWords.layers(plan.recipe(nail)),
        plan.bodyTooThin(nail)
            ? Words.say(
                "bench.body-too-thin",
                "body",
                Math.max(0, plan.body(nail)),
                "least",
                BenchPlan.LEAST_BODY,
                "besides",
                plan.recipe(nail).besidesBody())
            : null);
  }

  static void show(PlannedVisit desk, List<Need> needs, String currency, Seat seat, Model model) {
    BenchPlan plan = desk.plan();
    List<NailRow> rows =
        desk.planned().inOrder(Finger.asSeenFrom(seat)).stream()
            .filter(nail -> !nail.stopped())
            .map(nail -> row(plan, nail))
            .toList();
    model.addAttribute("rows", rows);
    model.addAttribute("amounts", needs.stream().map(need -> amount(need, currency)).toList());
    model.addAttribute(
        "cost",
        currency.isEmpty() || needs.isEmpty()
            ? ""
            : BenchWords.money(
                needs.stream().mapToDouble(need -> need.cost().orElse(0)).sum(), currency));
    model.addAttribute("unpriced", needs.stream().anyMatch(need -> need.cost().isEmpty()));
    Collection<Portion> laid = plan.portions().values();
    model.addAttribute(
        "together",
        laid.isEmpty()
            ? ""
            : Numbers.format(
                    laid.stream().mapToDouble(each -> each.applied().total()).sum() / 1000, 2)
                + " ml, "
                + Numbers.format(laid.stream().mapToDouble(Portion::mass).sum(), 2)
                + " g");
    if (laid.stream().anyMatch(each -> each.product().setsByItself())) {
      model.addAttribute("setting", BenchWords.setting(plan.wish()));
    }
  }
}
