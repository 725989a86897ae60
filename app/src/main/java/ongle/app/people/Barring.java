package ongle.app.people;

import java.time.Duration;

/**
 * How long whoever typed wrong secrets waits: a few slips cost nothing, trying all is hopeless. A
 * PIN of four digits has ten thousand; ten are tried, then the owner gives another.
 */
final class Barring {
  private static final int SLIPS = 3;
  private static final int MOST = 10;
  private static final Duration FIRST = Duration.ofSeconds(15);
  private static final Duration LONGEST = Duration.ofMinutes(30);

  private Barring() {}

  /**
   * After so many wrong ones in a row.
   *
   * @return zero, then doubling from 15 s to half an hour
   */
  static Duration after(int wrong) {
    if (wrong <= SLIPS) {
      return Duration.ZERO;
    }
    Duration wait = FIRST.multipliedBy(1L << Math.min(wrong - SLIPS - 1, 20));
    return wait.compareTo(LONGEST) > 0 ? LONGEST : wait;
  }

  /** Whether only the owner can help; nobody could help the owner, who waits instead. */
  static boolean forGood(Role role, int wrong) {
    return wrong >= MOST && !role.hasPassword();
  }
}
