package ongle.core.bench;

import ongle.core.School;

/** What becomes of a sound build that has grown out. */
public enum Rework implements School {
  INFILL,
  REMOVE
}
