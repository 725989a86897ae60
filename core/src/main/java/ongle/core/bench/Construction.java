package ongle.core.bench;

import ongle.core.School;

/** In how many goes gel is laid. */
public enum Construction implements School {
  TWO_STEP,
  ONE_PIECE
}
