package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import ongle.app.check.Checks;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.photo.FindingPictures;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.visits.VisitPlanner;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.cause.Cause;
import ongle.core.cause.Finding;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Notes what is seen of worn sets, and has it counted and learned from. */
@Service
public class WearDesk {
  private final WearNoteRepository notes;
  private final WornSetRepository worn;
  private final SetReader reader;
  private final VisitPlanner visits;
  private final Checks checks;
  private final Tallies tallies;
  private final Learning learning;
  private final FindingPictures pictures;
  private final Clock clock;

  WearDesk(
      WearNoteRepository notes,
      WornSetRepository worn,
      SetReader reader,
      VisitPlanner visits,
      Checks checks,
      Tallies tallies,
      Learning learning,
      FindingPictures pictures,
      Clock clock) {
    this.notes = notes;
    this.worn = worn;
    this.reader = reader;
    this.visits = visits;
    this.checks = checks;
    this.tallies = tallies;
    this.learning = learning;
    this.pictures = pictures;
    this.clock = clock;
  }

  /**
   * What was seen of one nail.
   *
   * @param happened empty where it was whole
   */
  public record Sight(Finger finger, LocalDate day, Optional<WearForm> happened) {
    public Sight {
      happened.ifPresent(
          form -> {
            if (form.whole().filter(whole -> whole.isAfter(day)).isPresent()) {
              throw new IllegalArgumentException(Words.say("wear.whole-after"));
            }
          });
    }
  }

  /**
   * Notes what happened to a nail.
   *
   * @throws IllegalArgumentException with the reason, if it cannot have
   */
  @Needs(Right.HANDS)
  @Transactional
  public void note(long setId, Finger finger, LocalDate day, WearForm form) {
    note(setId, List.of(new Sight(finger, day, Optional.of(form))));
  }

  /** The same with a picture of it. */
  @Needs(Right.HANDS)
  @Transactional
  void note(
      long setId, Finger finger, LocalDate day, WearForm form, FindingPictures.Readable picture) {
    List<WearNote> noted =
        note(reader.planned(setId), List.of(new Sight(finger, day, Optional.of(form))));
    noted.forEach(note -> pictures.keep(setId, note.getId(), picture));
  }

  /**
   * Every nail of which nothing else is known was seen whole.
   *
   * @throws IllegalArgumentException with the reason, if that cannot be
   */
  @Needs(Right.HANDS)
  @Transactional
  public void fine(long setId, LocalDate day) {
    PlannedSet planned = reader.planned(setId);
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(setId);
    note(
        planned,
        planned.plan().built().stream()
            .map(nail -> nail.nail().finger())
            .filter(
                finger ->
                    all.stream()
                        .filter(each -> each.getFinger() == finger)
                        .noneMatch(each -> !each.isFine() || each.getSeenOn().equals(day)))
            .map(finger -> new Sight(finger, day, Optional.empty()))
            .toList());
  }

  /**
   * Notes all of this or nothing.
   *
   * @throws IllegalArgumentException with the reason, if one of it cannot be
   */
  @Needs(Right.HANDS)
  @Transactional
  public void note(long setId, List<Sight> seen) {
    note(reader.planned(setId), seen);
  }

  /**
   * Notes what was seen of a set, told from its nails as they were built. Nothing is learned from
   * it until {@link #learn}: for whoever notes many sets at once.
   */
  @Needs(Right.HANDS)
  @Transactional
  public void noteOnly(long setId, Function<SetCheck, List<Sight>> seen) {
    PlannedSet planned = reader.planned(setId);
    SetCheck check = checks.of(planned);
    write(planned, check, seen.apply(check));
  }

  /** Learns from all that is noted of a client. */
  @Transactional
  public void learn(long clientId) {
    learning.learn(clientId);
  }

  private List<WearNote> note(PlannedSet planned, List<Sight> seen) {
    List<WearNote> noted = write(planned, checks.of(planned), seen);
    learning.learn(planned.client().getId());
    return noted;
  }

  private List<WearNote> write(PlannedSet planned, SetCheck check, List<Sight> seen) {
    List<WearNote> noted = new ArrayList<>();
    Long technician = visits.technician(planned.set());
    Optional<LocalDate> next =
        reader.next(planned.id()).map(set -> set.getCreatedAt().toLocalDate());
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(planned.id());
    for (Sight sight : seen) {
      check(planned, next, sight);
      WearNote note =
          sight
              .happened()
              .map(form -> new WearNote(planned.id(), sight.finger(), sight.day(), form))
              .orElseGet(() -> new WearNote(planned.id(), sight.finger(), sight.day()));
      twice(note, all, Wears.built(planned));
      // By what the nail was when this was noted: later edits change no count.
      int day = WearNote.days(Wears.built(planned), sight.day());
      check
          .of(sight.finger())
          .ifPresent(
              nail ->
                  note.count(
                      nail,
                      day,
                      planned.client().load().factor().survives(nail.course(), day),
                      technician == null ? null : String.valueOf(technician)));
      noted.add(notes.save(note));
    }
    count(planned.id());
    return noted;
  }

  private void check(PlannedSet planned, Optional<LocalDate> next, Sight sight) {
    LocalDate built = Wears.built(planned);
    if (sight.day().isBefore(built)) {
      throw new IllegalArgumentException(Words.say("wear.before-built", "built", built));
    }
    if (sight.day().isAfter(LocalDate.now(clock))) {
      throw new IllegalArgumentException(Words.say("wear.in-the-future"));
    }
    if (next.filter(sight.day()::isAfter).isPresent()) {
      throw new IllegalArgumentException(Words.say("wear.after-next", "day", next.get()));
    }
    if (planned.plan().of(sight.finger()).filter(NailPlan::stopped).isPresent()) {
      throw new IllegalArgumentException(Words.say("wear.left-bare", "finger", sight.finger()));
    }
    if (sight.happened().flatMap(WearForm::whole).filter(built::isAfter).isPresent()) {
      throw new IllegalArgumentException(Words.say("wear.whole-after"));
    }
  }

  private static void twice(WearNote note, List<WearNote> all, LocalDate built) {
    Optional<Finding> finding;
    try {
      finding = note.finding(built);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(Words.say("wear.too-far", "most", Finding.FARTHEST), e);
    }
    boolean there =
        finding.isPresent()
            && all.stream()
                .filter(each -> each.getFinger() == note.getFinger())
                .flatMap(each -> each.finding(built).stream())
                .anyMatch(
                    each ->
                        each.kind() == finding.get().kind()
                            && each.place() == finding.get().place()
                            && each.day() == finding.get().day());
    if (there) {
      throw new IllegalArgumentException(Words.say("wear.twice", "finger", note.getFinger()));
    }
  }

  /** What happened to a set's nails, the latest last. */
  @Transactional(readOnly = true)
  public List<Finding> findings(long setId) {
    LocalDate built = reader.stored(setId).getCreatedAt().toLocalDate();
    return notes.findBySetIdOrderBySeenOnAscIdAsc(setId).stream()
        .flatMap(note -> note.finding(built).stream())
        .toList();
  }

  @Needs(Right.HANDS)
  @Transactional
  public void forget(long setId, long noteId) {
    WearNote note = noted(setId, noteId);
    if (note.isCounted()) {
      tallies.add(List.of(note), -1);
    }
    notes.delete(note);
    count(setId);
    learning.learn(reader.stored(setId).getClientId());
  }

  /** The technician holds something else for the cause; it stays beside what is reckoned. */
  @Needs(Right.HANDS)
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

  /** Counts one note a nail: the first that is no good, else the last. */
  private void count(long setId) {
    notes.flush();
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(setId);
    tallies.add(all.stream().filter(WearNote::isCounted).toList(), -1);
    Map<Finger, WearNote> known = new EnumMap<>(Finger.class);
    all.forEach(
        note ->
            known.merge(note.getFinger(), note, (before, now) -> before.isFine() ? now : before));
    all.forEach(note -> note.countIt(known.get(note.getFinger()) == note));
    tallies.add(known.values(), 1);
    WornSet set = worn.findById(setId).orElseGet(() -> worn.save(new WornSet(setId)));
    int failed = set.getFailed();
    double weeks = set.getNailWeeks();
    set.count(known.values());
    tallies.addToLots(
        setId,
        (set.getNailWeeks() > 0 ? 1 : 0) - (weeks > 0 ? 1 : 0),
        set.getFailed() - failed,
        set.getNailWeeks() - weeks);
  }
}
