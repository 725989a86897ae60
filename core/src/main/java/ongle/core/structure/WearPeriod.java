package ongle.core.structure;

import java.util.Objects;

/**
 * What a build has to get through: how well the plate was prepared, how far it grows out until the
 * last day of the planned wear, and how much the finger meets every day.
 *
 * @param hold on the plate, as a share of the full hold on a usual one, above 0
 * @param growth mm by the last day, 0 or more
 * @param load everyday load of the finger
 */
public record WearPeriod(double hold, double growth, FingerLoad load) {
  /**
   * @throws IllegalArgumentException if the quality is not above 0 and at most 1, or the growth
   *     below 0 or infinite
   */
  public WearPeriod {
    Objects.requireNonNull(load);
    if (!(hold > 0) || Double.isInfinite(hold)) {
      throw new IllegalArgumentException("holds " + hold + " of the usual");
    }
    if (!(growth >= 0) || Double.isInfinite(growth)) {
      throw new IllegalArgumentException("a nail does not grow back, by " + growth);
    }
  }

  /** The same until another day. */
  public WearPeriod until(double otherGrowth) {
    return new WearPeriod(hold, otherGrowth, load);
  }
}
