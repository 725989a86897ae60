package ongle.core.wear;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

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
    double days = mean(points, Point::day);
    double values = mean(points, Point::value);
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

  /**
   * Through several series together: each counts against its own mean of days and values, so that
   * what rises is not which of them was measured when (the within estimator of fixed effects).
   *
   * @return the line about the mean of all; empty as with one, or with a point a series
   */
  public static Optional<Trend> together(Collection<List<Point>> series) {
    List<Point> all = series.stream().flatMap(List::stream).toList();
    double day = mean(all, Point::day);
    double value = mean(all, Point::value);
    int free = all.size() - series.size() - 1;
    if (free < 1) {
      return Optional.empty();
    }
    return of(series.stream()
            .flatMap(
                own ->
                    own.stream()
                        .map(
                            each ->
                                new Point(
                                    each.day() - mean(own, Point::day) + day,
                                    each.value() - mean(own, Point::value) + value)))
            .toList())
        // Every series has used up one more.
        .map(
            line ->
                new Trend(
                    line.from, line.perDay, line.error * Math.sqrt((all.size() - 2.0) / free)));
  }

  private static double mean(List<Point> points, ToDoubleFunction<Point> of) {
    return points.stream().mapToDouble(of).average().orElse(0);
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
