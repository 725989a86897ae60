package ongle.core.structure;

import java.util.Objects;

/**
 * What a build has to get through: how well the plate was prepared, how far it grows out until the
 * last day of the planned wear, and how much the finger meets every day.
 *
 * @param prepQuality share of the full hold on the plate, above 0 to 1
 * @param growth mm by the last day, 0 or more
 * @param load everyday load of the finger
 */
public record WearPeriod(double prepQuality, double growth, FingerLoad load) {
  /**
   * @throws IllegalArgumentException if the quality is not above 0 and at most 1, or the growth
   *     below 0 or infinite
   */
  public WearPeriod {
    Objects.requireNonNull(load);
    if (!(prepQuality > 0 && prepQuality <= 1)) {
      throw new IllegalArgumentException("prep quality is a share, is " + prepQuality);
    }
    if (!(growth >= 0) || Double.isInfinite(growth)) {
      throw new IllegalArgumentException("a nail does not grow back, by " + growth);
    }
  }

  /** The same until another day. */
  public WearPeriod until(double otherGrowth) {
    return new WearPeriod(prepQuality, otherGrowth, load);
  }
}
