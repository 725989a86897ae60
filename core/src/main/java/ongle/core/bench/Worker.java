package ongle.core.bench;

import ongle.core.School;
import ongle.core.nail.Hand;

/** Who does the work: somebody else, or the one who wears it. */
public enum Worker implements School {
  TECHNICIAN,
  OWN_RIGHT_HANDED,
  OWN_LEFT_HANDED;

  /** Whether the hands that are worked on are those that work. */
  public boolean own() {
    return this != TECHNICIAN;
  }

  /** Whether a hand is worked on with the one that is used less. */
  boolean lessUsedFor(Hand hand) {
    return switch (this) {
      case TECHNICIAN -> false;
      case OWN_RIGHT_HANDED -> hand == Hand.RIGHT;
      case OWN_LEFT_HANDED -> hand == Hand.LEFT;
    };
  }
}
