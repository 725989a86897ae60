package ongle.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SchedulerTest {
  private static final Hands.Free FREE = new Hands.Free(0, 0, 0, 0, 0, 0, 3);

  private static Schedule plan(List<Job> left, List<Job> right) {
    return Scheduler.of(new Hands(left, right, FREE));
  }

  @Test
  void theOtherHandIsWorkedOnWhileOneIsInTheLamp() {
    Schedule schedule =
        plan(
            List.of(Job.work("L1", 60), Job.lamp("L2", 60), Job.work("L3", 30)),
            List.of(Job.work("R1", 60), Job.lamp("R2", 60), Job.work("R3", 30)));

    int first = schedule.of("L1").orElseThrow().start();
    int second = schedule.of("R1").orElseThrow().start();
    assertThat(List.of(first, second)).containsExactlyInAnyOrder(0, 63);
    assertThat(schedule.makespan()).isEqualTo(213);
    assertThat(schedule.exact()).isTrue();
  }

  @Test
  void whatWouldRunIsNotLaidBeforeTheLampIsFree() {
    Schedule schedule =
        plan(
            List.of(Job.lamp("L1", 100)),
            List.of(Job.work("R1", 20), Job.lamp("R2", 10).within(0, 15)));

    assertThat(schedule.missed()).isEmpty();
    int waits = schedule.of("R2").orElseThrow().start() - schedule.of("R1").orElseThrow().end();
    assertThat(waits).isBetween(0, 15);
    assertThat(schedule.makespan()).isEqualTo(110);
  }

  @Test
  void aPieceOfWorkBeginsSoThatTheLampIsFreeWhenItNeedsIt() {
    Schedule schedule =
        plan(
            List.of(Job.lamp("L1", 100)),
            List.of(
                Job.work("prime", 10).lightAfter(30).keeping(true),
                Job.work("lay", 20).keeping(true),
                Job.lamp("R", 10)));

    assertThat(schedule.of("prime").orElseThrow().start()).isBetween(0, 70);
    int waits = schedule.of("R").orElseThrow().start() - schedule.of("lay").orElseThrow().end();
    assertThat(waits).isZero();
  }

  @Test
  void whatDriesIsWaitedForOnlyWhereItMatters() {
    Schedule schedule =
        plan(
            List.of(
                Job.work("prime", 10).settling(60),
                Job.work("form", 20),
                Job.work("build", 40).onceSettled()),
            List.of());

    assertThat(schedule.of("form").orElseThrow().start()).isEqualTo(10);
    assertThat(schedule.of("build").orElseThrow().start()).isEqualTo(70);
  }

  @Test
  void aWindowThatIsOverIsReportedNotHidden() {
    Hands.Free late = new Hands.Free(50, 0, -20, 0, 0, 0, 3);

    Schedule schedule =
        Scheduler.of(new Hands(List.of(Job.work("pinch", 10).within(0, 30)), List.of(), late));

    assertThat(schedule.missed()).containsExactly("pinch");
    assertThat(schedule.of("pinch").orElseThrow().start()).isEqualTo(50);
  }

  @Test
  void whoHasToWaitForTheLampTurnsAwayAndTheBoundKnows() {
    List<Job> left = new ArrayList<>();
    List<Job> right = new ArrayList<>();
    for (int nail = 0; nail < 5; nail++) {
      left.add(Job.work("L" + nail, 40));
      left.add(Job.lamp("Ll" + nail, 10));
      right.add(Job.work("R" + nail, 40));
      right.add(Job.lamp("Rl" + nail, 10));
    }
    Hands hands = new Hands(left, right, FREE);

    assertThat(LowerBound.of(hands)).isEqualTo(10 * 40 + 8 * 3 + 10);
    assertThat(Scheduler.of(hands).lowerBound())
        .isBetween(LowerBound.of(hands), 10 * 40 + 9 * 3 + 10);
  }

  @Test
  void theTechnicianMayChooseWhatComesFirst() {
    Hands hands =
        new Hands(
            List.of(Job.work("L1", 60), Job.lamp("L2", 60)),
            List.of(Job.work("R1", 10), Job.lamp("R2", 200)),
            FREE);

    assertThat(Scheduler.of(hands).slots().get(0).job().id()).isEqualTo("R1");
    assertThat(Scheduler.beginningWith("L1", hands).slots().get(0).job().id()).isEqualTo("L1");
    assertThatThrownBy(() -> Scheduler.beginningWith("L2", hands))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void jobsOfBothHandsNeedTheSameOrder() {
    Job one = Job.work("one", 1);
    Job two = Job.work("two", 1);

    assertThatThrownBy(() -> new Hands(List.of(one, two), List.of(two, one), FREE))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @RepeatedTest(200)
  void smallCasesAreAsShortAsTheBestOfAllSchedules(RepetitionInfo run) {
    Random random = new Random(run.getCurrentRepetition());
    Hands hands = new Hands(some(random, "L", 4), some(random, "R", 4), FREE);

    Schedule schedule = Scheduler.of(hands);

    Feasible.check(schedule, hands);
    int best = new Enumeration(hands).best();
    if (schedule.missed().isEmpty()) {
      assertThat(schedule.lowerBound()).as("%s", hands).isEqualTo(best);
      int nearly = (int) (best * 1.03);
      assertThat(schedule.makespan()).as("%s", hands).isBetween(best, nearly);
      assertThat(schedule.changes()).as("%s", hands).isEqualTo(new Enumeration(hands).calm(nearly));
    } else {
      assertThat(best).isEqualTo(Integer.MAX_VALUE);
    }
    assertThat(LowerBound.of(hands)).as("%s", hands).isLessThanOrEqualTo(best);
  }

  @RepeatedTest(20)
  void longDaysUseNobodyTwice(RepetitionInfo run) {
    Random random = new Random(1000 + run.getCurrentRepetition());
    Hands hands = new Hands(some(random, "L", 50), some(random, "R", 50), FREE);

    Feasible.check(Scheduler.of(hands), hands);
  }

  private static List<Job> some(Random random, String hand, int count) {
    List<Job> jobs = new ArrayList<>();
    int stage = 0;
    boolean kept = false;
    for (int i = 0; i < count; i++) {
      boolean next = !kept && random.nextInt(6) == 0;
      stage += next ? 1 : 0;
      kept = i + 1 < count && random.nextInt(6) == 0;
      String id = hand + i;
      int seconds = 1 + random.nextInt(5);
      Job job =
          switch (random.nextInt(5)) {
            case 0, 1 -> Job.lamp(id, seconds);
            case 2 -> Job.work(id, seconds).settling(random.nextInt(8));
            case 3 -> Job.work(id, seconds).onceSettled();
            default -> Job.work(id, seconds);
          };
      // A window is kept between light and the technician's work, as in freezing and pinching.
      boolean windowed =
          i > 0
              && !next
              && random.nextInt(3) == 0
              && !job.needsSettled()
              && job.lamp() != jobs.get(i - 1).lamp();
      job = windowed ? job.within(random.nextInt(3), 3 + random.nextInt(4)) : job;
      job = random.nextInt(8) == 0 && !windowed ? job.aloneMeanwhile() : job;
      jobs.add(job.in(stage).keeping(kept));
    }
    return jobs;
  }

  /** Every start of every job, second by second: slow, and simple enough to be believed. */
  private static final class Enumeration {
    private final List<Job> left;
    private final List<Job> right;
    private int best = Integer.MAX_VALUE;
    private int fewest = Integer.MAX_VALUE;

    Enumeration(Hands hands) {
      left = hands.left();
      right = hands.right();
    }

    int best() {
      int horizon = 20;
      for (Job job : left) {
        horizon += job.seconds() + job.settles() + job.window().min() + 3;
      }
      for (Job job : right) {
        horizon += job.seconds() + job.settles() + job.window().min() + 3;
      }
      step(0, 0, 0, 0, 0, 0, 0, 0, 0, -1, 0, 0, horizon);
      return best;
    }

    /** Fewest changes of hand of all that end by then. */
    int calm(int latest) {
      best = latest + 1;
      fewest = Integer.MAX_VALUE - 1;
      step(0, 0, 0, 0, 0, 0, 0, 0, 0, -1, 0, 0, latest);
      return fewest;
    }

    private boolean calmly() {
      return fewest != Integer.MAX_VALUE;
    }

    /** Whether the hand waits for nothing of the other: no earlier stage, no piece torn. */
    private static boolean mayGoOn(Job job, List<Job> others, int placed) {
      boolean stages = others.stream().skip(placed).noneMatch(other -> other.stage() < job.stage());
      boolean torn =
          job.stays() && placed > 0 && placed < others.size() && others.get(placed - 1).keeps();
      return stages && !torn;
    }

    private static int stage(List<Job> jobs, int placed) {
      return placed > 0 ? jobs.get(placed - 1).stage() : 0;
    }

    /** The next job to begin, in the order of time, at every second it may. */
    private void step(
        int i,
        int j,
        int now,
        int tech,
        int lamp,
        int l,
        int r,
        int sl,
        int sr,
        int last,
        int changes,
        int end,
        int horizon) {
      if (end >= best || changes >= fewest) {
        return;
      }
      if (i == left.size() && j == right.size()) {
        best = calmly() ? best : end;
        fewest = calmly() ? changes : fewest;
        return;
      }
      for (int side = 0; side < 2; side++) {
        List<Job> jobs = side == 0 ? left : right;
        int at = side == 0 ? i : j;
        if (at == jobs.size()) {
          continue;
        }
        Job job = jobs.get(at);
        List<Job> others = side == 0 ? right : left;
        int placed = side == 0 ? j : i;
        if (!mayGoOn(job, others, placed)) {
          continue;
        }
        int free = side == 0 ? l : r;
        int first = Math.max(now, free + job.window().min());
        boolean turns = job.stays() && last >= 0 && last != side;
        if (job.stays()) {
          first = Math.max(first, tech + (turns ? 3 : 0));
        }
        if (job.stage() > stage(jobs, at)) {
          first = Math.max(first, side == 0 ? sl : sr);
        }
        if (job.stage() > stage(others, placed)) {
          first = Math.max(first, side == 0 ? Math.max(r, sr) : Math.max(l, sl));
        }
        if (job.lamp()) {
          first = Math.max(first, lamp);
        }
        if (job.needsSettled()) {
          first = Math.max(first, side == 0 ? sl : sr);
        }
        int latest = job.window().closes() ? Math.min(horizon, free + job.window().max()) : horizon;
        // Later than needed only where the next job's window may ask for it.
        boolean mayWait = at + 1 < jobs.size() && jobs.get(at + 1).window().closes();
        for (int start = first; start <= (mayWait ? latest : Math.min(first, latest)); start++) {
          int done = start + job.seconds();
          if (done >= best) {
            break;
          }
          int settles = job.settles() == 0 ? 0 : done + job.settles();
          step(
              side == 0 ? i + 1 : i,
              side == 1 ? j + 1 : j,
              start,
              job.stays() ? done : tech,
              job.lamp() ? done : lamp,
              side == 0 ? done : l,
              side == 1 ? done : r,
              side == 0 ? Math.max(sl, settles) : sl,
              side == 1 ? Math.max(sr, settles) : sr,
              job.stays() ? side : last,
              changes + (turns ? 1 : 0),
              Math.max(end, done),
              horizon);
        }
      }
    }
  }
}
