package ongle.core.structure;

import java.util.Objects;
import java.util.OptionalDouble;

/**
 * How the product of one nail is spread from the middle to the sides.
 *
 * @param school as the set has it
 * @param byHand thickness at the sidewalls set by hand, mm; empty for the school's
 */
public record Across(CrossThickness school, OptionalDouble byHand) {
  /**
   * @throws IllegalArgumentException if the sidewalls are set to 0 or less
   */
  public Across {
    Objects.requireNonNull(school);
    if (byHand.isPresent() && !(byHand.getAsDouble() > 0)) {
      throw new IllegalArgumentException("sidewalls need a thickness, not " + byHand);
    }
  }

  public static Across by(CrossThickness school) {
    return new Across(school, OptionalDouble.empty());
  }

  /** Thickness at the sides for one in the middle, mm; never more than in the middle. */
  public double side(double middle) {
    return Math.min(middle, byHand.isPresent() ? byHand.getAsDouble() : school.side(middle));
  }

  /**
   * Thickness at an angle from the middle, mm: ts + (t − ts)·(1 − (φ/φ0)²).
   *
   * @param middle thickness t in the middle, mm
   * @param share φ/φ0, 0 in the middle to 1 at the side
   */
  public double at(double middle, double share) {
    double side = side(middle);
    return side + (middle - side) * (1 - share * share);
  }
}
