package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ongle.core.bench.LearnedTime.Sample;
import ongle.core.fitting.BuildWay;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;

class LearnedTimeTest {
  private static Sample body(double took) {
    return new Sample(StepKind.BODY, 40, took);
  }

  @Test
  void theMedianOfTheLastTenIsLearnedWithItsSpread() {
    List<Sample> samples = new ArrayList<>();
    for (int i = 1; i <= 10; i++) {
      samples.add(body(40 + 2 * i));
    }
    samples.add(body(120)); // the eleventh counts no more

    LearnedTime learned = LearnedTime.of(samples).get(StepKind.BODY);
    assertThat(learned.factor()).isCloseTo(51.0 / 40, within(1e-9));
    assertThat(learned.least()).isCloseTo(42.0 / 40, within(1e-9));
    assertThat(learned.most()).isCloseTo(60.0 / 40, within(1e-9));
    assertThat(learned.times()).isEqualTo(10);
  }

  @Test
  void tooFewAndForgottenPressesTeachNothing() {
    assertThat(LearnedTime.of(List.of(body(40), body(44)))).isEmpty();
    assertThat(LearnedTime.of(List.of(body(40), body(44), body(4000), body(0.5)))).isEmpty();
    assertThat(LearnedTime.of(List.of())).isEmpty();
  }

  @Test
  void whoAlwaysTakesHalfAgainAsLongGetsALongerAppointmentAndNoLongerNextTime() {
    BenchPlan plan = BenchPlan.of(Sets.of(Product.POLY_GEL, BuildWay.FORM), BenchWish.USUAL);
    Map<StepKind, Double> learned = factors(worked(plan, 1.5));

    assertThat(learned.get(StepKind.PIECE)).isCloseTo(1.5, within(0.05));
    BenchPlan slower = BenchPlan.of(plan.plan(), plan.wish().learning(learned));
    assertThat(slower.schedule().makespan()).isGreaterThan(plan.schedule().makespan() * 23 / 20);
    // Worked as that plan says, the same is learned again.
    assertThat(factors(worked(slower, 1)).get(StepKind.PIECE)).isCloseTo(1.5, within(0.05));
  }

  private static Map<StepKind, Double> factors(List<Sample> samples) {
    return LearnedTime.of(samples).entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, of -> of.getValue().factor()));
  }

  /** Works an appointment, each step so many times as long as planned. */
  private static List<Sample> worked(BenchPlan plan, double slower) {
    List<Event> events = new ArrayList<>();
    Instant now = Instant.parse("2026-03-10T09:00:00Z");
    events.add(Event.of(now, Event.Type.BEGIN, ""));
    Guide guide = new Guide(plan, events);
    while (guide.current().isPresent()) {
      Step step = guide.current().get();
      now = now.isBefore(guide.ready()) ? guide.ready() : now;
      now =
          now.plusMillis(
              step.runsByItself() ? 1000 : (long) (1000 * slower * step.job().seconds()) + 700);
      events.addAll(guide.press().done(step.id(), now).events());
      guide = new Guide(plan, events);
    }
    return LearnedTime.samples(guide);
  }

  @Test
  void samplesComeTheLastFirst() {
    BenchPlan plan = BenchPlan.of(Sets.of(Product.POLY_GEL, BuildWay.FORM), BenchWish.USUAL);
    List<Sample> samples = worked(plan, 1);
    assertThat(samples.get(0).kind()).isEqualTo(StepKind.OIL);
    Collections.reverse(samples);
    assertThat(samples.get(0).kind()).isEqualTo(StepKind.SANITISE);
  }
}
