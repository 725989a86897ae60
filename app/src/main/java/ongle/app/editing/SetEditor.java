package ongle.app.editing;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.history.SetHistory;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.Choices;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.sets.SetRepository;
import ongle.app.sets.Taken;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Every change to a set goes through here. A field is only overwritten by someone who saw what
 * stood in it; edits of different fields never get in each other's way.
 */
@Service
public class SetEditor {
  private final SetRepository sets;
  private final SalonSettings salon;
  private final SetReader reader;
  private final SetHistory history;
  private final Clock clock;

  /**
   * A change has its turn only until it is kept: planning takes longer than that, and every other
   * desk would wait for it.
   */
  private final TransactionTemplate turn;

  SetEditor(
      SetRepository sets,
      SalonSettings salon,
      SetReader reader,
      SetHistory history,
      Clock clock,
      TransactionTemplate turn) {
    this.turn = turn;
    this.sets = sets;
    this.salon = salon;
    this.reader = reader;
    this.history = history;
    this.clock = clock;
  }

  /** Begins a set; the same form key gives the same set. */
  @Needs(Right.HANDS)
  @Transactional
  public NailSet begin(UUID formKey, long clientId, LocalDateTime at) {
    return sets.findByFormKey(formKey)
        .orElseGet(
            () -> {
              NailSet set = new NailSet(formKey, clientId, at, salon.current());
              sets.measured(clientId, Limit.of(1)).stream()
                  .flatMap(id -> sets.whole(id).stream())
                  .forEach(set::goOnFrom);
              return sets.saveAndFlush(set);
            });
  }

  private record Outcome(Edit edit, @Nullable Quantity quantity) {}

  /** Takes what was typed for one nail and plans the set anew. */
  @Needs(Right.HANDS)
  public Edited type(long setId, Finger finger, List<Typed> typed) {
    Outcome outcome = turn.execute(status -> take(set(setId), finger, typed));
    return new Edited(outcome.edit(), outcome.quantity(), reader.planned(setId));
  }

  private Outcome take(NailSet set, Finger finger, List<Typed> typed) {
    Choices before = Choices.of(set);
    Edit edit = new Edit.Saved();
    Quantity quantity = typed.isEmpty() ? null : typed.get(0).quantity();
    for (Typed each : typed) {
      Edit one = take(set.nail(finger), each, now());
      if (edit instanceof Edit.Saved && !(one instanceof Edit.Saved)) {
        edit = one;
        quantity = each.quantity();
      }
    }
    history.record(set, before);
    return new Outcome(edit, quantity);
  }

  /**
   * Makes these changes as one step that can be taken back, and plans the set once.
   *
   * @throws IllegalArgumentException if one of them cannot be; then none is made
   */
  @Needs(Right.HANDS)
  public PlannedSet make(long setId, List<Change> changes) {
    turn.executeWithoutResult(status -> changed(setId, changes));
    return reader.planned(setId);
  }

  @Needs(Right.HANDS)
  public PlannedSet make(long setId, Change change) {
    return make(setId, List.of(change));
  }

  /** The same for whoever shows no plan: nothing is planned. */
  @Needs(Right.HANDS)
  @Transactional
  public void note(long setId, Change... changes) {
    changed(setId, List.of(changes));
  }

  private void changed(long setId, List<Change> changes) {
    NailSet set = set(setId);
    Choices before = Choices.of(set);
    LocalDateTime at = now();
    changes.forEach(change -> change.on(set, at));
    history.record(set, before);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }

  private static Edit take(SetNail nail, Typed typed, LocalDateTime at) {
    Quantity quantity = typed.quantity();
    String mine = typed.text().strip();
    Optional<Double> value = Numbers.parse(mine, quantity);
    String stands = nail.value(quantity).map(v -> Numbers.format(quantity, v)).orElse("");
    boolean unchanged =
        value.isEmpty()
            ? mine.equals(stands)
            : Numbers.format(quantity, value.get()).equals(stands);
    if (!unchanged && !Numbers.same(stands, typed.seen().strip())) {
      return new Edit.Conflict(stands, mine);
    }
    if (mine.isEmpty()) {
      nail.clear(quantity);
      return new Edit.Saved();
    }
    Optional<String> refusal =
        value.isEmpty() || !quantity.allows(value.get())
            ? Optional.of(refusal(quantity))
            : contradiction(nail, quantity, value.get());
    if (refusal.isPresent()) {
      nail.reject(quantity, mine);
      return new Edit.Refused(refusal.get());
    }
    String by = typed.by().isBlank() ? null : typed.by().strip();
    nail.put(quantity, new Taken(value.get(), typed.how(), at, by));
    return new Edit.Saved();
  }

  /**
   * Why a text is refused for this quantity on this nail; what stands in the field later needs no
   * reason.
   */
  public static String refusal(SetNail nail, Quantity quantity, String typed) {
    return Numbers.parse(typed, quantity)
        .filter(quantity::allows)
        .flatMap(value -> contradiction(nail, quantity, value))
        .orElseGet(() -> refusal(quantity));
  }

  private static String refusal(Quantity quantity) {
    return Words.say("number.wanted", "range", Numbers.range(quantity));
  }

  static Optional<String> contradiction(SetNail nail, Quantity quantity, double value) {
    Map<Quantity, Double> measured = new EnumMap<>(Quantity.class);
    measured.putAll(nail.measured());
    if (Readings.OF_A_PLATE.contains(quantity)) {
      measured.put(quantity, value);
    }
    try {
      new Readings(Map.of(nail.getFinger(), measured))
          .nail(nail.getFinger(), nail.getPlateCondition(), nail.getSkin());
      return Optional.empty();
    } catch (OutOfRange e) {
      return Optional.of(Words.say("sets.contradiction", "quantity", e.quantity()));
    }
  }

  /**
   * Notes that a set is worn, and no other of the client's any more.
   *
   * @param until the day its infill is due; null when it is not worn any more
   */
  @Transactional
  public void wear(long setId, LocalDate until) {
    sets.findByClientIdAndWornUntilNotNull(set(setId).getClientId()).stream()
        .filter(other -> other.getId() != setId)
        .forEach(other -> other.wear(null));
    set(setId).wear(until);
  }

  private NailSet set(long id) {
    return sets.whole(id).orElseThrow(() -> new NotFound("set " + id));
  }
}
