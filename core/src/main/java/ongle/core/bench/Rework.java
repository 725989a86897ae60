package ongle.core.bench;

import ongle.core.School;

/** What becomes of a sound build that has grown out. */
public enum Rework implements School {
  INFILL("infill where it is sound", "less filing on the plate, less time"),
  REMOVE("always take off", "a fresh start; nothing old underneath");

  private final String label;
  private final String why;

  Rework(String label, String why) {
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
