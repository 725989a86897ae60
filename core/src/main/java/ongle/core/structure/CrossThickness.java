package ongle.core.structure;

import ongle.core.School;

/** How the product is spread across the nail. */
public enum CrossThickness implements School {
  /** Full in the middle, fine at the sides. */
  SALON("fine at the sides", "light, and the sidewalls look like a natural nail"),
  /** The same all round, as in competition work and pipes. */
  ALL_ROUND("the same all round", "stiffer, and the hairline is even, as in competition work");

  private final String label;
  private final String why;

  CrossThickness(String label, String why) {
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

  /** Thickest a side may be in the salon's way, mm. */
  private static final double FINE_SIDE = 0.35;

  /** Share of the middle's thickness left at the side when it is the same all round. */
  private static final double ALL_ROUND_SHARE = 0.9;

  /**
   * Thickness at the sides, mm.
   *
   * @param middle thickness in the middle, mm
   */
  double side(double middle) {
    return this == SALON ? Math.min(FINE_SIDE, middle) : ALL_ROUND_SHARE * middle;
  }
}
