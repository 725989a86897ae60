package ongle.core.portion;

import ongle.core.School;

/** How wet acrylic beads are picked up; ratios and speeds are planning figures of our own. */
public enum Mix implements School {
  DRIER("drier", "stays where it is put; sets fast, crumbles when overdone", 0.60, 0.85),
  NORMAL("normal", "smooths by itself within seconds", 0.80, 1.00),
  WETTER("wetter", "flows flat; sets slowly, runs when overdone", 1.05, 1.20);

  /** Density of acrylic liquid, g/cm³. */
  public static final double LIQUID_DENSITY = 0.94;

  private final String label;
  private final String why;
  private final double liquidPerPowder;
  private final double slower;

  Mix(String label, String why, double liquidPerPowder, double slower) {
    this.label = label;
    this.why = why;
    this.liquidPerPowder = liquidPerPowder;
    this.slower = slower;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
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
