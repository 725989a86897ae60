package ongle.app.bench;

import java.util.ArrayList;
import java.util.List;
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
  record OrderRow(NailOrder order, String time, String about, boolean chosen, boolean advised) {}

  static void show(BenchPlan plan, Model model) {
    List<OrderChoice> all = OrderChoice.all(plan);
    List<OrderRow> rows = new ArrayList<>();
    for (OrderChoice choice : all) {
      rows.add(
          new OrderRow(
              choice.order(),
              BenchWords.minutes(choice.schedule().makespan()),
              BenchWords.about(choice),
              choice.order() == plan.wish().schools().order(),
              rows.isEmpty()));
    }
    model.addAttribute("orders", rows);
    if (plan.refusals().isEmpty()) {
      Schedule schedule = plan.schedule();
      model.addAttribute("lanes", LaneDrawing.of(plan, schedule));
      model.addAttribute("length", BenchWords.minutes(schedule.makespan()));
      model.addAttribute("idle", BenchWords.minutes(schedule.idle()));
      model.addAttribute("bound", BenchWords.minutes(schedule.lowerBound()));
    }
  }
}
