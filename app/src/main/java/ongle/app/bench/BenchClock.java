package ongle.app.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import ongle.app.words.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The time at the bench: it only ever goes on. A machine that slept is believed when it says it is
 * later; one whose clock was set back is not, or lamps would run on.
 */
@Component
class BenchClock {
  /** Differences below this are clocks being kept right, not set. */
  private static final Duration DRIFT = Duration.ofSeconds(2);

  private static final double FASTEST = 1000;

  private final Clock clock;
  private final double speed;
  private Instant anchor;
  private long anchorNanos;
  private boolean setBack;

  /**
   * @param speed seconds it counts in one; more than 1 to practise an appointment in a hurry
   */
  BenchClock(Clock clock, @Value("${ongle.bench-speed:1}") double speed) {
    if (!(speed >= 1 && speed <= FASTEST)) {
      throw new IllegalArgumentException("ongle.bench-speed is 1 to " + FASTEST);
    }
    this.clock = clock;
    this.speed = speed;
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
    Instant counted = anchor.plusNanos((long) (speed * (System.nanoTime() - anchorNanos)));
    boolean standsStill = wall.equals(anchor);
    if (speed > 1) {
      return later(counted, notBefore); // practice keeps no time of day
    }
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

  private Instant later(Instant counted, Instant notBefore) {
    if (notBefore.isAfter(counted)) {
      goOnFrom(notBefore);
      return notBefore;
    }
    return counted;
  }

  double speed() {
    return speed;
  }

  private void goOnFrom(Instant at) {
    anchor = at;
    anchorNanos = System.nanoTime();
  }

  /** What is wrong with the machine's clock; empty when nothing is. */
  synchronized Optional<String> trouble() {
    return setBack ? Optional.of(Words.say("bench.clock-set-back")) : Optional.empty();
  }
}
