package ongle.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import ongle.core.schedule.Schedule;

/**
 * One order of nails, worked through: how long the appointment gets.
 *
 * @param order of nails
 * @param plan with it
 * @param schedule of that
 */
public record OrderChoice(NailOrder order, BenchPlan plan, Schedule schedule) {
  /**
   * The orders in which no window is missed, the shortest first, of equally short ones that with
   * the fewest changes of hand; the chosen one stays in the list even if it misses some.
   */
  public static List<OrderChoice> all(BenchPlan plan) {
    if (!plan.refusals().isEmpty()) {
      return List.of();
    }
    NailOrder chosen = plan.wish().schools().order();
    return Stream.of(NailOrder.values())
        .parallel()
        .map(
            order ->
                of(order == chosen ? plan : BenchPlan.of(plan.plan(), plan.wish().with(order))))
        .filter(choice -> choice.keeps() || choice.order() == chosen)
        .sorted(
            Comparator.comparing((OrderChoice choice) -> !choice.keeps())
                .thenComparingInt(choice -> choice.schedule().makespan())
                .thenComparingInt(choice -> choice.schedule().changes()))
        .toList();
  }

  private static OrderChoice of(BenchPlan plan) {
    return new OrderChoice(plan.wish().schools().order(), plan, plan.schedule());
  }

  /** Whether no product is pinched or cured at the wrong time. */
  public boolean keeps() {
    return schedule.missed().isEmpty();
  }
}
