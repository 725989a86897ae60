package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * A plan that is changed while it is built, into any other: the guide always knows how to go on.
 */
class ChangedMidwayTest {
  private static final int SETS = 60;
  private static final int OTHER = 100_000;
  private static final int PRESSES = 400;

  @Test
  void theWorkGoesOn() {
    for (int seed = 0; seed < SETS; seed++) {
      BenchPlan one = OrderOfWorkTest.any(seed);
      BenchPlan other = OrderOfWorkTest.any(OTHER + seed);
      if (one.refusals().isEmpty() && other.refusals().isEmpty()) {
        Random random = new Random(seed);
        assertThatCode(() -> build(List.of(one, other), random))
            .as("set %d", seed)
            .doesNotThrowAnyException();
      }
    }
  }

  /** Presses what is shown, and now and then something else, while the plan changes. */
  private static void build(List<BenchPlan> plans, Random random) {
    Instant now = Instant.parse("2026-03-10T10:00:00Z");
    List<Event> events = new ArrayList<>(List.of(Event.of(now, Event.Type.BEGIN, "")));
    BenchPlan plan = plans.get(0);
    for (int press = 0; press < PRESSES; press++) {
      plan = random.nextInt(12) == 0 ? plans.get(random.nextInt(plans.size())) : plan;
      now = now.plusSeconds(random.nextInt(random.nextInt(4) == 0 ? 2500 : 200));
      Guide guide = new Guide(plan, events);
      Optional<Step> current = guide.current();
      if (current.isEmpty()) {
        return;
      }
      events.addAll(press(guide, current.get().id(), now, random).events());
    }
  }

  private static Presses.Answer press(Guide guide, String step, Instant now, Random random) {
    Optional<Step> instead = guide.instead(now);
    Presses presses = guide.press();
    return switch (random.nextInt(15)) {
      case 0 -> presses.back(now);
      case 1 -> presses.skip(step, "so", now);
      case 2 -> presses.first(instead.map(Step::id).orElse(step), now);
      default -> presses.done(step, now);
    };
  }
}
