package ongle.core.portion;

import ongle.core.School;

/** How wet acrylic beads are picked up; ratios and speeds are planning figures of our own. */
public enum Mix implements School {
  DRIER(0.60, 0.85),
  NORMAL(0.80, 1.00),
  WETTER(1.05, 1.20);

  /** Density of acrylic liquid, g/cm³. */
  public static final double LIQUID_DENSITY = 0.94;

  private final double liquidPerPowder;
  private final double slower;

  Mix(double liquidPerPowder, double slower) {
    this.liquidPerPowder = liquidPerPowder;
    this.slower = slower;
  }

  /** Grams of liquid to a gram of powder. */
  public double liquidPerPowder() {
    return liquidPerPowder;
  }

  /** How much longer it takes to set than a normal mix. */
  public double slower() {
    return slower;
  }

  /**
   * Splits a bead by mass.
   *
   * @param grams of powder and liquid together
   */
  public Split split(double grams) {
    double powder = grams / (1 + liquidPerPowder);
    return new Split(powder, (grams - powder) / LIQUID_DENSITY);
  }

  /**
   * What goes into acrylic.
   *
   * @param powder g
   * @param liquid ml
   */
  public record Split(double powder, double liquid) {}
}
