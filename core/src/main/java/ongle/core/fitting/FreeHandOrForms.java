package ongle.core.fitting;

import ongle.core.School;

/** Where technicians differ on bitten nails too short for a tip. */
public enum FreeHandOrForms implements School {
  FREE_HAND("free-hand in stiff acrylic", "nothing has to be pushed under a sore, walled-in edge"),
  FORMS("a form, pushed under", "the lower side comes out clean, and any product will do");

  private final String label;
  private final String why;

  FreeHandOrForms(String label, String why) {
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
