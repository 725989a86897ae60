package ongle.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What may happen next in an appointment: each press answered with the event to note, or why not.
 */
public final class Presses {
  /** Two presses closer than this are one: a pedal bounces, and no step is that short. */
  public static final Duration BOUNCE = Duration.ofMillis(700);

  private final Guide guide;
  private final Course course;

  Presses(Guide guide, Course course) {
    this.guide = guide;
    this.course = course;
  }

  /**
   * What becomes of something pressed.
   *
   * @param events to note, in order; none when refused
   * @param why it is refused; empty when it is not
   */
  public record Answer(List<Event> events, Optional<Refusal> why) {
    public Answer {
      events = List.copyOf(events);
    }

    static Answer refused(Refusal why) {
      return new Answer(List.of(), Optional.of(why));
    }
  }

  /** The same where nothing is used up. */
  public Answer done(String step, Instant now) {
    return done(step, "", now);
  }

  /**
   * What pressing done on a step does now. Where the hand goes straight into the lamp afterwards,
   * that begins with it.
   *
   * @param step as the presser saw it
   * @param with the lots it is done with; empty for none
   * @return the events to note, or why nothing is noted
   */
  public Answer done(String step, String with, Instant now) {
    return done(step, with, now, now);
  }

  /**
   * The same where pressing was forgotten: it took as long as the last of its kind.
   *
   * @param with the lots it is done with; empty for none
   */
  public Answer doneAsLast(String step, String with, Instant now) {
    Optional<Instant> would = guide.doneAsLast(now);
    return would.isEmpty()
        ? Answer.refused(Refusal.Plain.NOTHING_LIKE_IT)
        : done(step, with, would.get(), now);
  }

  private Answer done(String step, String with, Instant at, Instant now) {
    Optional<Step> current = guide.current();
    if (current.isEmpty() || !current.get().id().equals(step)) {
      return Answer.refused(Refusal.Plain.BEHIND_ALREADY);
    }
    if (course.paused()) {
      return Answer.refused(Refusal.Plain.PAUSED);
    }
    Optional<Event> last =
        guide.events().stream().filter(event -> event.type().moves()).reduce((a, b) -> b);
    if (last.filter(event -> now.isBefore(event.at().plus(BOUNCE))).isPresent()) {
      return Answer.refused(Refusal.Plain.PRESSED_TWICE);
    }
    Optional<Past> busy = course.busy(current.get(), at);
    if (busy.isPresent()) {
      long seconds = Duration.between(now, busy.get().ends()).toSeconds() + 1;
      return Answer.refused(
          busy.get().step().job().lamp()
              ? new Refusal.LampRuns(seconds)
              : new Refusal.Soaks(seconds));
    }
    Event event =
        new Event(
            at, current.get().runsByItself() ? Event.Type.STARTED : Event.Type.DONE, step, with);
    return new Answer(
        Stream.concat(
                Stream.of(event),
                guide
                    .straightIntoLamp(current.get(), at)
                    .map(
                        light ->
                            Event.of(
                                light.at(),
                                light.at().isAfter(at) ? Event.Type.WHEN_FREE : Event.Type.STARTED,
                                light.step().id()))
                    .stream())
            .toList(),
        Optional.empty());
  }

  /**
   * Ticks a part of the current step, or a finger of it, as done; pressed again, takes that back.
   *
   * @param part id of the part, or the finger's name
   */
  public Answer tick(String step, String part, Instant now) {
    Optional<Step> current = guide.current().filter(one -> one.id().equals(step));
    if (current.isEmpty()) {
      return Answer.refused(Refusal.Plain.BEHIND_ALREADY);
    }
    return current.get().tickable().contains(part)
        ? noted(new Event(now, Event.Type.TICK, step, part))
        : Answer.refused(Refusal.Plain.NO_SUCH_STEP);
  }

  /**
   * Leaves the current step out.
   *
   * @param reason at least a word
   */
  public Answer skip(String step, String reason, Instant now) {
    if (guide.current().filter(one -> one.id().equals(step)).isEmpty()) {
      return Answer.refused(Refusal.Plain.BEHIND_ALREADY);
    }
    if (reason.isBlank()) {
      return Answer.refused(Refusal.Plain.NO_REASON);
    }
    return noted(new Event(now, Event.Type.SKIPPED, step, reason.strip()));
  }

  /**
   * Takes another step before the current one.
   *
   * @param step what {@link Guide#instead(Instant)} offers
   */
  public Answer first(String step, Instant now) {
    return guide.instead(now).filter(one -> one.id().equals(step)).isPresent()
        ? noted(Event.of(now, Event.Type.FIRST, step))
        : Answer.refused(Refusal.Plain.CANNOT_COME_FIRST);
  }

  /** Takes the last press back, with the light that began with it. */
  public Answer back(Instant now) {
    List<Past> past = List.copyOf(course.past().values());
    if (past.isEmpty()) {
      return Answer.refused(Refusal.Plain.NOTHING_TO_TAKE_BACK);
    }
    Past last = past.get(past.size() - 1);
    boolean began =
        past.size() > 1
            && last.step().job().lamp()
            && past.get(past.size() - 2).step().job().keeps()
            && (past.get(past.size() - 2).ends().equals(last.began()) || byItself(last));
    return new Answer(
        Stream.concat(
                Stream.of(last), began ? Stream.of(past.get(past.size() - 2)) : Stream.empty())
            .map(one -> Event.of(now, Event.Type.BACK, one.step().id()))
            .toList(),
        Optional.empty());
  }

  private boolean byItself(Past lit) {
    return guide.events().stream()
        .filter(event -> event.step().equals(lit.step().id()))
        .reduce((earlier, later) -> later)
        .filter(event -> event.type() == Event.Type.WHEN_FREE)
        .isPresent();
  }

  /**
   * Notes something that moves nothing on: a pause, a word, product on skin, heat.
   *
   * @param step it happened at; for heat, the one in the lamp is found
   */
  public Answer note(Event.Type type, String step, String text, Instant now) {
    if (!step.isEmpty() && guide.plan().step(step).isEmpty()) {
      return Answer.refused(Refusal.Plain.NO_SUCH_STEP);
    }
    return switch (type) {
      case PAUSED ->
          course.paused()
              ? Answer.refused(Refusal.Plain.PAUSED_ALREADY)
              : noted(new Event(now, type, step, text));
      case RESUMED ->
          course.paused()
              ? noted(new Event(now, type, step, text))
              : Answer.refused(Refusal.Plain.NOT_PAUSED);
      case NOTE ->
          text.isBlank()
              ? Answer.refused(Refusal.Plain.EMPTY_NOTE)
              : noted(new Event(now, type, step, text.strip()));
      case SKIN -> noted(new Event(now, type, step, text.strip()));
      case HEAT ->
          course.running(now).stream()
              .filter(run -> run.step().job().lamp() && !run.waits(now))
              .findFirst()
              .map(run -> noted(new Event(now, type, run.step().id(), text.strip())))
              .orElseGet(() -> Answer.refused(Refusal.Plain.NO_HAND_IN_LAMP));
      case BEGIN, DONE, STARTED, WHEN_FREE, SKIPPED, BACK, FIRST, TICK ->
          Answer.refused(Refusal.Plain.NOT_A_NOTE);
    };
  }

  private static Answer noted(Event event) {
    return new Answer(List.of(event), Optional.empty());
  }
}
