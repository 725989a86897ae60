package ongle.core.bench;

import ongle.core.School;

/** What makes the plate hold product. */
public enum Primer implements School {
  ACID_FREE,
  ACID,
  BASE
}
