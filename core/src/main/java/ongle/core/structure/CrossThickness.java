package ongle.core.structure;

import ongle.core.School;

/** How the product is spread across the nail. */
public enum CrossThickness implements School {
  /** Full in the middle, fine at the sides. */
  SALON,
  /** The same all round, as in competition work and pipes. */
  ALL_ROUND;

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
