package ongle.app.history;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.products.Products;
import ongle.app.sets.Choices;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetRepository;
import ongle.app.sets.SetState;
import ongle.app.sets.SetStateRepository;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * The way back: every choice made for a set, step by step from its beginning, and versions kept
 * under a name.
 */
@Service
public class SetHistory {
  /** Steps kept; nobody goes farther back than that in one sitting. */
  private static final int MAX_STEPS = 300;

  private final SetStateRepository states;
  private final SetRepository sets;
  private final SetReader reader;
  private final Products products;
  private final Clock clock;

  /** A step has its turn only until it is kept, and is planned after, as every change. */
  private final TransactionTemplate turn;

  private final JsonMapper json = JsonMapper.builder().build();

  SetHistory(
      SetStateRepository states,
      SetRepository sets,
      SetReader reader,
      Products products,
      Clock clock,
      TransactionTemplate turn) {
    this.states = states;
    this.sets = sets;
    this.reader = reader;
    this.products = products;
    this.clock = clock;
    this.turn = turn;
  }

  /**
   * Where a set stands.
   *
   * @param undo what undoing would take back; empty at the beginning
   * @param redo what redoing would do again; empty at the end
   * @param versions kept under a name, the newest first
   */
  public record Standing(Optional<String> undo, Optional<String> redo, List<SetState> versions) {}

  @Transactional(readOnly = true)
  public Standing standing(NailSet set) {
    int place = set.getStatePlace();
    List<SetState> near = states.around(set.getId(), place - 1, place + 1);
    boolean before = at(near, place - 1).isPresent();
    return new Standing(
        at(near, place).filter(here -> before).map(SetState::getWhat),
        at(near, place + 1).map(SetState::getWhat),
        near.stream().filter(state -> state.getName() != null).toList());
  }

  private static Optional<SetState> at(List<SetState> states, int place) {
    return states.stream().filter(state -> state.isAt(place)).findFirst();
  }

  /** Takes the last step back; nothing at the beginning. */
  @Needs(Right.HANDS)
  public PlannedSet undo(long setId) {
    return go(setId, -1);
  }

  /** Takes the step again that was taken back last; nothing at the end. */
  @Needs(Right.HANDS)
  public PlannedSet redo(long setId) {
    return go(setId, 1);
  }

  private PlannedSet go(long setId, int by) {
    turn.executeWithoutResult(status -> step(set(setId), by));
    return reader.planned(setId);
  }

  private void step(NailSet set, int by) {
    int to = set.getStatePlace() + by;
    states
        .findBySetIdAndPlace(set.getId(), to)
        .ifPresent(
            state -> {
              set.choose(read(state), now());
              set.standAt(to);
            });
  }

  /** Keeps what is chosen now under a name; a version of that name is replaced. */
  @Needs(Right.HANDS)
  @Transactional
  public void keep(long setId, String name) {
    states
        .findBySetIdAndName(setId, name)
        .ifPresent(
            old -> {
              states.delete(old);
              states.flush();
            });
    states.save(SetState.version(setId, name, now(), write(Choices.of(set(setId)))));
  }

  /** Goes back to a version; that is a step of its own, which can be undone. */
  @Needs(Right.HANDS)
  public PlannedSet returnTo(long setId, long versionId) {
    turn.executeWithoutResult(status -> choose(set(setId), version(setId, versionId)));
    return reader.planned(setId);
  }

  private void choose(NailSet set, SetState version) {
    Choices before = Choices.of(set);
    set.choose(read(version), now());
    record(set, before, Words.say("sets.back-to", "name", version.getName()));
  }

  /** A version's plan; nothing is changed. */
  @Transactional(readOnly = true)
  public PlannedSet planned(long setId, long versionId) {
    return reader.planned(set(setId), read(version(setId, versionId)));
  }

  private SetState version(long setId, long versionId) {
    return states
        .findById(versionId)
        .filter(state -> state.getSetId() == setId && state.getName() != null)
        .orElseThrow(() -> new NotFound("version " + versionId + " of set " + setId));
  }

  /** Forgets the steps that led to where every set stands; versions stay. */
  @Needs(Right.HANDS)
  @Transactional
  public void beginHere() {
    sets.findAll()
        .forEach(
            set -> {
              states.deleteAfter(set.getId(), -1);
              set.standAt(0);
            });
  }

  /** Notes what was changed, if anything chosen was; what had been undone is gone then. */
  public void record(NailSet set, Choices before) {
    record(set, before, null);
  }

  private void record(NailSet set, Choices before, String what) {
    Choices after = Choices.of(set);
    if (after.equals(before)) {
      return;
    }
    int place = set.getStatePlace();
    if (place == 0 && states.findBySetIdAndPlace(set.getId(), 0).isEmpty()) {
      states.save(SetState.step(set.getId(), 0, "beginning", now(), write(before)));
    }
    states.deleteAfter(set.getId(), place);
    states.save(
        SetState.step(
            set.getId(),
            place + 1,
            what == null ? after.against(before, products::of) : what,
            now(),
            write(after)));
    set.standAt(place + 1);
    if (place > MAX_STEPS) {
      states.deleteBefore(set.getId(), place - MAX_STEPS);
    }
  }

  private String write(Choices choices) {
    return json.writeValueAsString(choices);
  }

  private Choices read(SetState state) {
    return json.readValue(state.getChoices(), Choices.class);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }

  private NailSet set(long id) {
    return sets.whole(id).orElseThrow(() -> new NotFound("set " + id));
  }
}
