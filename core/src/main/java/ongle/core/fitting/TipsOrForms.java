package ongle.core.fitting;

import ongle.core.School;

/** Where technicians differ on wide, bitten and other nails that could go either way. */
public enum TipsOrForms implements School {
  TIPS,
  FORMS
}
