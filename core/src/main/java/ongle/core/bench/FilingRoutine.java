package ongle.core.bench;

import ongle.core.School;

/** The order of filing. */
public enum FilingRoutine implements School {
  EDGE_FIRST("edge, sides, surface, underside", "the outline decides, the rest follows"),
  SIDES_FIRST(
      "sides, edge, top, client's angle",
      "parallel sides first, judged at last as the client sees them"),
  QUARTERS("by quarters", "each quarter of a nail finished before the next"),
  NONE("no filing", "levelling gel lies right; only the edge is touched");

  private final String label;
  private final String why;

  FilingRoutine(String label, String why) {
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
