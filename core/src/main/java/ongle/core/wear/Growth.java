package ongle.core.wear;

import java.util.List;
import ongle.core.nail.Digit;
import ongle.core.nail.Reading;

/**
 * How fast a client's nails grow: a planning figure of our own until regrowth was measured, then
 * drawn towards what was measured.
 *
 * @param factor of the usual speed, positive
 * @param weight share of what was measured in it, 0 to 1
 * @param observations how many nails were measured
 */
public record Growth(double factor, double weight, int observations) {
  /** Of the index finger, mm a day. */
  public static final double PER_DAY = 0.105;

  /** As many measured nails weigh as much as the usual figure. */
  private static final double PRIOR_WEIGHT = 5;

  /** A nail measured as growing beyond these factors was measured wrong. */
  private static final double MIN = 0.5;

  private static final double MAX = 2;

  /** Nothing measured yet. */
  public static final Growth USUAL = new Growth(1, 0, 0);

  /**
   * @throws IllegalArgumentException if the factor is not above 0 and finite
   */
  public Growth {
    if (!(factor > 0) || Double.isInfinite(factor)) {
      throw new IllegalArgumentException("growth needs a positive factor, not " + factor);
    }
  }

  /**
   * Regrowth measured on one nail.
   *
   * @param days since it was built, 1 or more
   * @param regrowth mm
   */
  public record Observation(Digit digit, long days, double regrowth) {
    private double factor() {
      return regrowth / USUAL.after(digit, days);
    }
  }

  /** A weighted mean of the usual speed and what was measured. */
  public static Growth learned(List<Observation> observations) {
    List<Double> factors =
        observations.stream()
            .filter(seen -> seen.days() >= 1)
            .map(Observation::factor)
            .filter(factor -> factor >= MIN && factor <= MAX)
            .toList();
    double sum = factors.stream().mapToDouble(Double::doubleValue).sum();
    double all = PRIOR_WEIGHT + factors.size();
    return new Growth((PRIOR_WEIGHT + sum) / all, factors.size() / all, factors.size());
  }

  /** mm a day. */
  public double perDay(Digit digit) {
    return PER_DAY
        * factor
        * switch (digit) {
          case THUMB -> 0.92;
          case INDEX -> 1.00;
          case MIDDLE -> 1.06;
          case RING -> 1.02;
          case LITTLE -> 0.90;
        };
  }

  /** Regrowth to be expected after some days, mm. */
  public double after(Digit digit, long days) {
    return perDay(digit) * Math.max(0, days);
  }

  /**
   * What has grown since the last build, as far as it was not measured.
   *
   * @param days since then; none is grown before
   */
  public Reading expected(Digit digit, long days) {
    return new Reading(
        after(digit, days), observations > 0 ? Reading.Source.LEARNED : Reading.Source.USUAL);
  }
}
