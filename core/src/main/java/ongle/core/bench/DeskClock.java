package ongle.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
    SETTLE
  }

  /** Everything on the desk that counts down, the most urgent first. */
  static List<DeskClock> of(Guide guide, Course course, Instant now) {
    List<DeskClock> clocks = new ArrayList<>();
    for (Past run : course.running(now)) {
      clocks.add(
          new DeskClock(
              run.step().job().lamp() ? What.LAMP : What.SOAK,
              run.step(),
              run.began(),
              run.ends()));
    }
    for (Hand hand : Hand.values()) {
      guide
          .next(hand)
          .filter(step -> step.job().window().closes())
          .ifPresent(step -> window(clocks, course, step, hand));
    }
    guide
        .current()
        .filter(step -> step.job().needsSettled() && guide.ready().isAfter(now))
        .ifPresent(
            step -> clocks.add(new DeskClock(What.SETTLE, step, course.anchor(), guide.ready())));
    course.past().values().stream()
        .filter(one -> one.step().kind() == StepKind.BEAD && one.skipped().isEmpty())
        .reduce((earlier, later) -> later)
        .map(
            bead ->
                new DeskClock(
                    What.WORKING,
                    bead.step(),
                    bead.ends(),
                    bead.ends().plus(guide.plan().wish().setting().working())))
        .filter(clock -> clock.closes().isAfter(now))
        .ifPresent(clocks::add);
    clocks.sort(Comparator.comparing(DeskClock::closes));
    return clocks;
  }

  private static void window(List<DeskClock> clocks, Course course, Step step, Hand hand) {
    course
        .lastEnd(hand)
        .ifPresent(
            free ->
                clocks.add(
                    new DeskClock(
                        step.kind() == StepKind.PINCH ? What.PINCH : What.FREEZE,
                        step,
                        free.plusSeconds(step.window().min()),
                        free.plusSeconds(step.window().max()))));
  }
}
