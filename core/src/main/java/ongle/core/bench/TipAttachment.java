package ongle.core.bench;

import ongle.core.School;

/** What fixes a tip. */
public enum TipAttachment implements School {
  GLUE("glue", "ten seconds, no lamp"),
  GEL("cured gel", "fills gaps under the tip; cured from above and below");

  private final String label;
  private final String why;

  TipAttachment(String label, String why) {
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
