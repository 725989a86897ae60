package ongle.app.times;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.people.People;
import ongle.app.people.Role;
import ongle.app.visits.VisitPlanner;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.support.TransactionOperations;

/** What a finished appointment teaches, what follows from it, and putting it back. */
@SalonTest
class TimesTest {
  private static final double SLOWER = 1.4;

  @Autowired private MockMvc mvc;
  @Autowired private Times times;
  @Autowired private People people;
  @Autowired private VisitPlanner visits;
  @Autowired private TransactionOperations changes;

  @AfterEach
  void asItWas() {
    for (StepKind kind : StepKind.values()) {
      times.forget(null, kind);
    }
  }

  /** Works an appointment, each step so many times as long as planned. */
  private static Guide worked(BenchPlan plan) {
    List<Event> events = new ArrayList<>();
    Instant now = Instant.parse("2026-03-10T09:00:00Z");
    events.add(Event.of(now, Event.Type.BEGIN, ""));
    Guide guide = new Guide(plan, events);
    while (guide.current().isPresent()) {
      Step step = guide.current().get();
      now = now.isBefore(guide.ready()) ? guide.ready() : now;
      now =
          now.plusMillis(
              step.runsByItself() ? 1000 : (long) (1000 * SLOWER * step.job().seconds()) + 700);
      events.addAll(guide.press().done(step.id(), now).events());
      guide = new Guide(plan, events);
    }
    return guide;
  }

  @Test
  void appointmentsGetLongerForWhoTakesLongerAndShorterAgainWhenPutBack() throws Exception {
    BenchPlan before = visits.of(6).plan();
    changes.executeWithoutResult(status -> times.note(6, 90, null, worked(before)));

    assertThat(times.factors(null).get(StepKind.PIECE)).isCloseTo(SLOWER, within(0.1));
    BenchPlan after = visits.of(6).plan();
    assertThat(after.schedule().makespan()).isGreaterThan(before.schedule().makespan());
    mvc.perform(get("/salon/times"))
        .andExpect(content().string(containsString("Lay and shape the piece")))
        .andExpect(content().string(containsString("off by")));

    mvc.perform(post("/salon/times/forget").param("kind", "PIECE"))
        .andExpect(content().string(not(containsString("Lay and shape the piece"))));
    assertThat(times.factors(null)).doesNotContainKey(StepKind.PIECE);
    assertThat(visits.of(6).plan().schedule().makespan()).isLessThan(after.schedule().makespan());
  }

  @Test
  void aVisitThatHasBegunKeepsTheTimesItBeganWith() {
    visits.begin(5);
    BenchPlan begun = visits.of(5).plan();
    changes.executeWithoutResult(status -> times.note(5, 91, null, worked(begun)));

    assertThat(times.factors(null)).isNotEmpty();
    assertThat(visits.of(5).plan().steps()).isEqualTo(begun.steps());
  }

  @Test
  void everybodyHasTimesOfTheirOwn() throws Exception {
    long wenna = people.add(UUID.randomUUID(), "Wenna", Role.TECHNICIAN, "7072").getId();
    BenchPlan before = visits.of(6).plan();
    changes.executeWithoutResult(status -> times.note(6, 92, wenna, worked(before)));

    assertThat(times.factors(null)).isEmpty();
    assertThat(visits.of(6).plan().steps()).isEqualTo(before.steps());
    assertThat(visits.choose(6, Map.of("technician", String.valueOf(wenna)))).isEmpty();
    assertThat(visits.of(6).plan().schedule().makespan())
        .isGreaterThan(before.schedule().makespan());
    mvc.perform(get("/salon/times").param("of", String.valueOf(wenna)))
        .andExpect(content().string(containsString("Lay and shape the piece")));
    assertThat(visits.choose(6, Map.of("technician", ""))).isEmpty();
    assertThat(visits.of(6).plan().steps()).isEqualTo(before.steps());
    assertThat(visits.choose(6, Map.of("technician", "999999"))).isPresent();
    people.gone(wenna);
    assertThat(people.all()).noneMatch(person -> person.getName().equals("Wenna"));
  }
}
