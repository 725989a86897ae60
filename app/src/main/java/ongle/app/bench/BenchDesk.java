package ongle.app.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import ongle.app.lamps.Lamps;
import ongle.app.sets.PlannedSet;
import ongle.app.sets.SetEditor;
import ongle.app.sets.SetReader;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Event;
import ongle.core.bench.Guide;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans appointments, and notes what happens in them. */
@Service
class BenchDesk {
  /**
   * Two screens pressing at once are told apart by the place of their event; the later looks again.
   */
  private static final int TRIES = 5;

  private final SetReader reader;
  private final SetEditor editor;
  private final BenchEventRepository events;
  private final BenchClock clock;
  private final BenchFeed feed;
  private final Lamps lamps;
  private final JsonMapper json = JsonMapper.builder().build();

  BenchDesk(
      SetReader reader,
      SetEditor editor,
      BenchEventRepository events,
      BenchClock clock,
      BenchFeed feed,
      Lamps lamps) {
    this.reader = reader;
    this.editor = editor;
    this.events = events;
    this.clock = clock;
    this.feed = feed;
    this.lamps = lamps;
  }

  /** A set, how it is carried out, and the appointment that makes. */
  record Desk(PlannedSet planned, BenchChoices choices, BenchPlan plan) {}

  /**
   * An appointment under way.
   *
   * @param guide where it stands; empty before it was begun
   * @param now by the bench's clock
   * @param said why the last thing pressed was not counted; empty when it was
   */
  record Sitting(Desk desk, Optional<Guide> guide, Instant now, String said) {}

  Desk desk(long setId) {
    PlannedSet planned = reader.planned(setId);
    BenchChoices choices = choices(planned.set().getBench());
    return new Desk(
        planned,
        choices,
        BenchPlan.of(planned.plan(), choices.wish(planned, lamps.of(choices.lamp()))));
  }

  List<Lamps.Kept> lamps() {
    return lamps.all();
  }

  private BenchChoices choices(String stored) {
    return stored == null ? BenchChoices.USUAL : json.readValue(stored, BenchChoices.class);
  }

  /**
   * Chooses otherwise.
   *
   * @param changed by the names of {@link BenchChoices}
   * @return why it cannot be; empty when it was
   */
  Optional<String> choose(long setId, Map<String, String> changed) {
    PlannedSet planned = reader.planned(setId);
    ObjectNode tree = json.valueToTree(choices(planned.set().getBench()));
    changed.forEach(
        (name, value) -> {
          if (tree.has(name)) {
            tree.put(name, value.strip().replace(',', '.'));
          }
        });
    try {
      BenchChoices wanted = json.treeToValue(tree, BenchChoices.class);
      wanted.wish(planned, lamps.of(wanted.lamp())).setting();
      editor.carryOut(setId, json.writeValueAsString(wanted));
      return Optional.empty();
    } catch (JacksonException noNumber) {
      return Optional.of("Type a number.");
    } catch (IllegalArgumentException outOfRange) {
      return Optional.of(outOfRange.getMessage() + ".");
    }
  }

  /** Where the appointment stands. */
  Sitting sitting(long setId, String said) {
    Desk desk = desk(setId);
    List<Event> run = run(setId);
    Instant now = now(run);
    return new Sitting(
        desk,
        run.isEmpty() || !desk.plan().refusals().isEmpty()
            ? Optional.empty()
            : Optional.of(new Guide(desk.plan(), run)),
        now,
        said);
  }

  private Instant now(List<Event> run) {
    return clock.now(run.isEmpty() ? Instant.MIN : run.get(run.size() - 1).at());
  }

  Optional<String> clockTrouble() {
    return clock.trouble();
  }

  /** Whether an appointment was ever begun. */
  boolean begun(long setId) {
    return events.existsBySetId(setId);
  }

  /** The events of the last run. */
  private List<Event> run(long setId) {
    List<BenchEvent> all = events.findBySetIdOrderByRunAscPlaceAsc(setId);
    int last = all.isEmpty() ? 0 : all.get(all.size() - 1).run();
    return all.stream().filter(event -> event.run() == last).map(BenchEvent::event).toList();
  }

  /** Begins the appointment; once begun it goes on. */
  Sitting begin(long setId) {
    List<Event> run = run(setId);
    if (run.isEmpty()) {
      note(setId, run, Event.of(now(run), Event.Type.BEGIN, ""));
    }
    return sitting(setId, "");
  }

  /** Begins it anew; what happened before stays on record. */
  Sitting beginAnew(long setId) {
    List<BenchEvent> all = events.findBySetIdOrderByRunAscPlaceAsc(setId);
    int next = all.isEmpty() ? 1 : all.get(all.size() - 1).run() + 1;
    Instant now = now(run(setId));
    events.saveAndFlush(new BenchEvent(setId, next, 0, Event.of(now, Event.Type.BEGIN, "")));
    feed.changed(setId);
    return sitting(setId, "");
  }

  /** Does what was pressed, if that may be now; what another screen did meanwhile counts first. */
  Sitting press(long setId, BiFunction<Guide, Instant, Guide.Answer> what) {
    Desk desk = desk(setId);
    for (int i = 0; i < TRIES; i++) {
      List<Event> run = run(setId);
      if (run.isEmpty() || !desk.plan().refusals().isEmpty()) {
        return sitting(setId, "Begin the appointment first.");
      }
      Guide.Answer answer = what.apply(new Guide(desk.plan(), run), now(run));
      if (answer.event().isEmpty()) {
        return sitting(setId, answer.why());
      }
      if (note(setId, run, answer.event().get())) {
        return sitting(setId, "");
      }
    }
    return sitting(setId, "Somebody else is pressing, too. Try again.");
  }

  private boolean note(long setId, List<Event> run, Event event) {
    try {
      List<BenchEvent> all = new ArrayList<>(events.findBySetIdOrderByRunAscPlaceAsc(setId));
      int number = all.isEmpty() ? 1 : all.get(all.size() - 1).run();
      events.saveAndFlush(new BenchEvent(setId, number, run.size(), event));
      feed.changed(setId);
      return true;
    } catch (DataIntegrityViolationException alreadyNoted) {
      return false;
    }
  }
}
