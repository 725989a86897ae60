package ongle.core.bench;

import ongle.core.Code;
import ongle.core.cure.LampRefusal;

/** Why an appointment cannot be carried out as it is wished. */
public sealed interface CannotBegin extends Code {
  /** Reasons that need no more said. */
  enum Plain implements CannotBegin {
    NOTHING_TO_TAKE_OFF,
    NO_FINGER_TO_BUILD_ON,
    NO_FINGER_CHOSEN
  }

  /** The lamp does not cure what is laid. */
  record Lamp(LampRefusal why) implements CannotBegin {}
}
