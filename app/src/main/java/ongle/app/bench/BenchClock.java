package ongle.app.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The time at the bench: it only ever goes on. A machine that slept is believed when it says it is
 * later; one whose clock was set back is not, or lamps would run on.
 */
@Component
class BenchClock {
  /** Differences below this are clocks being kept right, not set. */
  private static final Duration DRIFT = Duration.ofSeconds(2);

  private final Clock clock;
  private Instant anchor;
  private long anchorNanos;
  private boolean setBack;

  BenchClock(Clock clock) {
    this.clock = clock;
    anchor = clock.instant();
    anchorNanos = System.nanoTime();
  }

  /**
   * Now.
   *
   * @param notBefore the last thing that is known to have happened
   */
  synchronized Instant now(Instant notBefore) {
    Instant wall = clock.instant();
    Instant counted = anchor.plusNanos(System.nanoTime() - anchorNanos);
    boolean standsStill = wall.equals(anchor);
    if (wall.isAfter(counted.plus(DRIFT))) {
      goOnFrom(wall);
      counted = wall;
    } else if (!standsStill && wall.isBefore(counted.minus(DRIFT))) {
      setBack = true;
    }
    if (notBefore.isAfter(counted)) {
      setBack = true;
      goOnFrom(notBefore);
      counted = notBefore;
    }
    return counted;
  }

  private void goOnFrom(Instant at) {
    anchor = at;
    anchorNanos = System.nanoTime();
  }

  /** What is wrong with the machine's clock; empty when nothing is. */
  synchronized Optional<String> trouble() {
    return setBack
        ? Optional.of(
            "This machine’s clock was set back. The bench counts on from before; nothing is lost.")
        : Optional.empty();
  }
}
