package ongle.core.bench;

import ongle.core.School;

/** When the form comes off. */
public enum FormOff implements School {
  AFTER_BODY,
  AFTER_FRAME
}
