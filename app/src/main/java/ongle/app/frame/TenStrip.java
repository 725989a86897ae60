package ongle.app.frame;

import java.util.List;
import java.util.Map;
import ongle.app.drawing.Scene;
import ongle.app.drawing.TenDrawing;
import ongle.app.planning.PlannedSet;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.TipPick;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;

/**
 * The ten, in the order the person looking sees them, each with the figure that matters at this
 * stage.
 */
public record TenStrip(List<Cell> cells, String meaning) {

  /**
   * One nail of the strip.
   *
   * @param key that picks it: 1 to 9, then 0
   * @param figure what it shows at this stage
   * @param state estimated, warn, stop or empty
   * @param gapBefore whether the other hand begins here
   */
  public record Cell(
      Finger finger,
      String key,
      String figure,
      String state,
      boolean chosen,
      boolean gapBefore,
      Scene scene) {}

  /**
   * The same with figures of the caller's for the nails that are built on.
   *
   * @param figures by finger; what is missing shows nothing
   */
  TenStrip with(Map<Finger, String> figures) {
    return new TenStrip(
        cells.stream()
            .map(
                cell ->
                    cell.state().equals("stop")
                        ? cell
                        : new Cell(
                            cell.finger(),
                            cell.key(),
                            figures.getOrDefault(cell.finger(), ""),
                            cell.state(),
                            cell.chosen(),
                            cell.gapBefore(),
                            cell.scene()))
            .toList(),
        meaning);
  }

  static TenStrip of(PlannedSet planned, Stage stage, Finger chosen, Seat seat) {
    List<Finger> order = Finger.asSeenFrom(seat);
    List<NailPlan> plans = planned.inOrder(order);
    List<Cell> cells =
        java.util.stream.IntStream.range(0, order.size())
            .mapToObj(
                i -> {
                  NailPlan plan = plans.get(i);
                  return new Cell(
                      order.get(i),
                      String.valueOf((i + 1) % 10),
                      plan.stopped() ? "stop" : figure(planned, plan, stage),
                      plan.stopped() ? "stop" : state(planned, plan, stage),
                      order.get(i) == chosen,
                      i == 5,
                      TenDrawing.cell(plan, plans, seat));
                })
            .toList();
    return new TenStrip(cells, meaning(stage));
  }

  private static String meaning(Stage stage) {
    return Words.of(stage, "strip");
  }

  private static String figure(PlannedSet planned, NailPlan plan, Stage stage) {
    return switch (stage) {
      case MEASURE -> Numbers.format(plan.nail().width(), 1);
      case FIT ->
          switch (plan.fit().way()) {
            case TIP ->
                plan.fit().tip().map(TipPick::number).orElseGet(() -> Words.say("sets.none"));
            case FORM, REUSABLE_FORM ->
                plan.fit()
                    .form()
                    .map(pick -> Words.say("fit.takes.form", "number", pick.number()))
                    .orElseGet(() -> Words.say("sets.none"));
            case FREE_HAND, OVERLAY -> Words.of(plan.fit().way());
          };
      case SHAPE -> Numbers.format(plan.extension(), 1);
      case STRUCTURE, CHECK, SHEET, WEAR ->
          Numbers.format(plan.build().profile().apexThickness(), 2);
      case BENCH -> Numbers.format(plan.appliedVolume(), 0);
    };
  }

  private static String state(PlannedSet planned, NailPlan plan, Stage stage) {
    return switch (stage) {
      case MEASURE ->
          planned.readings().of(plan.nail().finger(), Quantity.WIDTH).measured() ? "" : "estimated";
      case FIT -> plan.fit().suits() ? "" : "warn";
      case SHAPE -> plan.readsAsShape() && !plan.length().set().caps() ? "" : "warn";
      case STRUCTURE, BENCH, CHECK, SHEET, WEAR ->
          Interval.OfFinger.of(plan).notAdvised() ? "warn" : "";
    };
  }
}
