package ongle.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
  private final BenchPlan plan;
  private final List<Event> events;
  private final Course course;
  private final Optional<String> first;
  private final Schedule ahead;

  /**
   * @param events in the order they happened, the first a BEGIN
   */
  public Guide(BenchPlan plan, List<Event> events) {
    this.plan = plan;
    this.events = List.copyOf(events);
    course = new Course(plan, events);
    Hands toDo = course.toDo();
    first = course.chosen().filter(id -> isNext(id, toDo));
    ahead = first.map(id -> Scheduler.beginningWith(id, toDo)).orElseGet(() -> Scheduler.of(toDo));
  }

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

  /** Whether it comes next on every hand it holds, and no earlier stage stands before it. */
  private boolean isNext(String id, Hands toDo) {
    int stage = toDo.jobs().mapToInt(Job::stage).min().orElse(0);
    List<List<Job>> holding =
        Stream.of(toDo.left(), toDo.right())
            .filter(jobs -> jobs.stream().anyMatch(job -> job.id().equals(id)))
            .toList();
    return !holding.isEmpty()
        && holding.stream()
            .map(jobs -> jobs.get(0))
            .allMatch(job -> job.id().equals(id) && job.stage() == stage);
  }

  /**
   * What could be begun instead of the current step: the next of the other hand, if it is free, the
   * work is not torn apart by it, and no dust falls on what is open.
   */
  public Optional<Step> instead(Instant now) {
    Hands toDo = course.toDo();
    if (toDo.free().leftKeeps() || toDo.free().rightKeeps()) {
      return Optional.empty();
    }
    Optional<Step> current = current();
    return Stream.of(Hand.values())
        .flatMap(hand -> next(hand).stream())
        .filter(step -> current.filter(step::equals).isEmpty() && isNext(step.id(), toDo))
        .filter(step -> course.busy(step, now).isEmpty())
        .findFirst();
  }

  /** A hand waits no longer than this for a lamp that is about to be free, s. */
  private static final int WAITS_AT_MOST = 60;

  /**
   * The lamp a hand goes into with no more said.
   *
   * @param at when
   */
  public record IntoLamp(Step step, Instant at) {}

  /** Whether its hand goes into the lamp next, at once or as soon as that is free. */
  public boolean leadsIntoLamp(Step step) {
    return step.job().keeps()
        && step.hand().flatMap(hand -> plan.after(step, hand)).filter(this::followed).isPresent();
  }

  /** The lamp the hand goes straight into when a step is finished, at once or as soon as it can. */
  public Optional<IntoLamp> straightIntoLamp(Step step, Instant at) {
    if (!step.job().keeps() || step.hand().isEmpty()) {
      return Optional.empty();
    }
    return plan.after(step, step.hand().get())
        .filter(lamp -> lamp.job().lamp() && lamp.runsByItself() && nextInLamp(lamp))
        .filter(lamp -> !course.past().containsKey(lamp.id()))
        .map(lamp -> new IntoLamp(lamp, course.busy(lamp, at).map(Past::ends).orElse(at)))
        .filter(
            light ->
                Duration.between(at, light.at()).toSeconds()
                    <= Math.min(WAITS_AT_MOST, StepDraft.planned(light.step().window()).max()));
  }

  /** Whether nothing else is to be in the lamp before it. */
  private boolean nextInLamp(Step step) {
    return ahead.slots().stream()
        .filter(slot -> slot.job().lamp())
        .findFirst()
        .filter(slot -> slot.job().id().equals(step.id()))
        .isPresent();
  }

  /** What is ticked of the current step: ids of its parts, or names of its fingers. */
  public Set<String> ticked() {
    Set<String> ticked = new HashSet<>();
    String step = current().map(Step::id).orElse("");
    for (Event event : events) {
      if (event.type() == Event.Type.TICK
          && event.step().equals(step)
          && !ticked.remove(event.text())) {
        ticked.add(event.text());
      }
    }
    return ticked;
  }

  /** When the current step was done if it took as long as the last of its kind; only if past. */
  public Optional<Instant> doneAsLast(Instant now) {
    return lastLike().map(ready()::plus).filter(at -> at.isBefore(now));
  }

  /** How long the last of the current step's kind took. */
  public Optional<Duration> lastLike() {
    return current()
        .filter(step -> !step.runsByItself())
        .flatMap(course::lastLike)
        .map(like -> Duration.between(like.began(), like.ends()));
  }

  /** When something was pressed last that can be taken back. */
  public Optional<Instant> lastPress() {
    return events.stream()
        .filter(event -> event.type().moves() || event.type() == Event.Type.BACK)
        .reduce((earlier, later) -> later)
        .filter(event -> event.type().moves())
        .map(Event::at);
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
                    plan.step(event.step()).map(step -> course.left(step).toSeconds()).orElse(0L)));
  }

  /** What goes on by itself. */
  public List<Past> running(Instant now) {
    return course.running(now);
  }

  /** What goes on by itself on a hand. */
  public Optional<Past> running(Hand hand, Instant now) {
    return running(now).stream().filter(one -> one.step().on(hand)).findFirst();
  }

  /** When the current step can begin at the earliest. */
  public Instant ready() {
    return current()
        .flatMap(step -> ahead.of(step.id()))
        .map(slot -> course.anchor().plusSeconds(slot.start()))
        .orElse(course.anchor());
  }

  /** When the current step should be finished. */
  public Instant due() {
    return current()
        .flatMap(step -> ahead.of(step.id()))
        .map(slot -> course.anchor().plusSeconds(slot.end()))
        .orElse(course.anchor());
  }

  /** When everything will be done, if the rest goes as planned from now on. */
  public Instant finish(Instant now) {
    Instant planned = course.anchor().plusSeconds(ahead.makespan());
    Instant due = due();
    return current().isPresent() && now.isAfter(due)
        ? planned.plus(Duration.between(due, now))
        : planned;
  }

  /** What is behind, in the order it happened. */
  public List<Past> past() {
    return List.copyOf(course.past().values());
  }

  /** What became of one step; empty while it is ahead. */
  public Optional<Past> past(String step) {
    return Optional.ofNullable(course.past().get(step));
  }

  /** How often done is pressed from first to last: lamps a hand goes straight into are not. */
  public int presses() {
    return plan.steps().size() - (int) plan.steps().stream().filter(this::followed).count();
  }

  /** How many of those are behind. */
  public int pressed() {
    return (int) past().stream().filter(one -> !followed(one.step())).count();
  }

  private boolean followed(Step step) {
    return step.job().lamp()
        && step.runsByItself()
        && plan.before(step, step.on(Hand.LEFT) ? Hand.LEFT : Hand.RIGHT)
            .filter(before -> before.job().keeps())
            .isPresent();
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
        (int) on.stream().filter(step -> course.past().containsKey(step.id())).count(), on.size());
  }

  /** What each nail is like; those not worked on yet are left out. */
  public Map<Finger, NailState> states(Instant now) {
    return NailState.of(past(), now, plan.wish().setting().hard().toSeconds());
  }

  public boolean paused() {
    return course.paused();
  }

  /** How long the technician has stopped altogether. */
  public Duration pausedFor(Instant now) {
    return course.pausedFor(now);
  }

  /** Everything is done or left out, and nothing runs any more. */
  public boolean finished(Instant now) {
    return current().isEmpty() && running(now).isEmpty();
  }

  /** The rest, planned from the last thing that happened. */
  public Schedule ahead() {
    return ahead;
  }

  /** Everything on the desk that counts down, the most urgent first. */
  public List<DeskClock> clocks(Instant now) {
    return DeskClock.of(this, course, now);
  }

  /** What may be pressed now, and what becomes of it. */
  public Presses press() {
    return new Presses(this, course);
  }
}
