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
