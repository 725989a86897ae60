package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Coat;
import ongle.core.layer.Recipe;
import ongle.core.nail.Hand;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

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
    events.addAll(answer.events());
    return guide();
  }

  /** Works until a whole hand has just gone into the lamp. */
  private Step workUntilLit() {
    while (true) {
      Instant before = now;
      List<Past> lit =
          work().running(now).stream()
              .filter(run -> run.step().job().seconds() > 60 && run.began().equals(now))
              .toList();
      if (!lit.isEmpty() && now.isAfter(before)) {
        return lit.get(0).step();
      }
    }
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
      assertThat(guide.clocks(now))
          .noneMatch(
              clock -> clock.what() == DeskClock.What.PRIMER && clock.closes().isBefore(now));
    }

    assertThat(guide.past()).hasSize(plan.steps().size());
    assertThat(seen).hasSizeLessThanOrEqualTo(70);
    assertThat(Duration.between(NINE, now).toSeconds())
        .isLessThanOrEqualTo((long) (1.03 * plan.schedule().makespan()));
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
  void primerHasAClockUntilItsNailHasProduct() {
    begin();
    Guide guide = workTo(StepKind.FRAME);
    assertThat(guide.clocks(now))
        .anySatisfy(
            clock -> {
              assertThat(clock.what()).isEqualTo(DeskClock.What.PRIMER);
              assertThat(Duration.between(clock.opens(), clock.closes()).toSeconds())
                  .isEqualTo(300);
            });
    workTo(StepKind.OUTLINE);
    assertThat(guide().clocks(now)).noneMatch(clock -> clock.what() == DeskClock.What.PRIMER);
  }

  @Test
  void theHandGoesStraightIntoTheLampAndComesBackWithThePress() {
    begin();
    workTo(StepKind.FRAME);
    int behind = guide().past().size();
    work();

    Past lit = guide().past().get(behind + 1);
    assertThat(lit.step().kind()).isEqualTo(StepKind.FLASH);
    assertThat(lit.began()).isEqualTo(now);
    events.addAll(guide().press().back(now.plusSeconds(3)).events());
    assertThat(guide().past()).hasSize(behind);
    assertThat(guide().current().orElseThrow().kind()).isEqualTo(StepKind.FRAME);
  }

  @ParameterizedTest
  @ValueSource(ints = {100, 200})
  void theMostThereIsToDoTakesNoMoreThanSeventyPresses(int pace) {
    BenchWish usual = BenchWish.USUAL;
    plan =
        BenchPlan.of(
            Sets.of(Product.HARD_GEL, BuildWay.FORM),
            new BenchWish(
                usual.visit(),
                usual.schools(),
                usual.routine(),
                usual.lamp(),
                false,
                usual.mix(),
                usual.brush(),
                usual.nozzle(),
                Finish.of(Coat.DARK),
                usual.room(),
                pace,
                usual.worker(),
                usual.lessUsed(),
                false,
                Map.of(),
                Recipe.CLEAR_COLOUR_CLEAR,
                Map.of(),
                Map.of(),
                Map.of()));
    Guide guide = begin();
    int presses = 0;
    boolean waited = false;
    while (guide.current().isPresent()) {
      guide = work();
      waited |= guide.running(now).stream().anyMatch(run -> run.waits(now));
      presses++;
    }
    assertThat(presses).isLessThanOrEqualTo(70);
    assertThat(waited).as("hands wait for the lamp where laying is quicker").isEqualTo(pace == 100);
  }

  @Test
  void partsAndFingersOfAMovementAreTickedAndUnticked() {
    begin();
    Step plates = workTo(StepKind.CLEAR).current().orElseThrow();
    String part = plates.tickable().get(0);
    events.addAll(guide().press().tick(plates.id(), part, now).events());
    assertThat(guide().ticked()).containsExactly(part);
    events.addAll(guide().press().tick(plates.id(), part, now).events());
    assertThat(guide().ticked()).isEmpty();
    assertThat(guide().press().tick(plates.id(), "nonsense", now).events()).isEmpty();

    Step forms = workTo(StepKind.FORM_CUT).current().orElseThrow();
    assertThat(forms.tickable()).hasSize(5);
    assertThat(guide().ticked()).isEmpty();
  }

  @Test
  void aForgottenPressTakesAsLongAsTheLastOfItsKind() {
    begin();
    workTo(StepKind.FRAME);
    assertThat(guide().doneAsLast(now.plusSeconds(600))).isEmpty();
    work();
    Past frame =
        guide().past().stream()
            .filter(one -> one.step().kind() == StepKind.FRAME)
            .findFirst()
            .orElseThrow();
    Step next = workTo(StepKind.FRAME).current().orElseThrow();
    Instant ready = guide().ready();
    Duration took = Duration.between(frame.began(), frame.ends());

    now = ready.plusSeconds(600);
    events.addAll(guide().press().doneAsLast(next.id(), "", now).events());
    Past second = guide().past(next.id()).orElseThrow();
    assertThat(second.ends()).isEqualTo(ready.plus(took));
    assertThat(second.overran()).isFalse();
  }

  @Test
  void doneTwiceAtOnceCountsOnce() {
    Guide guide = begin();
    String first = guide.current().orElseThrow().id();
    now = now.plusSeconds(60);
    events.add(guide.press().done(first, now).events().get(0));

    assertThat(guide().press().done(first, now).events()).isEmpty();
    String second = guide().current().orElseThrow().id();
    assertThat(guide().press().done(second, now.plusMillis(300)).why())
        .contains(Refusal.Plain.PRESSED_TWICE);
    assertThat(guide().press().done(second, now.plusSeconds(2)).events()).isNotEmpty();
  }

  @Test
  void aHandInTheLampIsNotWorkedOn() {
    plan = BenchPlan.of(Sets.of(Hand.LEFT, Product.POLY_GEL, BuildWay.FORM), BenchWish.USUAL);
    begin();
    Guide guide = work();
    while (guide.running(now).isEmpty() || guide.current().orElseThrow().kind() == StepKind.PINCH) {
      guide = work();
    }
    String next = guide.current().orElseThrow().id();
    Instant out = guide.running(now).get(0).ends();

    assertThat(guide.press().done(next, now.plusSeconds(1)).why())
        .containsInstanceOf(Refusal.LampRuns.class);
    assertThat(guide.press().done(next, out.minusMillis(1)).events()).isEmpty();
    assertThat(guide.press().done(next, out).events()).isNotEmpty();
  }

  @Test
  void heatTakesTheHandOutAndTheRestOfTheTimeRemains() {
    begin();
    String cure = workUntilLit().id();
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
    events.add(guide.press().done(cure, again.plusSeconds(2)).events().get(0));
    Past run = guide().running(again.plusSeconds(2)).get(0);
    assertThat(Duration.between(run.began(), run.ends()))
        .isEqualTo(Duration.ofSeconds(run.step().job().seconds() - 20));
  }

  @Test
  void aStepThatTakesLongerMovesTheEndAndIsRemembered() {
    Guide guide = begin();
    Instant planned = guide.finish(now);
    Instant late = now.plusSeconds(600);

    assertThat(guide.finish(late)).isAfter(planned.plusSeconds(500));
    events.add(guide.press().done(guide.current().orElseThrow().id(), late).events().get(0));
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
            .events()
            .get(0));

    assertThat(guide().past().get(0).overran()).isFalse();
    assertThat(guide().pausedFor(now)).isEqualTo(Duration.ofSeconds(600));
  }

  @Test
  void whatIsSkippedHasAReasonAndCanBeTakenBack() {
    Guide guide = begin();
    String first = guide.current().orElseThrow().id();

    assertThat(guide.press().skip(first, " ", now).why()).contains(Refusal.Plain.NO_REASON);
    events.add(guide.press().skip(first, "done at home", now).events().get(0));
    assertThat(guide().past().get(0).skipped()).contains("done at home");
    events.add(guide().press().back(now).events().get(0));
    assertThat(guide().current().orElseThrow().id()).isEqualTo(first);
    assertThat(guide().press().back(now).events()).isEmpty();
  }

  @Test
  void theOtherHandCanBeTakenFirst() {
    begin();
    Guide guide = work();
    Step advised = guide.current().orElseThrow();
    Step other = guide.instead(now).orElseThrow();
    assertThat(other.hand()).isNotEqualTo(advised.hand());

    events.add(guide.press().first(other.id(), now).events().get(0));
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
  void theOtherHandIsOfferedBetweenPiecesOfWorkAndNotWithinOne() {
    begin();
    workTo(StepKind.SURFACE);
    Step other = guide().instead(now).orElseThrow();
    events.addAll(guide().press().first(other.id(), now).events());
    assertThat(guide().current()).contains(other);
    assertThat(guide().next(1)).isNotEmpty();

    events.clear();
    now = NINE;
    begin();
    Hand hand = workTo(StepKind.PINCH).current().orElseThrow().hand().orElseThrow();
    assertThat(guide().instead(now)).isEmpty();
    while (guide().current().orElseThrow().on(hand)) {
      work();
    }
    assertThat(guide().running(now)).isNotEmpty();
    assertThat(guide().instead(now).filter(step -> step.on(hand))).isEmpty();
  }

  @Test
  void whatWasChosenWaitsWhenAnEarlierStageIsTakenBack() {
    Guide guide = begin();
    while (guide.instead(now).filter(this::beginsAStage).isEmpty()) {
      guide = work();
    }
    Step other = guide.instead(now).orElseThrow();
    events.addAll(guide.press().first(other.id(), now).events());
    assertThat(guide().current()).contains(other);
    events.addAll(guide().press().back(now).events());

    assertThat(guide().current().orElseThrow().job().stage()).isLessThan(other.job().stage());
    while (guide().current().isPresent()) {
      work();
    }
    assertThat(guide().past()).hasSize(plan.steps().size());
  }

  private boolean beginsAStage(Step step) {
    List<Past> past = guide().past();
    return !past.isEmpty()
        && past.get(past.size() - 1).step().hand().filter(hand -> !step.on(hand)).isPresent()
        && past.stream().allMatch(one -> one.step().job().stage() < step.job().stage());
  }

  @Test
  void aTopCoatBegunIsCuredBeforeAHandThatIsAddedIsBegun() {
    plan = BenchPlan.of(Sets.of(Hand.LEFT, Product.HARD_GEL, BuildWay.FORM), BenchWish.USUAL);
    begin();
    Step top = workTo(StepKind.TOP).current().orElseThrow();
    now = guide().ready().plusSeconds(top.job().seconds());
    events.add(guide().press().done(top.id(), now).events().get(0));
    plan = BenchPlan.of(Sets.of(Product.HARD_GEL, BuildWay.FORM), BenchWish.USUAL);

    Step cure = guide().current().orElseThrow();
    assertThat(cure.kind()).isEqualTo(StepKind.CURE);
    assertThat(cure.hand()).isEqualTo(top.hand());
    Step then = work().current().orElseThrow();
    assertThat(then.hand()).contains(Hand.RIGHT);
    assertThat(then.job().stage()).isLessThan(cure.job().stage());
  }

  @Test
  void whatIsForBothHandsIsNotTakenBeforeTheirOwnSteps() {
    begin();
    Guide guide = workTo(StepKind.CLEAR_DESK);

    assertThat(guide.instead(now)).isEmpty();
    assertThat(guide.press().first(plan.left().get(plan.left().size() - 1).id(), now).events())
        .isEmpty();
  }

  @Test
  void skinAndHeatSayWhatToDoUntilTheWorkGoesOn() {
    begin();
    int light = workUntilLit().job().seconds();
    Instant began = now;
    now = now.plusSeconds(20);
    events.add(guide().press().note(Event.Type.HEAT, "", "", now).events().get(0));
    assertThat(guide().urgent()).contains(new Urgent.Heat(light - 20));
    work();
    assertThat(guide().urgent()).isEmpty();

    String step = guide().current().orElseThrow().id();
    events.add(guide().press().note(Event.Type.SKIN, step, "", now).events().get(0));
    assertThat(guide().urgent()).contains(new Urgent.ProductOnSkin());
    assertThat(began).isBefore(now);
  }

  @Test
  void onlyWhatCanBeNotedIsNoted() {
    Guide guide = begin();

    assertThat(guide.press().note(Event.Type.DONE, "", "", now).events()).isEmpty();
    assertThat(guide.press().note(Event.Type.NOTE, "", " ", now).events()).isEmpty();
    assertThat(guide.press().note(Event.Type.SKIN, "nowhere", "", now).events()).isEmpty();
    assertThat(guide.press().note(Event.Type.HEAT, "", "", now).why())
        .contains(Refusal.Plain.NO_HAND_IN_LAMP);
    assertThat(guide.press().note(Event.Type.RESUMED, "", "", now).events()).isEmpty();
    assertThat(guide.press().note(Event.Type.NOTE, "", "left thumb sore", now).events())
        .isNotEmpty();
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
    assertThat(guide.ready()).isAfter(now.plusSeconds(5));

    assertThat(pinched(pinch, now.plusSeconds(pinch.job().seconds() + 1)).offWindow()).isTrue();
    assertThat(pinched(pinch, guide.ready().plusSeconds(pinch.job().seconds())).offWindow())
        .isFalse();
    assertThat(pinched(pinch, guide.ready().plusSeconds(900)).offWindow()).isTrue();
  }

  private Past pinched(Step pinch, Instant at) {
    List<Event> would = new ArrayList<>(events);
    would.add(guide().press().done(pinch.id(), at).events().get(0));
    List<Past> past = new Guide(plan, would).past();
    return past.get(past.size() - 1);
  }
}
