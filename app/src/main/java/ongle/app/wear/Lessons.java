package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.Lesson;
import ongle.app.sets.NailSet;
import ongle.app.visits.VisitPlanner;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is changed because of what happened, where it is taken over, and whether it helped. */
@Service
class Lessons {
  private final Wears wears;
  private final WearNoteRepository notes;
  private final VisitPlanner visits;
  private final SetReader reader;
  private final SetEditor editor;
  private final Clock clock;

  Lessons(
      Wears wears,
      WearNoteRepository notes,
      VisitPlanner visits,
      SetReader reader,
      SetEditor editor,
      Clock clock) {
    this.wears = wears;
    this.notes = notes;
    this.visits = visits;
    this.reader = reader;
    this.editor = editor;
    this.clock = clock;
  }

  /** What is done otherwise because of what happened to a set. */
  static List<Lesson> of(Wears.Worn worn) {
    return worn.explained().stream()
        .map(each -> Lesson.of(each.finding().finger(), each.cause()))
        .distinct()
        .filter(lesson -> lesson.change() != ongle.core.cause.Change.NONE)
        .toList();
  }

  /**
   * Begins the visit that builds the failed nails anew, with what is changed because of it.
   *
   * @return the new set's id; empty where nothing failed
   */
  @Transactional
  public Optional<Long> redo(long setId, UUID formKey) {
    Wears.Worn worn = wears.of(setId);
    Set<Finger> failed = EnumSet.noneOf(Finger.class);
    worn.explained().forEach(each -> failed.add(each.finding().finger()));
    if (failed.isEmpty()) {
      return Optional.empty();
    }
    long next = visits.redo(setId, failed, formKey, LocalDateTime.now(clock));
    // Sent twice, the visit begins as before again, and is changed from there.
    learn(of(worn), next);
    return Optional.of(next);
  }

  /**
   * Takes the changes over into the client's next set of all ten: the one that was begun since,
   * else one that is begun with them.
   *
   * @return the next set's id
   */
  @Transactional
  public long goOn(long setId, UUID formKey) {
    Wears.Worn worn = wears.of(setId);
    long next =
        worn.next()
            .map(NailSet::getId)
            .orElseGet(
                () ->
                    editor
                        .begin(
                            formKey,
                            worn.visit().planned().client().getId(),
                            LocalDateTime.now(clock))
                        .getId());
    List<Lesson> known = reader.planned(next).set().getLessons();
    List<Lesson> anew = of(worn).stream().filter(lesson -> !known.contains(lesson)).toList();
    // Pressed twice, nothing is made shorter or higher twice.
    if (!anew.isEmpty()) {
      learn(anew, next);
    }
    return next;
  }

  /**
   * Takes the changes over into a set: what can be planned is planned, all of it is shown there.
   */
  private void learn(List<Lesson> lessons, long next) {
    PlannedSet planned = reader.planned(next);
    List<Change> changes = new ArrayList<>();
    changes.add(
        Change.learn(
            Stream.concat(planned.set().getLessons().stream(), lessons.stream())
                .distinct()
                .toList()));
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

  /** How a nail did that was built otherwise. */
  enum Helped {
    UNSEEN,
    HELD,
    FAILED_AGAIN
  }

  /**
   * A change with what came of it.
   *
   * @param days until the nail was last seen whole, or failed; 0 where nobody looked
   */
  record Outcome(Lesson lesson, Helped helped, int days) {}

  /** What was changed on a set, and whether it helped. */
  @Transactional(readOnly = true)
  public List<Outcome> outcomes(NailSet set) {
    return outcomes(set, notes.findBySetIdOrderBySeenOnAscIdAsc(set.getId()));
  }

  static List<Outcome> outcomes(NailSet set, List<WearNote> notes) {
    return set.getLessons().stream()
        .map(
            lesson -> {
              Optional<WearNote> known =
                  notes.stream()
                      .filter(note -> note.isCounted() && note.getFinger() == lesson.finger())
                      .findFirst();
              return new Outcome(
                  lesson,
                  known
                      .map(note -> note.isFine() ? Helped.HELD : Helped.FAILED_AGAIN)
                      .orElse(Helped.UNSEEN),
                  known.map(WearNote::getDays).orElse(0));
            })
        .toList();
  }
}
