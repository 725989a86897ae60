package ongle.core.bench;

import ongle.core.School;

/** Whether the top coat keeps a film that is wiped. */
public enum TopCoat implements School {
  WIPED,
  NO_WIPE
}
