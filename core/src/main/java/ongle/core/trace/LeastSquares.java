package ongle.core.trace;

import java.util.Arrays;

/**
 * Least squares over a few dozen unknowns, by Levenberg's and Marquardt's damping (Marquardt 1963),
 * slopes by differences.
 */
final class LeastSquares {
  private static final double STEP = 1e-4;
  private static final double FIRST_DAMPING = 1e-2;
  private static final double MOST_DAMPING = 1e8;

  private LeastSquares() {}

  /** What is to be made small: each already divided by how far it may be off. */
  interface Misses {
    double[] at(double[] unknowns);
  }

  /**
   * @param at where they are smallest
   * @param misses there
   * @param covariance of the unknowns
   */
  record Solution(double[] at, double[] misses, double[][] covariance) {}

  /**
   * @param enough when a step makes the sum of squares no smaller than by this share, it is done
   */
  static Solution solve(Misses of, double[] start, int steps, double enough) {
    double[] x = start.clone();
    double[] misses = of.at(x);
    double cost = squares(misses);
    double damping = FIRST_DAMPING;
    for (int step = 0; step < steps && damping < MOST_DAMPING; step++) {
      double[][] slopes = slopes(of, x, misses);
      double[][] normal = normal(slopes);
      double[] downhill = downhill(slopes, misses);
      double before = cost;
      while (damping < MOST_DAMPING) {
        double[] next = moved(x, normal, downhill, damping);
        double[] there = of.at(next);
        double costs = squares(there);
        if (costs < cost) {
          x = next;
          misses = there;
          cost = costs;
          damping /= 5;
          break;
        }
        damping *= 4;
      }
      if (before - cost < enough * before) {
        break;
      }
    }
    return new Solution(x, misses, inverse(normal(slopes(of, x, misses))));
  }

  private static double[] moved(double[] x, double[][] normal, double[] downhill, double damping) {
    double[][] damped = new double[x.length][];
    for (int i = 0; i < x.length; i++) {
      damped[i] = normal[i].clone();
      damped[i][i] *= 1 + damping;
    }
    double[] by = solved(cholesky(damped), downhill);
    double[] next = x.clone();
    for (int i = 0; i < x.length; i++) {
      next[i] += by[i];
    }
    return next;
  }

  private static double squares(double[] of) {
    return Arrays.stream(of).map(each -> each * each).sum();
  }

  /** One row an unknown. */
  private static double[][] slopes(Misses of, double[] x, double[] misses) {
    double[][] slopes = new double[x.length][];
    for (int i = 0; i < x.length; i++) {
      double[] moved = x.clone();
      moved[i] += STEP;
      double[] there = of.at(moved);
      for (int k = 0; k < there.length; k++) {
        there[k] = (there[k] - misses[k]) / STEP;
      }
      slopes[i] = there;
    }
    return slopes;
  }

  private static double[][] normal(double[][] slopes) {
    int n = slopes.length;
    double[][] normal = new double[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j <= i; j++) {
        double sum = 0;
        for (int k = 0; k < slopes[i].length; k++) {
          sum += slopes[i][k] * slopes[j][k];
        }
        normal[i][j] = sum;
        normal[j][i] = sum;
      }
      normal[i][i] += 1e-9;
    }
    return normal;
  }

  private static double[] downhill(double[][] slopes, double[] misses) {
    double[] downhill = new double[slopes.length];
    for (int i = 0; i < slopes.length; i++) {
      for (int k = 0; k < misses.length; k++) {
        downhill[i] -= slopes[i][k] * misses[k];
      }
    }
    return downhill;
  }

  private static double[][] cholesky(double[][] of) {
    int n = of.length;
    double[][] root = new double[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j <= i; j++) {
        double sum = of[i][j];
        for (int k = 0; k < j; k++) {
          sum -= root[i][k] * root[j][k];
        }
        root[i][j] = i == j ? Math.sqrt(Math.max(1e-12, sum)) : sum / root[j][j];
      }
    }
    return root;
  }

  private static double[] solved(double[][] root, double[] right) {
    int n = right.length;
    double[] x = right.clone();
    for (int i = 0; i < n; i++) {
      for (int k = 0; k < i; k++) {
        x[i] -= root[i][k] * x[k];
      }
      x[i] /= root[i][i];
    }
    for (int i = n - 1; i >= 0; i--) {
      for (int k = i + 1; k < n; k++) {
        x[i] -= root[k][i] * x[k];
      }
      x[i] /= root[i][i];
    }
    return x;
  }

  private static double[][] inverse(double[][] of) {
    double[][] root = cholesky(of);
    double[][] inverse = new double[of.length][];
    for (int i = 0; i < of.length; i++) {
      double[] unit = new double[of.length];
      unit[i] = 1;
      inverse[i] = solved(root, unit);
    }
    return inverse;
  }
}
