package ongle.core.bench;

import ongle.core.School;

/** In how many goes gel is laid. */
public enum Construction implements School {
  TWO_STEP("frame, then body", "the outline stands before the bulk is laid"),
  ONE_PIECE("one piece", "one measured helping, shaped at once");

  private final String label;
  private final String why;

  Construction(String label, String why) {
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
