package ongle.core.bench;

import ongle.core.School;

/** What makes the plate hold product. */
public enum Primer implements School {
  ACID_FREE("acid-free primer", "holds like tape, mild to plate and skin"),
  ACID("acid primer", "holds hard on oily plates; burns skin and never touches a cut"),
  BASE("rubbed-in base", "no primer at all; a thin base scrubbed into the plate");

  private final String label;
  private final String why;

  Primer(String label, String why) {
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
