package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ongle.app.bench.BenchDesk;
import ongle.app.check.Checks;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.Lesson;
import ongle.app.sets.NailSet;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.bench.WorkFacts;
import ongle.core.cause.Cause;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.cause.Sign;
import ongle.core.cause.Signs;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.wear.LoadFactor;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was seen of worn sets, what it most likely came from, and what the next set takes over. */
@Service
public class Wears {
  private final WearNoteRepository notes;
  private final ClientRepository clients;
  private final VisitPlanner visits;
  private final SetReader reader;
  private final SetEditor editor;
  private final BenchDesk bench;
  private final Checks checks;
  private final Clock clock;

  Wears(
      WearNoteRepository notes,
      ClientRepository clients,
      VisitPlanner visits,
      SetReader reader,
      SetEditor editor,
      BenchDesk bench,
      Checks checks,
      Clock clock) {
    this.notes = notes;
    this.clients = clients;
    this.visits = visits;
    this.reader = reader;
    this.editor = editor;
    this.bench = bench;
    this.checks = checks;
    this.clock = clock;
  }

  /**
   * Something that happened, and why.
   *
   * @param cause that is gone by: the technician's own, else the likeliest
   */
  record Explained(WearNote note, Finding finding, Diagnosis diagnosis, Cause cause) {}

  /**
   * A worn set.
   *
   * @param explained what happened, the latest last
   * @param fine fingers seen whole and nothing else
   * @param whole days each nail was seen whole
   * @param hands what these hands ask, as the chances are reckoned
   * @param common what several nails have in common; empty where fewer than two failed alike
   */
  record Worn(
      PlannedVisit visit,
      SetCheck check,
      List<Explained> explained,
      Set<Finger> fine,
      Map<Finger, List<Integer>> whole,
      LoadFactor hands,
      Optional<Diagnosis> common) {}

  LocalDate today() {
    return LocalDate.now(clock);
  }

  @Transactional(readOnly = true)
  Worn of(long setId) {
    PlannedVisit visit = visits.of(setId);
    LocalDate built = built(visit.planned());
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(setId);
    List<Finding> findings = all.stream().flatMap(note -> note.finding(built).stream()).toList();
    WorkFacts facts = bench.facts(visit);
    SetCheck check = checks.of(visit.planned());
    Map<Finding, Map<Sign, Boolean>> known = new LinkedHashMap<>();
    findings.forEach(each -> known.put(each, signs(visit, facts, check, each, findings)));
    List<Explained> explained = new ArrayList<>();
    Set<Finger> fine = EnumSet.noneOf(Finger.class);
    Map<Finger, List<Integer>> whole = new EnumMap<>(Finger.class);
    for (WearNote note : all) {
      Optional<Finding> finding = note.finding(built);
      if (finding.isEmpty()) {
        fine.add(note.getFinger());
        whole
            .computeIfAbsent(note.getFinger(), each -> new ArrayList<>())
            .add(WearNote.days(built, note.getSeenOn()));
        continue;
      }
      Diagnosis diagnosis = Diagnosis.of(finding.get(), known.get(finding.get()));
      explained.add(
          new Explained(
              note, finding.get(), diagnosis, note.ownCause().orElse(diagnosis.first().cause())));
    }
    explained.forEach(each -> fine.remove(each.note().getFinger()));
    return new Worn(
        visit,
        check,
        explained,
        fine,
        whole,
        hands(visit.planned().client()),
        Diagnosis.common(known));
  }

  /** By mean and band, as stored: as close as a chance in whole percent needs. */
  private static LoadFactor hands(Client client) {
    return client.getLoadNails() == 0 || client.isLoadPutBack()
        ? LoadFactor.USUAL
        : LoadFactor.about(
            client.getLoadMean(), client.getLoadLow(), client.getLoadHigh(), client.getLoadNails());
  }

  private static Map<Sign, Boolean> signs(
      PlannedVisit visit, WorkFacts facts, SetCheck check, Finding finding, List<Finding> all) {
    return check
        .of(finding.finger())
        .map(
            nail ->
                Signs.of(
                    nail,
                    visit.planned().set().activity(finding.finger().hand()),
                    facts,
                    finding,
                    all))
        .orElse(Map.of());
  }

  private static LocalDate built(PlannedSet planned) {
    return planned.set().getCreatedAt().toLocalDate();
  }

  /**
   * Notes what happened to a nail.
   *
   * @throws IllegalArgumentException with the reason, if it cannot have
   */
  @Transactional
  public void note(long setId, Finger finger, LocalDate day, WearForm form) {
    PlannedSet planned = reader.planned(setId);
    check(planned, finger, day);
    if (form.whole().filter(whole -> whole.isAfter(day)).isPresent()
        || form.whole().filter(whole -> whole.isBefore(built(planned))).isPresent()) {
      throw new IllegalArgumentException(Words.say("wear.whole-after"));
    }
    WearNote note = new WearNote(setId, finger, day, form);
    Finding finding;
    try {
      finding = note.finding(built(planned)).orElseThrow();
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(Words.say("wear.too-far", "most", Finding.FARTHEST), e);
    }
    boolean twice =
        notes.findBySetIdOrderBySeenOnAscIdAsc(setId).stream()
            .filter(each -> each.getFinger() == finger)
            .flatMap(each -> each.finding(built(planned)).stream())
            .anyMatch(
                each ->
                    each.kind() == finding.kind()
                        && each.place() == finding.place()
                        && each.day() == finding.day());
    if (twice) {
      throw new IllegalArgumentException(Words.say("wear.twice", "finger", finger));
    }
    counted(note, visits.of(setId), WearNote.days(built(planned), day));
    notes.save(note);
    learnHands(planned.client().getId());
  }

  /** By what the nail was when this was noted: later edits change no count. */
  private void counted(WearNote note, PlannedVisit visit, int day) {
    checks
        .of(visit.planned())
        .of(note.getFinger())
        .ifPresent(
            nail ->
                note.count(
                    nail.plan(),
                    day,
                    hands(visit.planned().client()).survives(nail.course(), day),
                    nail.course(),
                    visit.choices().technician() == null
                        ? null
                        : String.valueOf(visit.choices().technician())));
  }

  private void check(PlannedSet planned, Finger finger, LocalDate day) {
    if (day.isBefore(built(planned))) {
      throw new IllegalArgumentException(Words.say("wear.before-built", "built", built(planned)));
    }
    if (day.isAfter(today())) {
      throw new IllegalArgumentException(Words.say("wear.in-the-future"));
    }
    later(planned)
        .filter(next -> day.isAfter(next.getCreatedAt().toLocalDate()))
        .ifPresent(
            next -> {
              throw new IllegalArgumentException(
                  Words.say("wear.after-next", "day", next.getCreatedAt().toLocalDate()));
            });
    if (planned.of(finger).stopped()) {
      throw new IllegalArgumentException(Words.say("wear.left-bare", "finger", finger));
    }
  }

  /** The client's next set, once it is begun. */
  private Optional<NailSet> later(PlannedSet planned) {
    return reader.visits(planned.client().getId()).stream()
        .filter(set -> Long.valueOf(planned.id()).equals(set.getPreviousId()))
        .findFirst();
  }

  /**
   * Every nail of which nothing else is known was seen whole.
   *
   * @throws IllegalArgumentException with the reason, if that cannot be
   */
  @Transactional
  public void fine(long setId, LocalDate day) {
    PlannedSet planned = reader.planned(setId);
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(setId);
    PlannedVisit visit = visits.of(setId);
    for (NailPlan nail : planned.plan().built()) {
      Finger finger = nail.nail().finger();
      check(planned, finger, day);
      boolean known =
          all.stream()
              .filter(each -> each.getFinger() == finger)
              .anyMatch(each -> !each.isFine() || each.getSeenOn().equals(day));
      if (!known) {
        WearNote whole = new WearNote(setId, finger, day);
        counted(whole, visit, WearNote.days(built(planned), day));
        notes.save(whole);
      }
    }
    learnHands(planned.client().getId());
  }

  @Transactional
  public void forget(long setId, long noteId) {
    notes.delete(noted(setId, noteId));
    learnHands(reader.planned(setId).client().getId());
  }

  /** What these hands ask is reckoned with, or put back to the usual. */
  @Transactional
  public void reckonWithHands(long setId, boolean reckon) {
    client(reader.planned(setId).client().getId()).putLoadBack(!reckon);
  }

  private Client client(long id) {
    return clients.findById(id).orElseThrow(() -> new NotFound("client " + id));
  }

  /** Draws what these hands ask of their nails from all that is noted of them. */
  private void learnHands(long clientId) {
    notes.flush();
    Map<String, List<WearNote>> nails = new LinkedHashMap<>();
    notes
        .ofClient(clientId)
        .forEach(
            note ->
                nails
                    .computeIfAbsent(
                        note.getSetId() + " " + note.getFinger(), each -> new ArrayList<>())
                    .add(note));
    client(clientId)
        .learnLoad(
            LoadFactor.of(nails.values().stream().flatMap(of -> observed(of).stream()).toList()));
  }

  /** Whole until it was last seen so, or broken between then and the day it was found. */
  private static Optional<LoadFactor.Observation> observed(List<WearNote> ofNail) {
    Optional<WearNote> failed = ofNail.stream().filter(note -> !note.isFine()).findFirst();
    int whole =
        ofNail.stream().filter(WearNote::isFine).mapToInt(WearNote::getDays).max().orElse(0);
    if (failed.isEmpty() && whole == 0) {
      return Optional.empty(); // seen the day it was built: that tells nothing
    }
    LoadFactor.Outcome outcome =
        failed
            .map(
                note ->
                    note.isBroken() && note.getDays() > 0
                        ? new LoadFactor.Outcome.CrackedBetween(
                            Math.min(note.wholeDay(), note.getDays() - 1), note.getDays())
                        : (LoadFactor.Outcome) new LoadFactor.Outcome.Held(note.getDays()))
            .orElseGet(() -> new LoadFactor.Outcome.Held(whole));
    return ofNail.get(0).course().map(course -> new LoadFactor.Observation(course, outcome));
  }

  /** The technician holds something else for the cause; it stays beside what is reckoned. */
  @Transactional
  public void hold(long setId, long noteId, Optional<Cause> cause) {
    noted(setId, noteId).hold(cause.orElse(null));
  }

  private WearNote noted(long setId, long noteId) {
    return notes
        .findById(noteId)
        .filter(note -> note.getSetId() == setId)
        .orElseThrow(() -> new NotFound("note " + noteId));
  }

  /**
   * Begins the visit that builds the failed nails anew, with what is changed because of it.
   *
   * @return the new set's id; empty where nothing failed
   */
  @Transactional
  public Optional<Long> redo(long setId, UUID formKey) {
    Worn worn = of(setId);
    Set<Finger> failed = EnumSet.noneOf(Finger.class);
    worn.explained().forEach(each -> failed.add(each.finding().finger()));
    if (failed.isEmpty()) {
      return Optional.empty();
    }
    long next = visits.redo(setId, failed, formKey, LocalDateTime.now(clock));
    // Sent twice, the visit begins as before again, and is changed from there.
    learn(worn, next);
    return Optional.of(next);
  }

  /**
   * Takes the changes over into a set: what can be planned is planned, all of it is shown there.
   */
  private void learn(Worn worn, long next) {
    List<Lesson> lessons =
        worn.explained().stream()
            .map(each -> Lesson.of(each.finding().finger(), each.cause()))
            .distinct()
            .filter(lesson -> lesson.change() != ongle.core.cause.Change.NONE)
            .toList();
    PlannedSet planned = reader.planned(next);
    List<Change> changes = new ArrayList<>();
    changes.add(Change.learn(lessons));
    Set<PrepStep> leftOut = EnumSet.noneOf(PrepStep.class);
    leftOut.addAll(planned.set().choices().skipped());
    for (Lesson lesson : lessons) {
      NailPlan plan = planned.of(lesson.finger());
      switch (lesson.change()) {
        case CLEAN_CUTICLE -> leftOut.remove(PrepStep.CUTICLE);
        case DEHYDRATE -> leftOut.remove(PrepStep.DEHYDRATE);
        case PRIME -> leftOut.remove(PrepStep.PRIMER);
        case APEX_HIGHER ->
            changes.add(
                byHand(
                    lesson.finger(),
                    Quantity.APEX_THICKNESS,
                    plan.build().profile().apexThickness() + ongle.core.cause.Change.APEX_MORE));
        case SHORTER ->
            changes.add(
                byHand(
                    lesson.finger(),
                    Quantity.EXTENSION,
                    Math.max(0, plan.extension() - ongle.core.cause.Change.SHORTER_BY)));
        case INFILL_EARLIER ->
            changes.add(
                Change.lastFor(
                    (int)
                        Quantity.WEAR_DAYS
                            .range()
                            .held(
                                planned.set().choices().wearDays()
                                    - ongle.core.cause.Change.EARLIER_BY)));
        default -> {
          // What hands do otherwise is told where they do it.
        }
      }
    }
    if (!leftOut.equals(planned.set().choices().skipped())) {
      changes.add(Change.leaveOut(leftOut));
    }
    editor.make(next, changes);
  }

  private static Change byHand(Finger finger, Quantity quantity, double value) {
    return Change.byHand(Map.of(finger, Map.of(quantity, quantity.range().held(value))));
  }
}
