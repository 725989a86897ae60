package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Hand;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GuideTest {
  private static final Instant NINE = Instant.parse("2026-03-10T09:00:00Z");

  private final List<Event> events = new ArrayList<>();
  private BenchPlan plan = BenchPlan.of(Sets.of(Product.HARD_GEL, BuildWay.FORM), BenchWish.USUAL);
  private Instant now = NINE;

  private Guide begin() {
    events.add(Event.of(now, Event.Type.BEGIN, ""));
    return guide();
  }

  private Guide guide() {
    return new Guide(plan, events);
  }

  /** Works the current step in its time and presses done. */
  private Guide work() {
    Guide guide = guide();
    Step step = guide.current().orElseThrow();
    now = now.isBefore(guide.ready()) ? guide.ready() : now;
    if (!step.runsByItself()) {
      now = now.plusSeconds(Math.max(1, step.job().seconds()));
    } else {
      now = now.plusSeconds(1);
    }
    Presses.Answer answer = guide.press().done(step.id(), now);
    assertThat(answer.why()).as(step.id()).isEmpty();
    events.add(answer.event().orElseThrow());
    return guide();
  }

  private Guide workTo(StepKind kind) {
    Guide guide = guide();
    while (guide.current().orElseThrow().kind() != kind) {
      guide = work();
    }
    return guide;
  }

  @ParameterizedTest
  @MethodSource("ongle.core.bench.BenchPlanTest#systems")
  void everySystemRunsFromTheFirstStepToTheLast(Product product, BuildWay way) {
    plan = BenchPlan.of(Sets.of(product, way), BenchWish.USUAL.with(NailOrder.ONE_AT_A_TIME));
    Guide guide = begin();
    Set<String> seen = new HashSet<>();
    while (guide.current().isPresent()) {
      assertThat(seen.add(guide.current().get().id())).isTrue();
      guide = work();
    }

    assertThat(seen).hasSize(plan.steps().size());
    assertThat(guide.finished(now.plusSeconds(300))).isTrue();
    assertThat(guide.past()).noneMatch(Past::offWindow);
  }

  @Test
  void theLampRunsWhileTheOtherHandIsWorkedOn() {
    Guide guide = begin();
    int besides = 0;
    while (guide.current().isPresent()) {
      guide = work();
      for (Past run : guide.running(now)) {
        assertThat(guide.clocks(now)).anyMatch(clock -> clock.what() == DeskClock.What.LAMP);
        Hand inLamp = run.step().hand().orElseThrow();
        besides += guide.current().filter(step -> !step.on(inLamp)).isPresent() ? 1 : 0;
      }
    }
    assertThat(besides).isGreaterThan(2);
  }

  @Test
  void doneTwiceAtOnceCountsOnce() {
    Guide guide = begin();
    String first = guide.current().orElseThrow().id();
    now = now.plusSeconds(60);
    events.add(guide.press().done(first, now).event().orElseThrow());

    assertThat(guide().press().done(first, now).event()).isEmpty();
    String second = guide().current().orElseThrow().id();
    assertThat(guide().press().done(second, now.plusMillis(300)).why())
        .contains(Refusal.Plain.PRESSED_TWICE);
    assertThat(guide().press().done(second, now.plusSeconds(2)).event()).isPresent();
  }

  @Test
  void aHandInTheLampIsNotWorkedOn() {
    plan = BenchPlan.of(Sets.of(Hand.LEFT, Product.POLY_GEL, BuildWay.FORM), BenchWish.USUAL);
    begin();
    workTo(StepKind.CURE);
    Guide guide = work();
    String next = guide.current().orElseThrow().id();
    Instant out = guide.running(now).get(0).ends();

    assertThat(guide.press().done(next, now.plusSeconds(1)).why())
        .containsInstanceOf(Refusal.LampRuns.class);
    assertThat(guide.press().done(next, out.minusMillis(1)).event()).isEmpty();
    assertThat(guide.press().done(next, out).event()).isPresent();
  }

  @Test
  void heatTakesTheHandOutAndTheRestOfTheTimeRemains() {
    begin();
    workTo(StepKind.CURE);
    String cure = guide().current().orElseThrow().id();
    work();
    Instant began = now;
    events.add(Event.of(began.plusSeconds(20), Event.Type.HEAT, cure));

    Guide guide = guide();
    assertThat(guide.running(began.plusSeconds(20))).isEmpty();
    Instant again = began.plusSeconds(40);
    while (!guide.current().orElseThrow().id().equals(cure)) {
      now = again = again.plusSeconds(5);
      guide = work();
      again = now;
    }
    events.add(guide.press().done(cure, again.plusSeconds(2)).event().orElseThrow());
    Past run = guide().running(again.plusSeconds(2)).get(0);
    assertThat(Duration.between(run.began(), run.ends())).isEqualTo(Duration.ofSeconds(40));
  }

  @Test
  void aStepThatTakesLongerMovesTheEndAndIsRemembered() {
    Guide guide = begin();
    Instant planned = guide.finish(now);
    Instant late = now.plusSeconds(600);

    assertThat(guide.finish(late)).isAfter(planned.plusSeconds(500));
    events.add(guide.press().done(guide.current().orElseThrow().id(), late).event().orElseThrow());
    assertThat(guide().past().get(0).overran()).isTrue();
    assertThat(guide().finish(late)).isAfter(planned.plusSeconds(500));
  }

  @Test
  void timeStoppedIsNotTimeTaken() {
    begin();
    events.add(Event.of(now.plusSeconds(10), Event.Type.PAUSED, ""));
    assertThat(
            guide().press().done(guide().current().orElseThrow().id(), now.plusSeconds(20)).why())
        .contains(Refusal.Plain.PAUSED);
    events.add(Event.of(now.plusSeconds(610), Event.Type.RESUMED, ""));
    Guide guide = guide();
    events.add(
        guide
            .press()
            .done(guide.current().orElseThrow().id(), now.plusSeconds(660))
            .event()
            .orElseThrow());

    assertThat(guide().past().get(0).overran()).isFalse();
    assertThat(guide().pausedFor(now)).isEqualTo(Duration.ofSeconds(600));
  }

  @Test
  void whatIsSkippedHasAReasonAndCanBeTakenBack() {
    Guide guide = begin();
    String first = guide.current().orElseThrow().id();

    assertThat(guide.press().skip(first, " ", now).why()).contains(Refusal.Plain.NO_REASON);
    events.add(guide.press().skip(first, "done at home", now).event().orElseThrow());
    assertThat(guide().past().get(0).skipped()).contains("done at home");
    events.add(guide().press().back(now).event().orElseThrow());
    assertThat(guide().current().orElseThrow().id()).isEqualTo(first);
    assertThat(guide().press().back(now).event()).isEmpty();
  }

  @Test
  void theOtherHandCanBeTakenFirst() {
    begin();
    Guide guide = work();
    Step advised = guide.current().orElseThrow();
    Step other = guide.instead(now).orElseThrow();
    assertThat(other.hand()).isNotEqualTo(advised.hand());

    events.add(guide.press().first(other.id(), now).event().orElseThrow());
    assertThat(guide().current()).contains(other);
    assertThat(guide().instead(now)).contains(advised);
    assertThat(guide().ahead().missed()).isEmpty();

    guide = work();
    assertThat(guide.past(other.id())).isPresent();
    assertThat(guide.press().first(other.id(), now).why())
        .contains(Refusal.Plain.CANNOT_COME_FIRST);
    while (guide.current().isPresent()) {
      guide = work();
    }
    assertThat(guide.past()).hasSize(plan.steps().size());
  }

  @Test
  void aHandInTheLampIsNotOfferedFirstAndAChosenStepComesEvenBeforeTheLamp() {
    begin();
    workTo(StepKind.CURE);
    Step cure = guide().current().orElseThrow();
    Step other = guide().instead(now).orElseThrow();
    events.add(guide().press().first(other.id(), now).event().orElseThrow());
    assertThat(guide().current()).contains(other);
    assertThat(guide().next(1)).isNotEmpty();

    events.remove(events.size() - 1);
    work();
    assertThat(guide().running(now)).hasSize(1);
    assertThat(guide().instead(now).filter(step -> step.on(cure.hand().orElseThrow()))).isEmpty();
  }

  @Test
  void whatIsForBothHandsIsNotTakenBeforeTheirOwnSteps() {
    begin();
    Guide guide = workTo(StepKind.CLEAR_DESK);

    assertThat(guide.instead(now)).isEmpty();
    assertThat(guide.press().first(plan.left().get(plan.left().size() - 1).id(), now).event())
        .isEmpty();
  }

  @Test
  void skinAndHeatSayWhatToDoUntilTheWorkGoesOn() {
    begin();
    workTo(StepKind.CURE);
    work();
    Instant began = now;
    now = now.plusSeconds(20);
    events.add(guide().press().note(Event.Type.HEAT, "", "", now).event().orElseThrow());
    assertThat(guide().urgent()).contains(new Urgent.Heat(40));
    work();
    assertThat(guide().urgent()).isEmpty();

    String step = guide().current().orElseThrow().id();
    events.add(guide().press().note(Event.Type.SKIN, step, "", now).event().orElseThrow());
    assertThat(guide().urgent()).contains(new Urgent.ProductOnSkin());
    assertThat(began).isBefore(now);
  }

  @Test
  void onlyWhatCanBeNotedIsNoted() {
    Guide guide = begin();

    assertThat(guide.press().note(Event.Type.DONE, "", "", now).event()).isEmpty();
    assertThat(guide.press().note(Event.Type.NOTE, "", " ", now).event()).isEmpty();
    assertThat(guide.press().note(Event.Type.SKIN, "nowhere", "", now).event()).isEmpty();
    assertThat(guide.press().note(Event.Type.HEAT, "", "", now).why())
        .contains(Refusal.Plain.NO_HAND_IN_LAMP);
    assertThat(guide.press().note(Event.Type.RESUMED, "", "", now).event()).isEmpty();
    assertThat(guide.press().note(Event.Type.NOTE, "", "left thumb sore", now).event()).isPresent();
  }

  @Test
  void aPinchTooEarlyIsNoted() {
    plan =
        BenchPlan.of(
            Sets.of(Hand.LEFT, Product.ACRYLIC, BuildWay.FORM),
            BenchWish.USUAL.with(NailOrder.ONE_AT_A_TIME));
    begin();
    Guide guide = workTo(StepKind.PINCH);
    Step pinch = guide.current().orElseThrow();
    assertThat(guide.ready()).isAfter(now.plusSeconds(pinch.job().seconds() + 5));

    assertThat(pinched(pinch, now.plusSeconds(pinch.job().seconds() + 1)).offWindow()).isTrue();
    assertThat(pinched(pinch, guide.ready().plusSeconds(pinch.job().seconds())).offWindow())
        .isFalse();
    assertThat(pinched(pinch, guide.ready().plusSeconds(900)).offWindow()).isTrue();
  }

  private Past pinched(Step pinch, Instant at) {
    List<Event> would = new ArrayList<>(events);
    would.add(guide().press().done(pinch.id(), at).event().orElseThrow());
    List<Past> past = new Guide(plan, would).past();
    return past.get(past.size() - 1);
  }
}
