package ongle.core.bench;

import ongle.core.School;

/** When the plate under a tip is primed. */
public enum TipPriming implements School {
  AFTER_BLENDING,
  UNDER_TOO
}
