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
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.sets.Lesson;
import ongle.app.sets.NailSet;
import ongle.app.visits.VisitPlanner;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.wear.PrepStep;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is changed because of what happened, where it is taken over, and whether it helped. */
@Service
class Lessons {
  private final Wears wears;
  private final VisitPlanner visits;
  private final SetReader reader;
  private final SetEditor editor;
  private final Clock clock;

  Lessons(Wears wears, VisitPlanner visits, SetReader reader, SetEditor editor, Clock clock) {
    this.wears = wears;
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
  @Needs(Right.HANDS)
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
  @Needs(Right.HANDS)
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
    List<Lesson> known = planned.set().getLessons();
    List<Change> changes = new ArrayList<>();
    changes.add(Change.learn(Stream.concat(known.stream(), lessons.stream()).distinct().toList()));
    Set<PrepStep> leftOut = EnumSet.noneOf(PrepStep.class);
    leftOut.addAll(planned.set().choices().skipped());
    int planForDays = planned.set().choices().wearDays();
    for (Lesson lesson : lessons) {
      lesson.change().prepares().ifPresent(leftOut::remove);
      Map<Quantity, Double> byHand = lesson.change().sets(planned.of(lesson.finger()));
      if (!byHand.isEmpty()) {
        changes.add(Change.byHand(Map.of(lesson.finger(), byHand)));
      }
      // Of the whole set: once is enough, whichever of its nails asks for it.
      if (known.stream().noneMatch(each -> each.change() == lesson.change())) {
        planForDays =
            Math.min(planForDays, lesson.change().lasts(planned.set().choices().wearDays()));
      }
    }
    if (planForDays != planned.set().choices().wearDays()) {
      changes.add(Change.lastFor(planForDays));
    }
    if (!leftOut.equals(planned.set().choices().skipped())) {
      changes.add(Change.leaveOut(leftOut));
    }
    editor.make(next, changes);
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
