package ongle.core.bench;

import ongle.core.School;

/** Whether cuticle softener is used. */
public enum Softener implements School {
  NEVER("no softener", "its residue lifts product"),
  FIRST("softener first", "dead skin lets go by itself; all of it is washed off again");

  private final String label;
  private final String why;

  Softener(String label, String why) {
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
