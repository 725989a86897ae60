package ongle.core.bench;

import ongle.core.Code;

/** Why the guide does not take what was pressed. */
public sealed interface Refusal extends Code {
  /** Refusals that need no more said. */
  enum Plain implements Refusal {
    BEHIND_ALREADY,
    PAUSED,
    PRESSED_TWICE,
    NO_REASON,
    CANNOT_COME_FIRST,
    NOTHING_TO_TAKE_BACK,
    NO_SUCH_STEP,
    PAUSED_ALREADY,
    NOT_PAUSED,
    EMPTY_NOTE,
    NO_HAND_IN_LAMP,
    NOTHING_LIKE_IT,
    NOT_A_NOTE
  }

  /**
   * What the step needs is still in the lamp.
   *
   * @param seconds left
   */
  record LampRuns(long seconds) implements Refusal {}

  /**
   * The hand still soaks.
   *
   * @param seconds left
   */
  record Soaks(long seconds) implements Refusal {}
}
