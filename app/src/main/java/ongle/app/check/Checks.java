package ongle.app.check;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.salon.SalonSettings;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import ongle.core.bench.Left;
import ongle.core.check.AsBuilt;
import ongle.core.check.Look;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Holds built sets against their plans, and keeps each round of measuring. */
@Service
@Needs(Right.HANDS)
public class Checks {
  private final CheckRoundRepository rounds;
  private final LookFoundRepository looks;
  private final SetEditor editor;
  private final VisitPlanner visits;
  private final SalonSettings salon;
  private final Clock clock;
  private final JsonMapper json = JsonMapper.builder().build();

  Checks(
      CheckRoundRepository rounds,
      LookFoundRepository looks,
      SetEditor editor,
      VisitPlanner visits,
      SalonSettings salon,
      Clock clock) {
    this.rounds = rounds;
    this.looks = looks;
    this.editor = editor;
    this.visits = visits;
    this.salon = salon;
    this.clock = clock;
  }

  /** A set as it stands, by what was measured and by what the eye found. */
  @Transactional(readOnly = true)
  public SetCheck of(PlannedSet planned) {
    return SetCheck.of(
        planned.plan(), planned.set().built(), found(planned.id()), salon.tolerances());
  }

  @Transactional(readOnly = true)
  List<CheckRound> rounds(long setId) {
    return rounds.findBySetIdOrderByNumber(setId);
  }

  /** The rounds of measuring in words, the first first. */
  @Transactional(readOnly = true)
  public List<String> said(long setId) {
    return rounds(setId).stream()
        .map(
            round ->
                Words.say(
                    round.isGood() ? "check.round.good" : "check.round",
                    "number",
                    round.number(),
                    "at",
                    Dates.of(round.at(), "time")))
        .toList();
  }

  /** What was measured before the last filing; nothing where nothing was filed since. */
  @Transactional(readOnly = true)
  Map<Finger, Map<Quantity, Double>> before(long setId) {
    List<CheckRound> all = rounds(setId);
    return all.isEmpty() || all.get(all.size() - 1).isGood()
        ? Map.of()
        : json.readValue(
            all.get(all.size() - 1).measured(),
            new TypeReference<Map<Finger, Map<Quantity, Double>>>() {});
  }

  /** What the eye found, by finger and look. */
  @Transactional(readOnly = true)
  Map<Finger, Map<Look, Look.Found>> found(long setId) {
    Map<Finger, Map<Look, Look.Found>> found = new EnumMap<>(Finger.class);
    looks
        .findBySetId(setId)
        .forEach(
            each ->
                found
                    .computeIfAbsent(each.finger(), finger -> new EnumMap<>(Look.class))
                    .put(each.look(), each.found()));
    return found;
  }

  /**
   * Notes what the eye found.
   *
   * @param what empty for not looked at
   */
  @Transactional
  public void find(long setId, List<Finger> fingers, Look look, Optional<Look.Found> what) {
    List<LookFound> all = looks.findBySetId(setId);
    for (Finger finger : fingers) {
      Optional<LookFound> stands =
          all.stream().filter(each -> each.finger() == finger && each.look() == look).findFirst();
      if (what.isEmpty()) {
        stands.ifPresent(looks::delete);
      } else {
        LookFound noted = stands.orElseGet(() -> new LookFound(setId, finger, look));
        noted.finds(what.get());
        looks.save(noted);
      }
    }
  }

  /** Keeps what was measured and begins a new round, for after filing. */
  @Transactional
  public void again(long setId) {
    PlannedVisit visit = visits.of(setId);
    keep(visit, of(visit.planned()).good());
    editor.note(setId, Change.measureBuiltAgain(AsBuilt.QUANTITIES));
    looks.deleteAll(looks.findBySetId(setId));
  }

  /**
   * Closes a set whose ten are good: as built they are what the next visit finds.
   *
   * @return whether it was; not if a nail is not good yet
   */
  @Transactional
  public boolean close(long setId) {
    PlannedVisit visit = visits.of(setId);
    SetCheck check = of(visit.planned());
    if (!check.good()) {
      return false;
    }
    keep(visit, true);
    List<Change> left = new ArrayList<>();
    check.nails().forEach((finger, nail) -> left.add(Change.left(finger, left(visit, nail))));
    editor.note(setId, left.toArray(Change[]::new));
    return true;
  }

  private static Left left(PlannedVisit visit, NailCheck check) {
    NailPlan nail = check.plan();
    Left planned = visit.plan().leaves(nail);
    return check
        .built()
        .of(Quantity.BUILT_APEX)
        .map(
            apex -> new Left(planned.product(), planned.build().measuring(OptionalDouble.of(apex))))
        .orElse(planned);
  }

  /** A second press on the same measures adds no round. */
  private void keep(PlannedVisit visit, boolean good) {
    long setId = visit.planned().id();
    List<CheckRound> before = rounds(setId);
    CheckRound now =
        new CheckRound(
            setId,
            before.size() + 1,
            LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
            good,
            json.writeValueAsString(visit.planned().set().built()),
            json.writeValueAsString(found(setId)));
    if (before.isEmpty() || !now.saysTheSameAs(before.get(before.size() - 1))) {
      rounds.save(now);
    }
  }
}
