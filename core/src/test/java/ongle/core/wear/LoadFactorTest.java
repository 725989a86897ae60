package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import ongle.core.wear.LoadFactor.Course;
import ongle.core.wear.LoadFactor.Observation;
import ongle.core.wear.LoadFactor.Outcome;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is learned of a client's hands, against the expected cases and against a simulated salon.
 */
class LoadFactorTest {
  private static final Percentage WITHIN = Percentage.withPercentage(1);

  private static double[] numbers(JsonNode of) {
    double[] numbers = new double[of.size()];
    for (int i = 0; i < numbers.length; i++) {
      numbers[i] = of.get(i).asDouble();
    }
    return numbers;
  }

  private static Course course(JsonNode of) {
    return new Course(numbers(of.get("days")), numbers(of.get("margins")));
  }

  private static Observation observation(JsonNode of) {
    return new Observation(
        course(of),
        switch (of.get("outcome").asString()) {
          case "held" -> new Outcome.Held(of.get("until").asDouble());
          case "cracked-on" -> new Outcome.CrackedOn(of.get("on").asDouble());
          default ->
              new Outcome.CrackedBetween(of.get("after").asDouble(), of.get("until").asDouble());
        });
  }

  @Test
  void whatIsLearnedIsAsExpected() throws Exception {
    try (InputStream in = getClass().getResourceAsStream("/reference/learning-cases.json")) {
      for (JsonNode each : JsonMapper.builder().build().readTree(in)) {
        List<Observation> seen = new ArrayList<>();
        each.get("observations").forEach(one -> seen.add(observation(one)));
        LoadFactor learned = LoadFactor.of(seen);
        JsonNode expect = each.get("expect");
        assertThat(learned.mean()).isCloseTo(expect.get("mean").asDouble(), WITHIN);
        assertThat(learned.median()).isCloseTo(expect.get("median").asDouble(), WITHIN);
        assertThat(learned.low()).isCloseTo(expect.get("p10").asDouble(), WITHIN);
        assertThat(learned.high()).isCloseTo(expect.get("p90").asDouble(), WITHIN);
        for (Map.Entry<String, JsonNode> day : expect.get("survives").properties()) {
          assertThat(learned.survives(course(each.get("next")), Double.parseDouble(day.getKey())))
              .isCloseTo(day.getValue().asDouble(), WITHIN);
        }
      }
    }
  }

  @Test
  void fewNailsChangeNoPlan() {
    assertThat(LoadFactor.USUAL.times()).isEqualTo(1);
    assertThat(LoadFactor.USUAL.mean()).isCloseTo(Math.exp(0.35 * 0.35 / 2), within(0.01));
    Course weak = new Course(new double[] {0, 28}, new double[] {1.2, 1.0});
    List<Observation> nine = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      nine.add(new Observation(weak, new Outcome.Held(21)));
    }
    assertThat(LoadFactor.of(nine).times()).isEqualTo(1);
    nine.add(new Observation(weak, new Outcome.Held(21)));
    assertThat(LoadFactor.of(nine).times()).isLessThan(0.9);
    assertThatThrownBy(() -> new Course(new double[] {0}, new double[] {0}))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void tenNailsAreWholeLessSurelyThanOne() {
    Course course = new Course(new double[] {0, 35}, new double[] {1.4, 1.1});
    double one = LoadFactor.USUAL.survives(course, 21);
    double ten = LoadFactor.USUAL.survive(Collections.nCopies(10, course), 21);
    // Less than one, but more than if each had hands of its own.
    assertThat(ten).isLessThan(one).isGreaterThan(Math.pow(one, 10));
    int day = LoadFactor.USUAL.fallsUnder(0.8, Collections.nCopies(10, course), 63).orElseThrow();
    assertThat(LoadFactor.USUAL.survive(Collections.nCopies(10, course), day)).isLessThan(0.8);
    assertThat(LoadFactor.USUAL.survive(Collections.nCopies(10, course), day - 1))
        .isGreaterThanOrEqualTo(0.8);
  }

  /** 2,000 sets of hands whose λ is known: what was foretold comes true at every tenth. */
  @Test
  void whatIsForetoldComesTrue() {
    Random random = new Random(5);
    int[] foretold = new int[10];
    int[] held = new int[10];
    double[] sum = new double[10];
    for (int client = 0; client < 500; client++) {
      double lambda = Math.exp(0.35 * random.nextGaussian());
      List<Observation> seen = new ArrayList<>();
      for (int set = 0; set < 4; set++) {
        LoadFactor learned = LoadFactor.of(seen);
        for (int nail = 0; nail < 10; nail++) {
          double start = 0.8 + 1.2 * random.nextDouble();
          Course course = new Course(new double[] {0, 35}, new double[] {start, 0.8 * start});
          double day = cracks(course, lambda, random);
          if (set > 0) {
            double chance = learned.survives(course, 21);
            int tenth = Math.min(9, (int) (10 * chance));
            foretold[tenth]++;
            sum[tenth] += chance;
            held[tenth] += day > 21 ? 1 : 0;
          }
          seen.add(
              new Observation(
                  course, day > 21 ? new Outcome.Held(21) : new Outcome.CrackedBetween(0, 21)));
        }
      }
    }
    for (int tenth = 0; tenth < 10; tenth++) {
      if (foretold[tenth] > 200) {
        assertThat((double) held[tenth] / foretold[tenth])
            .describedAs("of %s nails", foretold[tenth])
            .isCloseTo(sum[tenth] / foretold[tenth], within(0.05));
      }
    }
  }

  /** Day by day, as it would happen. */
  private static double cracks(Course course, double lambda, Random random) {
    for (int hour = 0; hour < 24 * 40; hour++) {
      double day = hour / 24.0;
      double share = day / 35;
      double margin =
          course.margins()[0] + Math.min(1, share) * (course.margins()[1] - course.margins()[0]);
      double rate = Math.pow(lambda / margin, 8) * Math.log(2) / 21 / 24;
      if (random.nextDouble() < rate) {
        return day;
      }
    }
    return 99;
  }
}
