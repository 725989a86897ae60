package ongle.core.bench;

import java.time.Instant;
import java.util.Optional;

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
  /** Whether its hand is to go into the lamp as soon as that is free. */
  public boolean waits(Instant now) {
    return began.isAfter(now);
  }

  /** Whether it still goes on by itself, or is about to. */
  public boolean running(Instant now) {
    return step.runsByItself() && skipped.isEmpty() && ends.isAfter(now);
  }
}
