package ongle.core.fitting;

import ongle.core.School;

/** Where technicians differ on wide, bitten and other nails that could go either way. */
public enum TipsOrForms implements School {
  TIPS("tips where they fit", "quicker, and the blank already has the shape"),
  FORMS("forms wherever they hold", "follows the nail's own edge, and nothing has to be blended");

  private final String label;
  private final String why;

  TipsOrForms(String label, String why) {
    this.label = label;
    this.why = why;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
  }
}
