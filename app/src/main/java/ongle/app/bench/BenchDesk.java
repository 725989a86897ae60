package ongle.app.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.shelf.LotUse;
import ongle.app.shelf.Shelf;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.Step;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;

/** Notes what happens in an appointment, and says where it stands. */
@Service
class BenchDesk {
  /**
   * Two screens pressing at once are told apart by the place of their event; the later looks again.
   */
  private static final int TRIES = 5;

  private final VisitPlanner visits;
  private final BenchEventRepository events;
  private final BenchClock clock;
  private final Clock calendar;
  private final BenchFeed feed;
  private final Shelf shelf;

  BenchDesk(
      VisitPlanner visits,
      BenchEventRepository events,
      BenchClock clock,
      Clock calendar,
      BenchFeed feed,
      Shelf shelf) {
    this.visits = visits;
    this.events = events;
    this.clock = clock;
    this.calendar = calendar;
    this.feed = feed;
    this.shelf = shelf;
  }

  /**
   * One time through the steps.
   *
   * @param number 1 for the first; 0 before it was ever begun
   * @param events of it, in order
   */
  private record Run(int number, List<Event> events) {
    boolean begun() {
      return !events.isEmpty();
    }

    Instant last() {
      return begun() ? events.get(events.size() - 1).at() : Instant.MIN;
    }

    Run and(Event event) {
      return new Run(number, Stream.concat(events.stream(), Stream.of(event)).toList());
    }
  }

  /**
   * An appointment under way.
   *
   * @param guide where it stands; empty before it was begun
   * @param now by the bench's clock
   * @param said why the last thing pressed was not counted; empty when it was
   * @param took from the shelf; empty before everything is done
   */
  record Sitting(
      PlannedVisit visit, Optional<Guide> guide, Instant now, String said, List<LotUse> took) {}

  PlannedVisit visit(long setId) {
    return visits.of(setId);
  }

  /** What a visit takes of everything, against the shelf as it stands. */
  List<Need> needs(BenchPlan plan) {
    return shelf.needs(plan.amounts(), today());
  }

  private LocalDate today() {
    return LocalDate.now(calendar);
  }

  /** Where the appointment stands. */
  Sitting sitting(long setId) {
    return sitting(visits.of(setId), run(setId), "");
  }

  private Sitting sitting(PlannedVisit visit, Run run, String said) {
    Instant now = clock.now(run.last());
    if (!run.begun() || !visit.plan().refusals().isEmpty()) {
      return new Sitting(visit, Optional.empty(), now, said, List.of());
    }
    Guide guide = new Guide(visit.plan(), run.events());
    if (guide.current().isEmpty()) {
      finishOnce(visit, run.number());
    }
    return new Sitting(
        visit,
        Optional.of(guide),
        now,
        said,
        guide.current().isEmpty() ? shelf.taken(visit.planned().id(), run.number()) : List.of());
  }

  /** What it used up leaves the shelf, and the set is worn from today. */
  private void finishOnce(PlannedVisit visit, int run) {
    try {
      if (shelf.take(visit.planned().id(), run, visit.plan().amounts(), today())) {
        visits.finish(visit, today());
      }
    } catch (DataIntegrityViolationException anotherScreenDid) {
      // Counted once, which is what is wanted.
    }
  }

  Optional<String> clockTrouble() {
    return clock.trouble();
  }

  /** How many seconds the bench's clock counts in one. */
  double clockSpeed() {
    return clock.speed();
  }

  /** Whether an appointment was ever begun. */
  boolean begun(long setId) {
    return events.existsBySetId(setId);
  }

  /** Whether the last run came to its end. */
  boolean worked(long setId) {
    return !shelf.taken(setId, run(setId).number()).isEmpty();
  }

  /** The last run. */
  private Run run(long setId) {
    List<BenchEvent> all = events.findBySetIdOrderByRunAscPlaceAsc(setId);
    int last = all.isEmpty() ? 0 : all.get(all.size() - 1).run();
    return new Run(
        last, all.stream().filter(event -> event.run() == last).map(BenchEvent::event).toList());
  }

  /** Begins the appointment; once begun it goes on. */
  void begin(long setId) {
    Run run = run(setId);
    if (!run.begun()) {
      beginAfter(setId, run);
    }
  }

  /** Begins it anew; what happened before stays on record. */
  void beginAnew(long setId) {
    beginAfter(setId, run(setId));
  }

  private void beginAfter(long setId, Run run) {
    visits.begin(setId);
    Instant now = clock.now(run.last());
    note(setId, new Run(run.number() + 1, List.of()), Event.of(now, Event.Type.BEGIN, ""));
  }

  /** Finishes a step, with the lots that are in use. */
  Sitting done(long setId, String step) {
    return press(
        setId,
        (guide, now) ->
            guide.done(
                step, guide.plan().step(step).map(s -> lots(guide.plan(), s)).orElse(""), now));
  }

  /** The lots a step is done with, in words; empty for none on the shelf. */
  private String lots(BenchPlan plan, Step step) {
    Map<Material, Double> amounts = new LinkedHashMap<>(plan.amounts());
    amounts.keySet().retainAll(step.materials());
    return amounts.isEmpty()
        ? ""
        : shelf.needs(amounts, today()).stream()
            .flatMap(need -> need.from().stream().limit(1))
            .map(taken -> taken.lot().number())
            .collect(Collectors.joining(", "));
  }

  /** Does what was pressed, if that may be now; what another screen did meanwhile counts first. */
  Sitting press(long setId, BiFunction<Guide, Instant, Guide.Answer> what) {
    PlannedVisit visit = visits.of(setId);
    for (int i = 0; i < TRIES; i++) {
      Run run = run(setId);
      if (!run.begun() || !visit.plan().refusals().isEmpty()) {
        return sitting(visit, run, "Begin the appointment first.");
      }
      Guide.Answer answer =
          what.apply(new Guide(visit.plan(), run.events()), clock.now(run.last()));
      if (answer.event().isEmpty()) {
        return sitting(visit, run, answer.why());
      }
      if (note(setId, run, answer.event().get())) {
        return sitting(visit, run.and(answer.event().get()), "");
      }
    }
    return sitting(visit, run(setId), "Somebody else is pressing, too. Try again.");
  }

  private boolean note(long setId, Run run, Event event) {
    try {
      events.saveAndFlush(new BenchEvent(setId, run.number(), run.events().size(), event));
      feed.changed(setId);
      return true;
    } catch (DataIntegrityViolationException alreadyNoted) {
      return false;
    }
  }
}
