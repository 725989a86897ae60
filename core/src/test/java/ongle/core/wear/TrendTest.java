package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A line through what was measured, and whether it tells anything. */
class TrendTest {
  private static List<Trend.Point> points(double perDay, double... off) {
    return IntStream.range(0, off.length)
        .mapToObj(i -> new Trend.Point(21 * i, 6 + perDay * 21 * i + off[i]))
        .toList();
  }

  @Test
  void platesThatGrowOutRise() {
    Trend trend = Trend.of(points(0.02, 0.1, -0.1, 0, 0.1, -0.1)).orElseThrow();
    assertThat(trend.perDay()).isCloseTo(0.02, within(0.002));
    assertThat(trend.on(0)).isCloseTo(6, within(0.1));
    assertThat(trend.sure()).isTrue();
  }

  @Test
  void severalSeriesCountEachAgainstItsOwnMean() {
    // The long one is only measured late: that is no growth.
    List<Trend.Point> shorter = points(0.02, 0, 0, 0, 0, 0);
    List<Trend.Point> longer = List.of(new Trend.Point(63, 12.42), new Trend.Point(84, 12.84));
    Trend trend = Trend.together(List.of(shorter, longer)).orElseThrow();
    assertThat(trend.perDay()).isCloseTo(0.02, within(0.001));
    assertThat(Trend.of(java.util.stream.Stream.of(shorter, longer).flatMap(List::stream).toList()))
        .hasValueSatisfying(alone -> assertThat(alone.perDay()).isGreaterThan(0.04));
  }

  @Test
  void platesThatStayTellNothing() {
    assertThat(Trend.of(points(0, 0.2, -0.3, 0.1, -0.1, 0.2)).orElseThrow().sure()).isFalse();
  }

  @Test
  void twoVisitsOrOneDayMakeNoLine() {
    assertThat(Trend.of(points(0.02, 0, 0))).isEmpty();
    assertThat(
            Trend.of(List.of(new Trend.Point(3, 1), new Trend.Point(3, 2), new Trend.Point(3, 3))))
        .isEmpty();
  }
}
