package ongle.core.bench;

import ongle.core.School;

/** What clears dead skin off the plate. */
public enum CuticleTool implements School {
  BY_HAND,
  ELECTRIC_FILE
}
