package ongle.core.wear;

import java.util.List;
import java.util.Optional;

/**
 * A straight line through what was measured over time, by least squares.
 *
 * @param from value at the first day, in the measure's unit
 * @param perDay rise a day, in the measure's unit
 * @param error standard error of the rise
 */
public record Trend(double from, double perDay, double error) {
  /** Rises this many standard errors from none are told. */
  private static final double SURE = 2;

  /**
   * One measure.
   *
   * @param day counted from the first
   */
  public record Point(double day, double value) {}

  /**
   * @param points in any order
   * @return empty under three points, or where all are of one day
   */
  public static Optional<Trend> of(List<Point> points) {
    int n = points.size();
    double days = points.stream().mapToDouble(Point::day).average().orElse(0);
    double values = points.stream().mapToDouble(Point::value).average().orElse(0);
    double spread = points.stream().mapToDouble(each -> Math.pow(each.day() - days, 2)).sum();
    if (n < 3 || spread == 0) {
      return Optional.empty();
    }
    double slope =
        points.stream().mapToDouble(each -> (each.day() - days) * (each.value() - values)).sum()
            / spread;
    double rest =
        points.stream()
            .mapToDouble(each -> each.value() - values - slope * (each.day() - days))
            .map(off -> off * off)
            .sum();
    return Optional.of(new Trend(values - slope * days, slope, Math.sqrt(rest / (n - 2) / spread)));
  }

  /** Value on a day. */
  public double on(double day) {
    return from + perDay * day;
  }

  /** Whether it surely rises or falls. */
  public boolean sure() {
    return Math.abs(perDay) > SURE * error;
  }
}
