package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import ongle.core.cure.Lamp;
import ongle.core.layer.Coat;
import ongle.core.layer.Recipe;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.product.Handling;
import ongle.core.schedule.Feasible;
import ongle.core.schedule.Hands;
import ongle.core.schedule.Schedule;
import org.junit.jupiter.api.Test;

/** What a technician would not sign, looked for second by second in a thousand appointments. */
class OrderOfWorkTest {
  private static final int SETS = 1000;

  private static final Set<StepKind> DUSTY =
      EnumSet.of(
          StepKind.SHORTEN,
          StepKind.SHORTEN_BUILD,
          StepKind.BREAK_FILE,
          StepKind.THIN_OLD,
          StepKind.FILE_OFF,
          StepKind.THIN_INFILL,
          StepKind.BLEND_INFILL,
          StepKind.SHINE,
          StepKind.TIP_WELL,
          StepKind.TIP_CUT,
          StepKind.TIP_BLEND,
          StepKind.FRAME_FILE,
          StepKind.OUTLINE,
          StepKind.SIDEWALLS,
          StepKind.SURFACE,
          StepKind.UNDERNEATH,
          StepKind.QUARTERS,
          StepKind.TOUCH_EDGE,
          StepKind.CAP_FILE,
          StepKind.BUFF);

  private static final Set<StepKind> COATS =
      EnumSet.of(StepKind.BASE, StepKind.COLOUR, StepKind.CAP, StepKind.TOP);

  private static <T> T one(Random random, T[] of) {
    return Sets.one(random, of);
  }

  static BenchPlan any(int seed) {
    Random random = new Random(seed);
    BenchWish usual = BenchWish.USUAL;
    BenchSchools schools =
        BenchSchools.USUAL.with(
            one(random, Softener.values()),
            one(random, Primer.values()),
            one(random, TipAttachment.values()),
            one(random, Construction.values()),
            one(random, NailOrder.values()),
            one(random, FilingRoutine.values()),
            one(random, Rework.values()),
            one(random, TipPriming.values()),
            one(random, FormOff.values()),
            one(random, HandWash.values()),
            one(random, TopCoat.values()));
    Map<Finger, Double> grown = new EnumMap<>(Finger.class);
    Map<Finger, FingerJob> jobs = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      grown.put(finger, 1 + 2 * random.nextDouble());
      if (random.nextInt(6) == 0) {
        jobs.put(finger, one(random, FingerJob.values()));
      }
    }
    return BenchPlan.of(
        Sets.any(seed),
        new BenchWish(
            one(random, Visit.values()),
            schools,
            Routine.USUAL,
            one(random, new Lamp[] {Lamp.LED, Lamp.UV}),
            random.nextBoolean(),
            one(random, ongle.core.portion.Mix.values()),
            usual.brush(),
            usual.nozzle(),
            one(
                random,
                new Finish[] {Finish.CLEAR, Finish.of(Coat.PALE), Finish.of(CoatsTest.PLUM)}),
            18 + random.nextInt(12),
            80 + random.nextInt(120),
            one(random, Worker.values()),
            140,
            random.nextInt(4) == 0,
            grown,
            one(random, Recipe.SHIPPED.toArray(Recipe[]::new)),
            Map.of(
                Finger.L3,
                one(random, Recipe.SHIPPED.toArray(Recipe[]::new)),
                Finger.L4,
                CoatsTest.OWN),
            Map.of(),
            jobs));
  }

  @Test
  void noOrderBreaksARuleOfTheTrade() {
    List<Long> took =
        IntStream.range(0, SETS)
            .parallel()
            .mapToObj(
                seed -> {
                  BenchPlan plan = any(seed);
                  long begins = System.nanoTime();
                  Schedule schedule = plan.schedule();
                  long ends = System.nanoTime();
                  if (plan.refusals().isEmpty()) {
                    new Rules(seed, plan, schedule).check();
                  }
                  return ends - begins;
                })
            .toList();
    assertThat(took).hasSize(SETS);
  }

  /** The rules, asked of one appointment. */
  private record Rules(int seed, BenchPlan plan, Schedule schedule) {
    void check() {
      Feasible.check(
          schedule,
          new Hands(BenchPlan.jobs(plan.left()), BenchPlan.jobs(plan.right()), Hands.Free.NOW));
      assertThat(schedule.missed()).as(about()).isEmpty();
      assertThat(schedule.exact() || schedule.gap() <= 0.05).as(about()).isTrue();
      noDustOnOpenProduct();
      primerIsFresh();
      coatsComeLast();
      if (plan.wish().worker().own()) {
        ownHandsRestInTheLamp();
        ownThumbsComeLast();
      }
    }

    private String about() {
      return "set " + seed + ", " + plan.wish().schools().order();
    }

    private Step step(Schedule.Slot slot) {
      return plan.step(slot.job().id()).orElseThrow();
    }

    /** From when product is laid until it is cured whole or hard, no file works on either hand. */
    private void noDustOnOpenProduct() {
      Map<Finger, Integer> openUntil = new EnumMap<>(Finger.class);
      for (Schedule.Slot slot : schedule.slots()) {
        Step step = step(slot);
        if (step.singly().stream().anyMatch(part -> DUSTY.contains(part.kind()))) {
          openUntil.forEach(
              (finger, until) ->
                  assertThat(slot.start())
                      .as("%s: %s over %s", about(), slot.job().id(), finger)
                      .isGreaterThanOrEqualTo(until));
        }
        for (Step part : step.singly()) {
          for (Finger finger : part.fingers()) {
            if (part.dose().isPresent()) {
              boolean sets = part.product().orElseThrow().handling() == Handling.POWDER_AND_LIQUID;
              openUntil.put(finger, sets ? slot.end() + slot.job().settles() : Integer.MAX_VALUE);
            } else if (part.kind() == StepKind.CURE || part.kind() == StepKind.CURE_THUMB) {
              openUntil.computeIfPresent(
                  finger, (of, until) -> until == Integer.MAX_VALUE ? slot.end() : until);
            }
          }
        }
      }
      assertThat(openUntil).as(about()).doesNotContainValue(Integer.MAX_VALUE);
    }

    /** Product lies on every nail within five minutes of its primer. */
    private void primerIsFresh() {
      Map<Finger, Integer> primed = new EnumMap<>(Finger.class);
      for (Schedule.Slot slot : schedule.slots()) {
        int at = slot.start();
        for (Step part : step(slot).singly()) {
          for (Finger finger : part.fingers()) {
            if (part.kind() == StepKind.PRIME) {
              primed.put(finger, at + part.job().seconds());
            } else if (primed.containsKey(finger)
                && (part.lays() || part.kind() == StepKind.TIP_ON)) {
              assertThat(at - primed.remove(finger)).as(about() + finger).isLessThanOrEqualTo(300);
            }
          }
          at += part.job().seconds();
        }
      }
      assertThat(primed).as(about()).isEmpty();
    }

    private void coatsComeLast() {
      Set<StepKind> seen = new HashSet<>();
      for (Schedule.Slot slot : schedule.slots()) {
        for (Step part : step(slot).singly()) {
          if (DUSTY.contains(part.kind())) {
            assertThat(seen).as("%s: %s", about(), part.id()).doesNotContain(StepKind.TOP);
            assertThat(part.kind() == StepKind.CAP_FILE || !seen.contains(StepKind.COLOUR))
                .as("%s: %s", about(), part.id())
                .isTrue();
          }
          seen.add(part.kind());
        }
      }
    }

    private void ownThumbsComeLast() {
      boolean thumbs = false;
      for (Schedule.Slot slot : schedule.slots()) {
        for (Step part : step(slot).singly()) {
          if (part.dose().isPresent()) {
            boolean thumb = part.fingers().get(0).digit() == Digit.THUMB;
            assertThat(thumb || !thumbs).as("%s: %s", about(), part.id()).isTrue();
            thumbs |= thumb;
          }
        }
      }
    }

    private void ownHandsRestInTheLamp() {
      List<Schedule.Slot> slots = schedule.slots();
      for (int i = 1; i < slots.size(); i++) {
        assertThat(slots.get(i).start()).as(about()).isGreaterThanOrEqualTo(slots.get(i - 1).end());
      }
      List<Step> right = plan.right();
      assertThat(right).allMatch(step -> step.on(Hand.RIGHT));
    }
  }
}
