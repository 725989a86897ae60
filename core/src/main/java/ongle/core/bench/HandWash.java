package ongle.core.bench;

import ongle.core.School;

/** When the client washes the hands in the middle of the work. */
public enum HandWash implements School {
  NEVER,
  BEFORE_FILING,
  AFTER_FILING
}
