package ongle.core.bench;

import ongle.core.School;

/** How many nails are laid before the lamp. */
public enum NailOrder implements School {
  ONE_AT_A_TIME,
  FOUR_AND_THUMB,
  WHOLE_HAND,
  HAND_BY_HAND
}
