package ongle.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import ongle.app.drawing.LaneDrawing;
import ongle.app.words.BenchWords;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.NailOrder;
import ongle.core.bench.OrderChoice;
import ongle.core.schedule.Schedule;
import org.springframework.ui.Model;

/** How long the visit takes: the orders of nails to choose from, and who is at work when. */
final class TimeView {
  private TimeView() {}

  /** An order of nails to choose. */
  record OrderRow(NailOrder order, String time, String risk, boolean chosen, boolean advised) {}

  static void show(BenchPlan plan, Model model) {
    // The full search goes on beside the quick ones of the orders compared.
    CompletableFuture<Schedule> full =
        plan.refusals().isEmpty() ? CompletableFuture.supplyAsync(plan::schedule) : null;
    List<OrderChoice> all = OrderChoice.all(plan);
    List<OrderRow> rows = new ArrayList<>();
    for (OrderChoice choice : all) {
      rows.add(
          new OrderRow(
              choice.order(),
              BenchWords.minutes(choice.schedule().makespan()),
              BenchWords.risk(choice),
              choice.order() == plan.wish().schools().order(),
              rows.isEmpty()));
    }
    model.addAttribute("orders", rows);
    if (full != null) {
      Schedule schedule = full.join();
      model.addAttribute("lanes", LaneDrawing.of(plan, schedule));
      model.addAttribute("length", BenchWords.minutes(schedule.makespan()));
      model.addAttribute("idle", BenchWords.minutes(schedule.idle()));
      model.addAttribute("bound", BenchWords.minutes(schedule.lowerBound()));
    }
  }
}
