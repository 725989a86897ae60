package ongle.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.cure.Setting;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.schedule.Schedule;

/**
 * One order of nails, worked through: how long the appointment gets and what it risks.
 *
 * @param order of nails
 * @param plan with it
 * @param schedule of that
 * @param running fingers whose gel waits longer for the lamp than it keeps its shape
 * @param pinchedOff fingers pinched before or after the product is half hard
 */
public record OrderChoice(
    NailOrder order,
    BenchPlan plan,
    Schedule schedule,
    List<Finger> running,
    List<Finger> pinchedOff) {
  public OrderChoice {
    running = List.copyOf(running);
    pinchedOff = List.copyOf(pinchedOff);
  }

  /** Levelling gel keeps its shape this long, s; a planning figure of our own. */
  public static final int RUNS_AFTER = 90;

  /** All orders, the safest first, of equally safe ones the shortest. */
  public static List<OrderChoice> all(BenchPlan plan) {
    if (!plan.refusals().isEmpty()) {
      return List.of();
    }
    return Stream.of(NailOrder.values())
        .parallel()
        .map(
            order ->
                of(
                    order == plan.wish().schools().order()
                        ? plan
                        : BenchPlan.of(plan.plan(), plan.wish().with(order))))
        .sorted(
            Comparator.comparingInt(OrderChoice::atRisk)
                .thenComparingInt(choice -> choice.schedule().makespan()))
        .toList();
  }

  private static OrderChoice of(BenchPlan plan) {
    Schedule schedule = plan.roughly();
    List<Finger> running = new ArrayList<>();
    List<Finger> pinchedOff = new ArrayList<>();
    for (Hand hand : Hand.values()) {
      List<Step> steps = hand == Hand.LEFT ? plan.left() : plan.right();
      for (int i = 0; i < steps.size(); i++) {
        Step step = steps.get(i);
        if (step.kind() == StepKind.BODY
            && step.product().filter(product -> product.levelling()).isPresent()) {
          Finger finger = step.finger().orElseThrow();
          if (waits(schedule, steps, i, finger) > RUNS_AFTER && !running.contains(finger)) {
            running.add(finger);
          }
        }
        if (step.kind() == StepKind.PINCH && !inTime(schedule, steps, i, plan.wish().setting())) {
          pinchedOff.add(step.finger().orElseThrow());
        }
      }
    }
    return new OrderChoice(
        plan.wish().schools().order(), plan, schedule, List.copyOf(running), pinchedOff);
  }

  /** From the end of laying to the light, s. */
  private static int waits(Schedule schedule, List<Step> steps, int from, Finger finger) {
    int laid = from;
    for (int i = from + 1; i < steps.size(); i++) {
      Step step = steps.get(i);
      if (step.fingers().contains(finger)) {
        if (step.light().isPresent()) {
          return start(schedule, step) - end(schedule, steps.get(laid));
        }
        laid = i;
      }
    }
    return 0;
  }

  private static boolean inTime(Schedule schedule, List<Step> steps, int pinch, Setting setting) {
    Finger finger = steps.get(pinch).finger().orElseThrow();
    Optional<Step> before =
        steps.subList(0, pinch).stream()
            .filter(step -> step.finger().filter(finger::equals).isPresent())
            .reduce((earlier, later) -> later);
    if (before.isEmpty()) {
      return true;
    }
    int waited = start(schedule, steps.get(pinch)) - end(schedule, before.get());
    return before.get().kind() == StepKind.BEAD
        ? waited >= setting.pinchFrom().toSeconds() && waited <= setting.pinchUntil().toSeconds()
        : waited <= CuredLayers.GEL_PINCH_WITHIN;
  }

  private static int start(Schedule schedule, Step step) {
    return schedule.of(step.id()).orElseThrow().start();
  }

  private static int end(Schedule schedule, Step step) {
    return schedule.of(step.id()).orElseThrow().end();
  }

  /** How many nails it puts at risk. */
  public int atRisk() {
    return running.size() + pinchedOff.size();
  }
}
