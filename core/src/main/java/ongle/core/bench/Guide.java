package ongle.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.schedule.Hands;
import ongle.core.schedule.Job;
import ongle.core.schedule.Schedule;
import ongle.core.schedule.Scheduler;

/**
 * Where an appointment stands: worked out from what happened and nothing else, so that any screen
 * at any time, and a server started anew, see the same.
 */
public final class Guide {
  /** Two presses closer than this are one: a pedal bounces, and no step is that short. */
  public static final Duration BOUNCE = Duration.ofMillis(700);

  /** A step took long when it took this many times what was planned and half a minute more. */
  private static final double LATE_FACTOR = 1.5;

  private static final int LATE_SECONDS = 30;

  private final BenchPlan plan;
  private final Map<String, Past> past = new LinkedHashMap<>();
  private final Map<String, Duration> litBefore = new LinkedHashMap<>();
  private final List<Event> events;
  private final Instant anchor;
  private final boolean paused;
  private final Duration pausedFor;
  private final Optional<Instant> pausedSince;
  private final Optional<String> first;
  private final Schedule ahead;

  /**
   * What became of a step.
   *
   * @param began when it was begun
   * @param ends when it ended, or will end by itself
   * @param skipped why it was left out; empty when it was done
   * @param overran longer than planned by so much that it is worth knowing
   * @param offWindow whether it was begun outside the time the product gave it
   * @param with the lots it was done with, as noted; empty for none
   */
  public record Past(
      Step step,
      Instant began,
      Instant ends,
      Optional<String> skipped,
      boolean overran,
      boolean offWindow,
      String with) {
    /** Whether it is still going on by itself. */
    public boolean running(Instant now) {
      return step.runsByItself() && skipped.isEmpty() && ends.isAfter(now);
    }
  }

  /**
   * A clock on the desk.
   *
   * @param what it counts
   * @param step it belongs to
   * @param opens when the time begins; before that it counts down to it
   * @param closes when it is over
   */
  public record Clock(What what, Step step, Instant opens, Instant closes) {
    /** What a clock counts. */
    public enum What {
      LAMP,
      SOAK,
      WORKING,
      PINCH,
      FREEZE,
      SETTLE
    }
  }

  /**
   * @param events in the order they happened, the first a BEGIN
   */
  public Guide(BenchPlan plan, List<Event> events) {
    if (events.isEmpty() || events.get(0).type() != Event.Type.BEGIN) {
      throw new IllegalArgumentException("an appointment begins with its beginning");
    }
    this.plan = plan;
    this.events = List.copyOf(events);
    Instant moved = events.get(0).at();
    Duration stopped = Duration.ZERO;
    Duration stoppedSinceMove = Duration.ZERO;
    Optional<Instant> since = Optional.empty();
    Optional<String> chosen = Optional.empty();
    for (Event event : events) {
      switch (event.type()) {
        case DONE, STARTED, SKIPPED -> {
          Optional<Step> step = plan.step(event.step());
          if (step.isPresent() && !past.containsKey(event.step())) {
            past.put(event.step(), passed(step.get(), event, moved, stoppedSinceMove));
            moved = event.at();
            stoppedSinceMove = Duration.ZERO;
            chosen = Optional.empty();
          }
        }
        case BACK -> {
          past.remove(event.step());
          litBefore.remove(event.step());
          moved = event.at();
        }
        case HEAT -> {
          Past run = past.get(event.step());
          if (run != null && run.running(event.at())) {
            past.remove(event.step());
            litBefore.merge(
                event.step(), Duration.between(run.began(), event.at()), Duration::plus);
            moved = event.at();
          }
        }
        case FIRST -> chosen = Optional.of(event.step());
        case PAUSED -> since = since.or(() -> Optional.of(event.at()));
        case RESUMED -> {
          Duration stop =
              since.map(from -> Duration.between(from, event.at())).orElse(Duration.ZERO);
          stopped = stopped.plus(stop);
          stoppedSinceMove = stoppedSinceMove.plus(stop);
          since = Optional.empty();
        }
        default -> {}
      }
    }
    anchor = moved;
    pausedSince = since;
    paused = since.isPresent();
    pausedFor = stopped;
    Hands toDo = new Hands(jobs(plan.left()), jobs(plan.right()), free());
    first = chosen.filter(id -> isNext(id, toDo));
    ahead =
        first.map(id -> Scheduler.beginningWith(id, toDo)).orElseGet(() -> Scheduler.quick(toDo));
  }

  private Past passed(Step step, Event event, Instant before, Duration stopped) {
    if (event.type() == Event.Type.SKIPPED) {
      return new Past(step, event.at(), event.at(), Optional.of(event.text()), false, false, "");
    }
    if (event.type() == Event.Type.STARTED) {
      return new Past(
          step,
          event.at(),
          event.at().plus(left(step)),
          Optional.empty(),
          false,
          offWindow(step, event.at()),
          event.text());
    }
    // Nobody presses a key to begin: it began when it could, or as long ago as it usually takes.
    Instant usual = later(before, event.at().minusSeconds(step.job().seconds()));
    Instant could = earliest(step, before);
    Instant began = could.isBefore(usual) ? could : usual;
    Duration took = Duration.between(began, event.at()).minus(stopped);
    boolean late = took.toSeconds() > LATE_FACTOR * step.job().seconds() + LATE_SECONDS;
    return new Past(
        step, began, event.at(), Optional.empty(), late, offWindow(step, usual), event.text());
  }

  private static Instant later(Instant one, Instant other) {
    return one.isAfter(other) ? one : other;
  }

  /** When what it needs was there: its hand, its window, what dries before it. */
  private Instant earliest(Step step, Instant before) {
    Instant earliest = before;
    for (Hand hand : Hand.values()) {
      if (step.on(hand)) {
        Optional<Instant> free = lastEnd(hand);
        if (free.isPresent()) {
          earliest = later(earliest, free.get().plusSeconds(step.job().window().min()));
        }
        if (step.job().needsSettled()) {
          earliest = later(earliest, settledAt(hand).orElse(earliest));
        }
      }
    }
    return earliest;
  }

  /** How long it has still to run by itself: its time, less the light it already had. */
  private Duration left(Step step) {
    return Duration.ofSeconds(step.job().seconds())
        .minus(litBefore.getOrDefault(step.id(), Duration.ZERO));
  }

  private boolean offWindow(Step step, Instant began) {
    Job.Window window = step.window();
    if (!window.closes() || step.hand().isEmpty()) {
      return false;
    }
    Optional<Instant> free = lastEnd(step.hand().get());
    return free.isPresent()
        && (began.isBefore(free.get().plusSeconds(window.min()))
            || began.isAfter(free.get().plusSeconds(window.max())));
  }

  private Optional<Instant> lastEnd(Hand hand) {
    return past.values().stream()
        .filter(one -> one.step().on(hand) && one.skipped().isEmpty())
        .map(Past::ends)
        .max(Instant::compareTo);
  }

  private List<Job> jobs(List<Step> steps) {
    return steps.stream()
        .filter(step -> !past.containsKey(step.id()))
        .map(
            step ->
                litBefore.containsKey(step.id())
                    ? new Job(
                        step.id(),
                        step.job().technician(),
                        step.job().lamp(),
                        (int) Math.max(1, left(step).toSeconds()),
                        step.job().settles(),
                        step.job().needsSettled(),
                        Job.Window.OPEN)
                    : step.job())
        .toList();
  }

  /** When everybody is free, counted from the last thing that moved the work on. */
  private Hands.Free free() {
    int lamp =
        past.values().stream()
            .filter(one -> one.step().job().lamp() && one.skipped().isEmpty())
            .mapToInt(one -> fromAnchor(one.ends()))
            .max()
            .orElse(0);
    return new Hands.Free(
        0,
        lamp,
        lastEnd(Hand.LEFT).map(this::fromAnchor).orElse(0),
        lastEnd(Hand.RIGHT).map(this::fromAnchor).orElse(0),
        settled(Hand.LEFT),
        settled(Hand.RIGHT),
        Hands.Free.CHANGING_HANDS);
  }

  private int fromAnchor(Instant at) {
    return (int) Math.ceil(Duration.between(anchor, at).toMillis() / 1000.0);
  }

  private int settled(Hand hand) {
    return settledAt(hand).map(this::fromAnchor).orElse(0);
  }

  private Optional<Instant> settledAt(Hand hand) {
    return past.values().stream()
        .filter(one -> one.step().on(hand) && one.step().job().settles() > 0)
        .filter(one -> one.skipped().isEmpty())
        .map(one -> one.ends().plusSeconds(one.step().job().settles()))
        .max(Instant::compareTo);
  }

  // --- where it stands ------------------------------------------------------------------------

  public BenchPlan plan() {
    return plan;
  }

  public List<Event> events() {
    return events;
  }

  /** What is to be done now; empty when everything is. Stays until something happens. */
  public Optional<Step> current() {
    return coming().findFirst();
  }

  /** What comes after it. */
  public List<Step> next(int max) {
    return coming().skip(1).limit(max).toList();
  }

  private Stream<Step> coming() {
    return Stream.concat(first.stream(), ahead.slots().stream().map(slot -> slot.job().id()))
        .distinct()
        .flatMap(id -> plan.step(id).stream());
  }

  /** The next step of a hand. */
  public Optional<Step> next(Hand hand) {
    return coming().filter(step -> step.on(hand)).findFirst();
  }

  /** Whether it comes next on every hand it holds, so that nothing stands before it. */
  private boolean isNext(String id, Hands toDo) {
    List<List<Job>> holding =
        Stream.of(toDo.left(), toDo.right())
            .filter(jobs -> jobs.stream().anyMatch(job -> job.id().equals(id)))
            .toList();
    return !holding.isEmpty() && holding.stream().allMatch(jobs -> jobs.get(0).id().equals(id));
  }

  /** What could be begun instead of the current step: the next of the other hand, if it is free. */
  public Optional<Step> instead(Instant now) {
    Hands toDo = new Hands(jobs(plan.left()), jobs(plan.right()), Hands.Free.NOW);
    Optional<Step> current = current();
    return Stream.of(Hand.values())
        .flatMap(hand -> next(hand).stream())
        .filter(step -> current.filter(step::equals).isEmpty() && isNext(step.id(), toDo))
        .filter(step -> busy(step, now).isEmpty())
        .findFirst();
  }

  /**
   * What to do at once about product on skin or heat that was noted; empty once the work has gone
   * on.
   */
  public Optional<Urgent> urgent() {
    Optional<Event> last = Optional.empty();
    for (Event event : events) {
      if (event.type().moves() || event.type() == Event.Type.BACK) {
        last = Optional.empty();
      } else if (event.type() == Event.Type.SKIN || event.type() == Event.Type.HEAT) {
        last = Optional.of(event);
      }
    }
    return last.map(
        event ->
            event.type() == Event.Type.SKIN
                ? new Urgent.ProductOnSkin()
                : new Urgent.Heat(
                    plan.step(event.step()).map(step -> left(step).toSeconds()).orElse(0L)));
  }

  /** What goes on by itself. */
  public List<Past> running(Instant now) {
    return past.values().stream().filter(one -> one.running(now)).toList();
  }

  /** What goes on by itself on a hand. */
  public Optional<Past> running(Hand hand, Instant now) {
    return running(now).stream().filter(one -> one.step().on(hand)).findFirst();
  }

  /** When the current step can begin at the earliest. */
  public Instant ready() {
    return current()
        .flatMap(step -> ahead.of(step.id()))
        .map(slot -> anchor.plusSeconds(slot.start()))
        .orElse(anchor);
  }

  /** When the current step should be finished. */
  public Instant due() {
    return current()
        .flatMap(step -> ahead.of(step.id()))
        .map(slot -> anchor.plusSeconds(slot.end()))
        .orElse(anchor);
  }

  /** When everything will be done, if the rest goes as planned from now on. */
  public Instant finish(Instant now) {
    Instant planned = anchor.plusSeconds(ahead.makespan());
    Instant due = due();
    return current().isPresent() && now.isAfter(due)
        ? planned.plus(Duration.between(due, now))
        : planned;
  }

  /** Everything on the desk that counts down, the most urgent first. */
  public List<Clock> clocks(Instant now) {
    List<Clock> clocks = new ArrayList<>();
    for (Past run : running(now)) {
      clocks.add(
          new Clock(
              run.step().job().lamp() ? Clock.What.LAMP : Clock.What.SOAK,
              run.step(),
              run.began(),
              run.ends()));
    }
    for (Hand hand : Hand.values()) {
      next(hand)
          .filter(step -> step.job().window().closes())
          .ifPresent(step -> window(clocks, step, hand));
    }
    current()
        .filter(step -> step.job().needsSettled() && ready().isAfter(now))
        .ifPresent(step -> clocks.add(new Clock(Clock.What.SETTLE, step, anchor, ready())));
    past.values().stream()
        .filter(one -> one.step().kind() == StepKind.BEAD && one.skipped().isEmpty())
        .reduce((earlier, later) -> later)
        .map(
            bead ->
                new Clock(
                    Clock.What.WORKING,
                    bead.step(),
                    bead.ends(),
                    bead.ends().plus(plan.wish().setting().working())))
        .filter(clock -> clock.closes().isAfter(now))
        .ifPresent(clocks::add);
    clocks.sort(Comparator.comparing(Clock::closes));
    return clocks;
  }

  private void window(List<Clock> clocks, Step step, Hand hand) {
    lastEnd(hand)
        .ifPresent(
            free ->
                clocks.add(
                    new Clock(
                        step.kind() == StepKind.PINCH ? Clock.What.PINCH : Clock.What.FREEZE,
                        step,
                        free.plusSeconds(step.window().min()),
                        free.plusSeconds(step.window().max()))));
  }

  /** What is behind, in the order it happened. */
  public List<Past> past() {
    return List.copyOf(past.values());
  }

  /** What became of one step; empty while it is ahead. */
  public Optional<Past> past(String step) {
    return Optional.ofNullable(past.get(step));
  }

  public int total() {
    return plan.steps().size();
  }

  /**
   * How far one finger is.
   *
   * @param behind steps it has behind it, those left out too
   * @param total steps that are done on it, alone or with others
   */
  public record Progress(int behind, int total) {}

  public Progress of(Finger finger) {
    List<Step> on = plan.steps().stream().filter(step -> step.fingers().contains(finger)).toList();
    return new Progress(
        (int) on.stream().filter(step -> past.containsKey(step.id())).count(), on.size());
  }

  public boolean paused() {
    return paused;
  }

  /** How long the technician has stopped altogether. */
  public Duration pausedFor(Instant now) {
    return pausedFor.plus(
        pausedSince.map(since -> Duration.between(since, now)).orElse(Duration.ZERO));
  }

  /** Everything is done or left out, and nothing runs any more. */
  public boolean finished(Instant now) {
    return current().isEmpty() && running(now).isEmpty();
  }

  /** The rest, planned from the last thing that happened. */
  public Schedule ahead() {
    return ahead;
  }

  // --- what may happen ------------------------------------------------------------------------

  /** The same where nothing is used up. */
  public Answer done(String step, Instant now) {
    return done(step, "", now);
  }

  /**
   * What pressing done on a step does now.
   *
   * @param step as the presser saw it
   * @param with the lots it is done with; empty for none
   * @return the event to note, or why nothing is noted
   */
  public Answer done(String step, String with, Instant now) {
    Optional<Step> current = current();
    if (current.isEmpty() || !current.get().id().equals(step)) {
      return Answer.refused(Refusal.Plain.BEHIND_ALREADY);
    }
    if (paused) {
      return Answer.refused(Refusal.Plain.PAUSED);
    }
    Optional<Event> last =
        events.stream().filter(event -> event.type().moves()).reduce((a, b) -> b);
    if (last.filter(event -> now.isBefore(event.at().plus(BOUNCE))).isPresent()) {
      return Answer.refused(Refusal.Plain.PRESSED_TWICE);
    }
    Optional<Past> busy = busy(current.get(), now);
    if (busy.isPresent()) {
      long seconds = Duration.between(now, busy.get().ends()).toSeconds() + 1;
      return Answer.refused(
          busy.get().step().job().lamp()
              ? new Refusal.LampRuns(seconds)
              : new Refusal.Soaks(seconds));
    }
    return new Answer(
        Optional.of(
            new Event(
                now,
                current.get().runsByItself() ? Event.Type.STARTED : Event.Type.DONE,
                step,
                with)),
        Optional.empty());
  }

  /** What runs by itself and holds what the step needs. */
  private Optional<Past> busy(Step step, Instant now) {
    return running(now).stream()
        .filter(
            run ->
                (step.job().lamp() && run.step().job().lamp())
                    || run.step().hand().isEmpty()
                    || step.hand().isEmpty()
                    || run.step().hand().equals(step.hand()))
        .findFirst();
  }

  /**
   * Leaves the current step out.
   *
   * @param reason at least a word
   */
  public Answer skip(String step, String reason, Instant now) {
    if (current().filter(one -> one.id().equals(step)).isEmpty()) {
      return Answer.refused(Refusal.Plain.BEHIND_ALREADY);
    }
    if (reason.isBlank()) {
      return Answer.refused(Refusal.Plain.NO_REASON);
    }
    return new Answer(
        Optional.of(new Event(now, Event.Type.SKIPPED, step, reason.strip())), Optional.empty());
  }

  /**
   * Takes another step before the current one.
   *
   * @param step what {@link #instead(Instant)} offers
   */
  public Answer first(String step, Instant now) {
    return instead(now).filter(one -> one.id().equals(step)).isPresent()
        ? noted(Event.of(now, Event.Type.FIRST, step))
        : Answer.refused(Refusal.Plain.CANNOT_COME_FIRST);
  }

  /** Takes the last step back. */
  public Answer back(Instant now) {
    return past.keySet().stream()
        .reduce((a, b) -> b)
        .map(
            step -> new Answer(Optional.of(Event.of(now, Event.Type.BACK, step)), Optional.empty()))
        .orElseGet(() -> Answer.refused(Refusal.Plain.NOTHING_TO_TAKE_BACK));
  }

  /**
   * Notes something that moves nothing on: a pause, a word, product on skin, heat.
   *
   * @param step it happened at; for heat, the one in the lamp is found
   */
  public Answer note(Event.Type type, String step, String text, Instant now) {
    if (!step.isEmpty() && plan.step(step).isEmpty()) {
      return Answer.refused(Refusal.Plain.NO_SUCH_STEP);
    }
    return switch (type) {
      case PAUSED ->
          paused
              ? Answer.refused(Refusal.Plain.PAUSED_ALREADY)
              : noted(new Event(now, type, step, text));
      case RESUMED ->
          paused
              ? noted(new Event(now, type, step, text))
              : Answer.refused(Refusal.Plain.NOT_PAUSED);
      case NOTE ->
          text.isBlank()
              ? Answer.refused(Refusal.Plain.EMPTY_NOTE)
              : noted(new Event(now, type, step, text.strip()));
      case SKIN -> noted(new Event(now, type, step, text.strip()));
      case HEAT ->
          running(now).stream()
              .filter(run -> run.step().job().lamp())
              .findFirst()
              .map(run -> noted(new Event(now, type, run.step().id(), text.strip())))
              .orElseGet(() -> Answer.refused(Refusal.Plain.NO_HAND_IN_LAMP));
      case BEGIN, DONE, STARTED, SKIPPED, BACK, FIRST -> Answer.refused(Refusal.Plain.NOT_A_NOTE);
    };
  }

  private static Answer noted(Event event) {
    return new Answer(Optional.of(event), Optional.empty());
  }

  /**
   * What becomes of something pressed.
   *
   * @param event to note; empty when refused
   * @param why it is refused; empty when it is not
   */
  public record Answer(Optional<Event> event, Optional<Refusal> why) {
    static Answer refused(Refusal why) {
      return new Answer(Optional.empty(), Optional.of(why));
    }
  }
}
