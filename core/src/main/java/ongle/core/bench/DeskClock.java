package ongle.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;

/**
 * A clock on the desk.
 *
 * @param what it counts
 * @param step it belongs to
 * @param opens when the time begins; before that it counts down to it
 * @param closes when it is over
 */
public record DeskClock(What what, Step step, Instant opens, Instant closes) {
  /** What a clock counts. */
  public enum What {
    LAMP,
    SOAK,
    WORKING,
    PINCH,
    FREEZE,
    SETTLE,
    PRIMER
  }

  /** Everything on the desk that counts down, the most urgent first. */
  static List<DeskClock> of(Guide guide, Course course, Instant now) {
    List<DeskClock> clocks = new ArrayList<>();
    course.running(now).forEach(run -> clocks.addAll(running(run, now)));
    for (Hand hand : Hand.values()) {
      guide
          .next(hand)
          .filter(step -> step.job().window().closes())
          .ifPresent(step -> window(clocks, course, step, hand));
    }
    guide
        .current()
        .filter(step -> dries(step) && guide.ready().isAfter(now))
        .ifPresent(
            step -> clocks.add(new DeskClock(What.SETTLE, step, course.anchor(), guide.ready())));
    lastBead(guide, course)
        .map(
            bead ->
                new DeskClock(
                    What.WORKING,
                    bead.step(),
                    bead.at(),
                    bead.at().plus(guide.plan().wish().setting().working())))
        .filter(clock -> clock.closes().isAfter(now))
        .ifPresent(clocks::add);
    primer(guide).ifPresent(clocks::add);
    clocks.sort(Comparator.comparing(DeskClock::closes));
    return clocks;
  }

  /** From the oldest primer that has no product on it yet. */
  private static Optional<DeskClock> primer(Guide guide) {
    Map<Finger, Laid> open = new EnumMap<>(Finger.class);
    for (Past one : guide.past()) {
      List<Step> parts = one.skipped().isPresent() ? List.of() : one.step().singly();
      int left = parts.stream().mapToInt(part -> part.job().seconds()).sum();
      for (Step part : parts) {
        left -= part.job().seconds();
        Laid primed = new Laid(part, one.ends().minusSeconds(left));
        for (Finger finger : part.fingers()) {
          if (part.kind() == StepKind.PRIME) {
            open.put(finger, primed);
          } else if (part.lays() || part.kind() == StepKind.TIP_ON) {
            open.remove(finger);
          }
        }
      }
    }
    return open.values().stream()
        .min(Comparator.comparing(Laid::at))
        .map(
            oldest ->
                new DeskClock(
                    What.PRIMER,
                    oldest.step(),
                    oldest.at(),
                    oldest.at().plusSeconds(Primed.FRESH)));
  }

  /** Fingers and then the thumb each have a clock. */
  private static List<DeskClock> running(Past run, Instant now) {
    What what = run.step().job().lamp() ? What.LAMP : What.SOAK;
    List<DeskClock> clocks = new ArrayList<>();
    Instant ends = run.ends();
    List<Step> parts = run.step().singly();
    for (int i = parts.size() - 1; i >= 0; i--) {
      Instant begins = i == 0 ? run.began() : ends.minusSeconds(parts.get(i).job().seconds());
      if (ends.isAfter(now)) {
        clocks.add(new DeskClock(what, parts.get(i), begins, ends));
      }
      ends = begins;
    }
    return clocks;
  }

  private record Laid(Step step, Instant at) {}

  /** The bead laid last: ticked in the step that is worked on, else the last of a finished one. */
  private static Optional<Laid> lastBead(Guide guide, Course course) {
    Optional<Laid> ticked =
        guide.current().filter(step -> step.kind() == StepKind.BEAD).stream()
            .flatMap(
                step ->
                    guide.events().stream()
                        .filter(event -> event.type() == Event.Type.TICK)
                        .filter(event -> event.step().equals(step.id()))
                        .map(event -> new Laid(step, event.at())))
            .reduce((earlier, later) -> later);
    return ticked.or(
        () ->
            course.past().values().stream()
                .filter(one -> one.step().kind() == StepKind.BEAD && one.skipped().isEmpty())
                .reduce((earlier, later) -> later)
                .map(one -> new Laid(one.step(), one.ends())));
  }

  private static boolean dries(Step step) {
    return step.job().needsSettled() || (step.window().min() > 0 && !step.window().closes());
  }

  private static void window(List<DeskClock> clocks, Course course, Step step, Hand hand) {
    course
        .windowFrom(step, hand)
        .ifPresent(
            from ->
                clocks.add(
                    new DeskClock(
                        step.kind() == StepKind.PINCH ? What.PINCH : What.FREEZE,
                        step,
                        from.plusSeconds(step.window().min()),
                        from.plusSeconds(step.window().max()))));
  }
}
