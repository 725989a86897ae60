package ongle.core.portion;

import ongle.core.School;

/** The brush product is taken up with; what it carries is a planning figure of our own. */
public enum Brush implements School {
  SMALL("small brush", "fine beads, tiny nails", 45),
  MEDIUM("medium brush", "most nails", 80),
  LARGE("large brush", "long nails, few beads", 130);

  private final String label;
  private final String why;
  private final double carries;

  Brush(String label, String why, double carries) {
    this.label = label;
    this.why = why;
    this.carries = carries;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
  }

  /** Largest helping it carries, mm³. */
  public double carries() {
    return carries;
  }
}
