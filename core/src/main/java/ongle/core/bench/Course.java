package ongle.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.nail.Hand;
import ongle.core.schedule.Hands;
import ongle.core.schedule.Job;
import ongle.core.schedule.Schedule;
import ongle.core.schedule.Scheduler;

/** What became of every step so far, worked out from what happened and nothing else. */
final class Course {
  /** A step took long when it took this many times what was planned and half a minute more. */
  private static final double LATE_FACTOR = 1.5;

  private static final int LATE_SECONDS = 30;

  private final BenchPlan plan;
  private final Map<String, Past> past = new LinkedHashMap<>();
  private final Map<String, Duration> litBefore = new LinkedHashMap<>();
  private final Instant begun;
  private final Instant anchor;
  private final Duration stopped;
  private final Optional<Instant> stoppedSince;
  private final Optional<String> chosen;

  /**
   * @param events in the order they happened, the first a BEGIN
   */
  Course(BenchPlan plan, List<Event> events) {
    if (events.isEmpty() || events.get(0).type() != Event.Type.BEGIN) {
      throw new IllegalArgumentException("an appointment begins with its beginning");
    }
    this.plan = plan;
    Instant moved = events.get(0).at();
    Duration stoppedSoFar = Duration.ZERO;
    Duration stoppedSinceMove = Duration.ZERO;
    Optional<Instant> since = Optional.empty();
    Optional<String> first = Optional.empty();
    for (Event event : events) {
      switch (event.type()) {
        case DONE, STARTED, SKIPPED -> {
          Optional<Step> step = plan.step(event.step());
          if (step.isPresent() && !past.containsKey(step.get().id())) {
            past.put(step.get().id(), passed(step.get(), event, moved, stoppedSinceMove));
            moved = event.at();
            stoppedSinceMove = Duration.ZERO;
            first = Optional.empty();
          }
        }
        case WHEN_FREE ->
            plan.step(event.step())
                .filter(step -> !past.containsKey(step.id()))
                .ifPresent(step -> past.put(step.id(), lit(step, event)));
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
        case FIRST -> first = Optional.of(event.step());
        case PAUSED -> since = since.or(() -> Optional.of(event.at()));
        case RESUMED -> {
          Duration stop =
              since.map(from -> Duration.between(from, event.at())).orElse(Duration.ZERO);
          stoppedSoFar = stoppedSoFar.plus(stop);
          stoppedSinceMove = stoppedSinceMove.plus(stop);
          since = Optional.empty();
        }
        default -> {}
      }
    }
    begun = events.get(0).at();
    anchor = moved;
    stopped = stoppedSoFar;
    stoppedSince = since;
    chosen = first;
  }

  private Past passed(Step step, Event event, Instant before, Duration stopped) {
    if (event.type() == Event.Type.SKIPPED) {
      return new Past(step, event.at(), event.at(), Optional.of(event.text()), false, false, "");
    }
    if (event.type() == Event.Type.STARTED) {
      return lit(step, event);
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

  private Past lit(Step step, Event event) {
    return new Past(
        step,
        event.at(),
        event.at().plus(left(step)),
        Optional.empty(),
        false,
        offWindow(step, event.at()),
        event.text());
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
  Duration left(Step step) {
    return Duration.ofSeconds(step.job().seconds())
        .minus(litBefore.getOrDefault(step.id(), Duration.ZERO));
  }

  private boolean offWindow(Step step, Instant began) {
    Job.Window window = step.window();
    if (!window.closes() || step.hand().isEmpty()) {
      return false;
    }
    Optional<Instant> from = windowFrom(step, step.hand().get());
    return from.isPresent()
        && (began.isBefore(from.get().plusSeconds(window.min()))
            || began.isAfter(from.get().plusSeconds(window.max())));
  }

  /**
   * What a step's window is counted from: the end of a certain step, or of the last of its hand.
   */
  Optional<Instant> windowFrom(Step step, Hand hand) {
    return step.since().isPresent()
        ? plan.step(step.since().get())
            .flatMap(since -> Optional.ofNullable(past.get(since.id())))
            .map(Past::ends)
        : lastEnd(hand);
  }

  Optional<Instant> lastEnd(Hand hand) {
    return past.values().stream()
        .filter(one -> one.step().on(hand) && one.skipped().isEmpty())
        .map(Past::ends)
        .max(Instant::compareTo);
  }

  /**
   * What is ahead of a hand. A plan changed midway may ask again for work whose lamp was pressed
   * before: nobody stays for that, nor keeps the lamp free, or each hand could wait for the other.
   */
  private List<Job> jobs(Hand hand) {
    LinkedList<Job> jobs = new LinkedList<>();
    List<Step> steps = plan.on(hand);
    boolean nextToCome = false;
    boolean lightToCome = false;
    for (int i = steps.size() - 1; i >= 0; i--) {
      Step step = steps.get(i);
      Job job = step.job();
      boolean toCome = toCome(step);
      if (toCome) {
        Job staying = nextToCome ? job : job.keeping(false);
        jobs.addFirst(lightToCome ? staying : staying.lightAfter(Job.Place.ANY_LIGHT));
      }
      nextToCome = toCome;
      lightToCome = job.lamp() ? toCome : lightToCome;
    }
    ahead(hand).findFirst().ifPresent(step -> jobs.addFirst(next(step, jobs.removeFirst(), hand)));
    return jobs;
  }

  private boolean toCome(Step step) {
    return !past.containsKey(step.id());
  }

  private Stream<Step> ahead(Hand hand) {
    return plan.on(hand).stream().filter(this::toCome);
  }

  /**
   * The next job of a hand as it stands: part of its light had, its window counted from the clock.
   */
  private Job next(Step step, Job job, Hand hand) {
    if (litBefore.containsKey(step.id())) {
      return job.lasting((int) Math.max(1, left(step).toSeconds())).anyTime();
    }
    Optional<Instant> since = step.since().isPresent() ? windowFrom(step, hand) : Optional.empty();
    Optional<Instant> last = lastEnd(hand);
    if (since.isEmpty() || last.isEmpty()) {
      return job;
    }
    int gone = (int) Duration.between(since.get(), last.get()).toSeconds();
    Job.Window window = StepDraft.planned(step.window());
    return job.within(Math.max(0, window.min() - gone), Math.max(0, window.max() - gone));
  }

  /** When everybody is free, counted from the last thing that moved the work on. */
  Hands.Free free() {
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
        Hands.Free.CHANGING_HANDS,
        stage(Hand.LEFT),
        stage(Hand.RIGHT),
        keeps(Hand.LEFT),
        keeps(Hand.RIGHT),
        at());
  }

  /** The hand the technician worked on last; where it was both, neither. */
  private Hands.Free.At at() {
    return past.values().stream()
        .filter(one -> one.skipped().isEmpty() && one.step().job().technician())
        .reduce((earlier, later) -> later)
        .flatMap(last -> last.step().hand())
        .map(hand -> hand == Hand.LEFT ? Hands.Free.At.LEFT : Hands.Free.At.RIGHT)
        .orElse(Hands.Free.At.NEITHER);
  }

  private int stage(Hand hand) {
    return past.values().stream()
        .filter(one -> one.step().on(hand))
        .mapToInt(one -> one.step().job().stage())
        .max()
        .orElse(0);
  }

  /**
   * Whether the technician was on this hand last, and what was done there is not to be torn from
   * what comes next; a lamp pressed for the other hand tears nothing.
   */
  private boolean keeps(Hand hand) {
    return past.values().stream()
        .filter(one -> one.skipped().isEmpty())
        .filter(one -> one.step().on(hand) || one.step().job().technician())
        .reduce((earlier, later) -> later)
        .filter(last -> last.step().on(hand) && last.step().job().keeps())
        .filter(last -> plan.after(last.step(), hand).equals(ahead(hand).findFirst()))
        .isPresent();
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

  /** What is still to be done, and when everybody is free for it, s from {@link #anchor}. */
  Hands toDo() {
    List<Job> left = jobs(Hand.LEFT);
    List<Job> right = jobs(Hand.RIGHT);
    Hands.Free free = free();
    return new Hands(
        begunFirst(left, free.leftKeeps(), right),
        begunFirst(right, free.rightKeeps(), left),
        free,
        latest());
  }

  /**
   * What was begun on a hand is finished, even where the plan now asks for an earlier stage again.
   */
  private static List<Job> begunFirst(List<Job> jobs, boolean begun, List<Job> others) {
    int earliest = others.isEmpty() ? Integer.MAX_VALUE : others.get(0).stage();
    List<Job> all = new ArrayList<>();
    boolean goesOn = begun;
    for (Job job : jobs) {
      all.add(goesOn ? job.in(Math.min(job.stage(), earliest)) : job);
      goesOn = goesOn && job.keeps();
    }
    return all;
  }

  /**
   * When the whole may end, s from {@link #anchor}, if it is planned as it was at the beginning:
   * work that took longer is no reason to change hands more, nor what was paused.
   */
  private int latest() {
    Schedule whole = plan.schedule();
    double may = Math.max(whole.makespan(), (1 + Scheduler.GIVEN_UP) * whole.lowerBound());
    long longer =
        past.values().stream()
            .filter(one -> one.skipped().isEmpty() && one.step().job().technician())
            .mapToLong(
                one ->
                    Duration.between(one.began(), one.ends()).toSeconds()
                        - one.step().job().seconds())
            .sum();
    long gone = Duration.between(begun, anchor).minus(stopped).toSeconds();
    return (int) Math.max(1, may + longer - gone);
  }

  /** The step the technician chose to come next; empty if none was. */
  Optional<String> chosen() {
    return chosen;
  }

  /** The last step of the same kind that was done. */
  Optional<Past> lastLike(Step step) {
    return past.values().stream()
        .filter(one -> one.skipped().isEmpty())
        .filter(one -> one.step().kind() == step.kind())
        .filter(one -> one.step().movement().equals(step.movement()))
        .filter(one -> one.step().fingers().size() == step.fingers().size())
        .reduce((earlier, later) -> later);
  }

  /** When the work was last moved on. */
  Instant anchor() {
    return anchor;
  }

  /** What is behind, by step, in the order it happened. */
  Map<String, Past> past() {
    return past;
  }

  boolean paused() {
    return stoppedSince.isPresent();
  }

  /** How long the technician has stopped altogether. */
  Duration pausedFor(Instant now) {
    return stopped.plus(
        stoppedSince.map(since -> Duration.between(since, now)).orElse(Duration.ZERO));
  }

  /** What goes on by itself. */
  List<Past> running(Instant now) {
    return past.values().stream().filter(one -> one.running(now)).toList();
  }

  /** What runs by itself and holds what the step needs. */
  Optional<Past> busy(Step step, Instant now) {
    return running(now).stream()
        .filter(
            run ->
                (step.job().lamp() && run.step().job().lamp())
                    || run.step().hand().isEmpty()
                    || step.hand().isEmpty()
                    || run.step().hand().equals(step.hand()))
        .findFirst();
  }
}
