package ongle.core.bench;

import ongle.core.School;

/** Whether cuticle softener is used. */
public enum Softener implements School {
  NEVER,
  FIRST
}
