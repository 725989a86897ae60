package ongle.core.fitting;

import ongle.core.School;

/** Where technicians differ on bitten nails too short for a tip. */
public enum FreeHandOrForms implements School {
  FREE_HAND,
  FORMS
}
