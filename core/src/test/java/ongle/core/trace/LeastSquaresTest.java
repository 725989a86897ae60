package ongle.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Least squares against sums that can be done by hand. */
class LeastSquaresTest {
  private static final double ENOUGH = 1e-9;

  @Test
  void aStraightLineIsFound() {
    double[] xs = {0, 1, 2, 3, 4};
    LeastSquares.Solution line =
        LeastSquares.solve(
            at -> {
              double[] misses = new double[xs.length];
              for (int i = 0; i < xs.length; i++) {
                misses[i] = at[0] + at[1] * xs[i] - (2 + 3 * xs[i]);
              }
              return misses;
            },
            new double[2],
            30,
            ENOUGH);
    assertThat(line.at()[0]).isCloseTo(2, within(1e-4));
    assertThat(line.at()[1]).isCloseTo(3, within(1e-4));
    // Variance of the slope of a line through points of variance 1: 1 / Σ(x − x̄)².
    assertThat(line.covariance()[1][1]).isCloseTo(0.1, within(1e-4));
    assertThat(line.covariance()[0][0]).isCloseTo(0.6, within(1e-4));
  }

  @Test
  void aCircleThroughNoisyPointsIsFoundFromFarAway() {
    Random random = new Random(2);
    double[][] points = new double[60][];
    for (int i = 0; i < points.length; i++) {
      double angle = 2 * Math.PI * i / points.length;
      points[i] =
          new double[] {
            4 + 7 * Math.cos(angle) + 0.05 * random.nextGaussian(),
            -2 + 7 * Math.sin(angle) + 0.05 * random.nextGaussian()
          };
    }
    LeastSquares.Solution circle =
        LeastSquares.solve(
            at -> {
              double[] misses = new double[points.length];
              for (int i = 0; i < points.length; i++) {
                misses[i] = (Math.hypot(points[i][0] - at[0], points[i][1] - at[1]) - at[2]) / 0.05;
              }
              return misses;
            },
            new double[] {20, 15, 1},
            60,
            ENOUGH);
    assertThat(circle.at()[0]).isCloseTo(4, within(0.03));
    assertThat(circle.at()[1]).isCloseTo(-2, within(0.03));
    assertThat(circle.at()[2]).isCloseTo(7, within(0.03));
    assertThat(Math.sqrt(circle.covariance()[2][2])).isBetween(0.004, 0.01);
  }

  @Test
  void whatNothingSpeaksOfStaysWhereItsPriorHasIt() {
    LeastSquares.Solution solution =
        LeastSquares.solve(at -> new double[] {at[0] - 5, at[1]}, new double[] {0, 0}, 20, ENOUGH);
    assertThat(solution.at()[0]).isCloseTo(5, within(1e-4));
    assertThat(solution.at()[1]).isCloseTo(0, within(1e-9));
    assertThat(solution.covariance()[1][1]).isCloseTo(1, within(1e-4));
  }
}
