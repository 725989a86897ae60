package ongle.app.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.feed.Feeds;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.shelf.LotUse;
import ongle.app.shelf.Shelf;
import ongle.app.times.Times;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import ongle.core.bench.Presses;
import ongle.core.bench.Step;
import ongle.core.bench.WorkFacts;
import ongle.core.plan.Caution;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import ongle.core.wear.Wearing;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Notes what happens in an appointment, and says where it stands. */
@Service
public class BenchDesk {
  /**
   * Two screens pressing at once are told apart by the place of their event; the later looks again.
   */
  private static final int TRIES = 5;

  private final VisitPlanner visits;
  private final BenchEventRepository events;
  private final BenchClock clock;
  private final Clock calendar;
  private final Feeds feeds;
  private final Shelf shelf;
  private final Times times;
  private final TransactionOperations changes;

  BenchDesk(
      VisitPlanner visits,
      BenchEventRepository events,
      BenchClock clock,
      Clock calendar,
      Feeds feeds,
      Shelf shelf,
      Times times,
      TransactionOperations changes) {
    this.changes = changes;
    this.visits = visits;
    this.events = events;
    this.clock = clock;
    this.calendar = calendar;
    this.feeds = feeds;
    this.shelf = shelf;
    this.times = times;
  }

  /**
   * One time through the steps.
   *
   * @param number 1 for the first; 0 before it was ever begun
   * @param noted what happened in it, in order
   */
  private record Run(int number, List<Noted> noted) {
    boolean begun() {
      return !noted.isEmpty();
    }

    /** When something happened last; a hand that waits for the lamp has not happened yet. */
    Instant last() {
      return noted.stream()
          .map(Noted::event)
          .filter(event -> event.type() != Event.Type.WHEN_FREE)
          .map(Event::at)
          .reduce((earlier, later) -> later)
          .orElse(Instant.MIN);
    }

    List<Event> and(List<Event> more) {
      return Stream.concat(events().stream(), more.stream()).toList();
    }

    Run with(List<Noted> more) {
      return new Run(number, Stream.concat(noted.stream(), more.stream()).toList());
    }

    List<Event> events() {
      return noted.stream().map(Noted::event).toList();
    }
  }

  /**
   * An appointment under way.
   *
   * @param guide where it stands; empty before it was begun, or while its lamp cannot cure it
   * @param noted what happened in it
   * @param now by the bench's clock
   * @param said why the last thing pressed was not counted, or what it costs; empty mostly
   * @param took from the shelf; empty before everything is done
   */
  record Sitting(
      PlannedVisit visit,
      Optional<Guide> guide,
      List<Noted> noted,
      Instant now,
      String said,
      List<LotUse> took) {}

  PlannedVisit visit(long setId) {
    return visits.of(setId);
  }

  /** What a visit takes of everything, against the shelf as it stands. */
  List<Need> needs(BenchPlan plan) {
    return shelf.needs(plan.amounts(), today());
  }

  /** What the shelf lacks for a visit, in words. */
  List<String> lacking(BenchPlan plan) {
    return needs(plan).stream()
        .filter(need -> !need.standing().served())
        .map(need -> Words.of(need.material()) + ": " + BenchWords.shelf(need))
        .toList();
  }

  private LocalDate today() {
    return LocalDate.now(calendar);
  }

  /** Where the appointment stands. */
  Sitting sitting(long setId) {
    return sitting(visits.of(setId), run(setId), "");
  }

  private Sitting sitting(PlannedVisit visit, Run run, String said) {
    return run.begun() && visit.plan().refusals().isEmpty()
        ? sitting(visit, run, new Guide(visit.plan(), run.events()), said)
        : new Sitting(visit, Optional.empty(), run.noted(), clock.now(run.last()), said, List.of());
  }

  private Sitting sitting(PlannedVisit visit, Run run, Guide guide, String said) {
    boolean over = guide.current().isEmpty();
    if (over) {
      finishOnce(visit, run.number(), guide);
    }
    return new Sitting(
        visit,
        Optional.of(guide),
        run.noted(),
        clock.now(run.last()),
        said,
        over ? shelf.taken(visit.planned().id(), run.number()) : List.of());
  }

  /**
   * What it used up leaves the shelf, the set is worn from today, and its times are learned: all or
   * nothing.
   */
  private void finishOnce(PlannedVisit visit, int run, Guide guide) {
    changes.executeWithoutResult(
        status -> {
          if (shelf.take(visit.planned().id(), run, visit.plan().amounts(), today())) {
            visits.finish(visit, today());
            times.note(visit.planned().id(), run, visit.choices().technician(), guide);
          }
        });
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
    List<Run> runs = runs(setId);
    return runs.isEmpty() ? new Run(0, List.of()) : runs.get(runs.size() - 1);
  }

  private List<Run> runs(long setId) {
    return events.findBySetIdOrderByRunAscPlaceAsc(setId).stream()
        .collect(
            Collectors.groupingBy(
                BenchEvent::run,
                TreeMap::new,
                Collectors.mapping(BenchEvent::noted, Collectors.toList())))
        .entrySet()
        .stream()
        .map(run -> new Run(run.getKey(), run.getValue()))
        .toList();
  }

  /** What happened each time the appointment was begun, the last time first. */
  @Needs(Right.HANDS)
  List<List<Noted>> records(long setId) {
    List<List<Noted>> records = new ArrayList<>(runs(setId).stream().map(Run::noted).toList());
    Collections.reverse(records);
    return records;
  }

  /** What the last time through an appointment leaves to be known. */
  public WorkFacts facts(PlannedVisit visit) {
    Run run = run(visit.planned().id());
    return run.begun() && visit.plan().refusals().isEmpty()
        ? WorkFacts.of(
            new Guide(visit.plan(), run.events()),
            shelf.jars(
                visit.planned().id(),
                run.number(),
                visit.planned().set().getCreatedAt().toLocalDate()))
        : WorkFacts.NONE;
  }

  /** Begins the appointment; once begun it goes on. */
  @Needs(Right.HANDS)
  void begin(long setId) {
    Run run = run(setId);
    if (!run.begun()) {
      beginAfter(setId, run);
    }
  }

  /** Starts over; what happened before stays on record. */
  @Needs(Right.HANDS)
  void startOver(long setId) {
    beginAfter(setId, run(setId));
  }

  private void beginAfter(long setId, Run run) {
    visits.begin(setId);
    Instant now = clock.now(run.last());
    note(
        setId,
        new Run(run.number() + 1, List.of()),
        List.of(
            Noted.beginning(
                Event.of(now, Event.Type.BEGIN, ""),
                preparation(visits.of(setId).planned().plan().wish().wearing()))));
  }

  /** What the plan leaves out of the preparation from the beginning; blank for nothing. */
  private static String preparation(Wearing wearing) {
    return wearing.skipped().isEmpty()
        ? ""
        : Words.of(new Caution.PreparationSkipped(wearing.skipped().stream().sorted().toList()));
  }

  /** Finishes a step, with the lots that are in use. */
  @Needs(Right.HANDS)
  Sitting done(long setId, String step) {
    return press(setId, (guide, now) -> guide.press().done(step, lots(guide, step), now));
  }

  /** Finishes a step that nobody pressed for: it took as long as the last of its kind. */
  @Needs(Right.HANDS)
  Sitting doneAsLast(long setId, String step) {
    return press(setId, (guide, now) -> guide.press().doneAsLast(step, lots(guide, step), now));
  }

  private String lots(Guide guide, String step) {
    return guide.plan().step(step).map(of -> lots(guide.plan(), of)).orElse("");
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
  @Needs(Right.HANDS)
  Sitting press(long setId, BiFunction<Guide, Instant, Presses.Answer> what) {
    PlannedVisit visit = visits.of(setId);
    for (int i = 0; i < TRIES; i++) {
      Run run = run(setId);
      if (!run.begun() || !visit.plan().refusals().isEmpty()) {
        return sitting(
            visit, run, Words.say(run.begun() ? "bench.waits-for-lamp" : "bench.begin-first"));
      }
      Presses.Answer answer =
          what.apply(new Guide(visit.plan(), run.events()), clock.now(run.last()));
      if (answer.events().isEmpty()) {
        return sitting(visit, run, Words.of(answer.why()));
      }
      Guide after = new Guide(visit.plan(), run.and(answer.events()));
      List<Noted> noted = answer.events().stream().map(event -> Noted.of(event, after)).toList();
      if (note(setId, run, noted)) {
        return sitting(visit, run.with(noted), after, noted.get(0).costs());
      }
    }
    return sitting(visit, run(setId), Words.say("bench.somebody-else"));
  }

  /** All of one press or nothing. */
  private boolean note(long setId, Run run, List<Noted> noted) {
    List<BenchEvent> places = new ArrayList<>();
    for (Noted each : noted) {
      places.add(new BenchEvent(setId, run.number(), run.noted().size() + places.size(), each));
    }
    try {
      events.saveAllAndFlush(places);
      feeds.toAll("changed", setId);
      return true;
    } catch (DataIntegrityViolationException alreadyNoted) {
      return false;
    }
  }
}
