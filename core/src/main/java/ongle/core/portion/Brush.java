package ongle.core.portion;

import ongle.core.School;

/** The brush product is taken up with; what it carries is a planning figure of our own. */
public enum Brush implements School {
  SMALL(45),
  MEDIUM(80),
  LARGE(130);
  private final double carries;

  Brush(double carries) {
    this.carries = carries;
  }

  /** Largest portion it carries, mm³. */
  public double carries() {
    return carries;
  }
}
