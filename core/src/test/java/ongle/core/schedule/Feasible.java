package ongle.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/** Whether a schedule could be worked: nobody twice at once, every hand in its order, windows. */
public final class Feasible {
  private Feasible() {}

  public static void check(Schedule schedule, Hands hands) {
    assertThat(schedule.slots()).hasSize((int) hands.jobs().count());
    oneAtATime(schedule, slot -> slot.job().technician());
    oneAtATime(schedule, slot -> slot.job().lamp());
    oneAtATime(schedule, Schedule.Slot::left);
    oneAtATime(schedule, Schedule.Slot::right);
    inOrder(schedule, hands.left(), hands.free().left());
    inOrder(schedule, hands.right(), hands.free().right());
    inStages(schedule);
    notTorn(schedule, hands.left());
    notTorn(schedule, hands.right());
    assertThat(schedule.makespan()).isGreaterThanOrEqualTo(schedule.lowerBound());
  }

  /** Nothing of a stage before all of the earlier is done, and hard, on both hands. */
  private static void inStages(Schedule schedule) {
    for (Schedule.Slot slot : schedule.slots()) {
      for (Schedule.Slot earlier : schedule.slots()) {
        if (earlier.job().stage() < slot.job().stage()) {
          boolean otherHand = slot.left() != earlier.left() || slot.right() != earlier.right();
          assertThat(slot.start())
              .as("%s after %s", slot.job().id(), earlier.job().id())
              .isGreaterThanOrEqualTo(earlier.end() + (otherHand ? earlier.job().settles() : 0));
        }
      }
    }
  }

  /** Between two jobs that belong together the technician does nothing on the other hand. */
  private static void notTorn(Schedule schedule, List<Job> jobs) {
    for (int i = 0; i + 1 < jobs.size(); i++) {
      if (jobs.get(i).keeps()) {
        int from = schedule.of(jobs.get(i).id()).orElseThrow().end();
        int to = schedule.of(jobs.get(i + 1).id()).orElseThrow().start();
        assertThat(schedule.slots())
            .as("between %s and %s", jobs.get(i).id(), jobs.get(i + 1).id())
            .noneMatch(
                slot ->
                    slot.job().technician()
                        && slot.start() >= from
                        && slot.end() <= to
                        && slot.job().seconds() > 0);
      }
    }
  }

  private static void oneAtATime(Schedule schedule, Predicate<Schedule.Slot> held) {
    List<Schedule.Slot> slots =
        schedule.slots().stream()
            .filter(held)
            .sorted(
                Comparator.comparingInt(Schedule.Slot::start).thenComparingInt(Schedule.Slot::end))
            .toList();
    for (int i = 1; i < slots.size(); i++) {
      assertThat(slots.get(i).start()).isGreaterThanOrEqualTo(slots.get(i - 1).end());
    }
  }

  private static void inOrder(Schedule schedule, List<Job> jobs, int free) {
    int before = free;
    int settled = 0;
    for (Job job : jobs) {
      Schedule.Slot slot = schedule.of(job.id()).orElseThrow();
      assertThat(slot.start()).isGreaterThanOrEqualTo(before + job.window().min());
      if (!schedule.missed().contains(job.id()) && job.window().closes()) {
        assertThat(slot.start() - before).as(job.id()).isLessThanOrEqualTo(job.window().max());
      }
      if (job.needsSettled()) {
        assertThat(slot.start()).isGreaterThanOrEqualTo(settled);
      }
      before = slot.end();
      settled = job.settles() == 0 ? settled : Math.max(settled, slot.end() + job.settles());
    }
  }
}
