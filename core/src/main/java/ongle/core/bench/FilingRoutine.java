package ongle.core.bench;

import ongle.core.School;

/** The order of filing. */
public enum FilingRoutine implements School {
  EDGE_FIRST,
  SIDES_FIRST,
  QUARTERS,
  NONE
}
