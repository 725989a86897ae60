package ongle.core.structure;

/**
 * A straight Euler–Bernoulli beam, part of which lies on an elastic (Winkler) bed, bent by a force
 * at its right end; both ends are free. Finite elements with cubic Hermite shape functions and the
 * bed's consistent stiffness; a banded L·D·Lᵀ solve, so the work grows with the number of nodes.
 *
 * <p>A bed that begins or ends within an element is integrated over the part it holds, so the mesh
 * need not follow it.
 */
final class BeamOnBed {
  /** Gauss–Legendre on (0, 1), 4 points: exact for the products of two cubics. */
  private static final double[] NODES = {
    0.0694318442029737, 0.3300094782075719, 0.6699905217924281, 0.9305681557970263
  };

  private static final double[] WEIGHTS = {
    0.1739274225687269, 0.3260725774312731, 0.3260725774312731, 0.1739274225687269
  };

  /**
   * Where EI is asked for within each element, as shares of its length: three Gauss–Legendre
   * points, so that a stiffness changing fast within an element is still caught.
   */
  static final double[] POINTS = {0.1127016653792583, 0.5, 0.8872983346207417};

  private static final double[] POINT_WEIGHTS = {5 / 18.0, 4 / 9.0, 5 / 18.0};

  /** Entries kept right of the diagonal: two unknowns a node, neighbours only. */
  private static final int BAND = 3;

  private final double[] at;
  private final double[] stiffness;

  /**
   * @param at places of the nodes, ascending, mm; at least two
   * @param stiffness EI at the {@link #POINTS} of each element in turn, positive, N·mm²
   */
  BeamOnBed(double[] at, double[] stiffness) {
    if (at.length < 2 || stiffness.length != POINTS.length * (at.length - 1)) {
      throw new IllegalArgumentException("a beam needs two nodes and three EI between each two");
    }
    this.at = at;
    this.stiffness = stiffness;
  }

  /**
   * The bent beam.
   *
   * @param bed stiffness of the bed per length, positive, N/mm²
   * @param from where the bed begins, mm
   * @param to where it ends, mm
   * @param force at the right end, N; plus is up
   * @throws IllegalArgumentException if the bed holds nothing of the beam
   */
  Bent bent(double bed, double from, double to, double force) {
    if (!(bed > 0) || !(Math.min(to, at[at.length - 1]) > Math.max(from, at[0]))) {
      throw new IllegalArgumentException("nothing holds the beam");
    }
    int unknowns = 2 * at.length;
    double[][] band = new double[unknowns][BAND + 1];
    double[] moved = new double[unknowns];
    double[][] element = new double[4][4];
    for (int i = 0; i < at.length - 1; i++) {
      element(element, i, bed, from, to);
      for (int row = 0; row < 4; row++) {
        for (int column = row; column < 4; column++) {
          band[2 * i + row][column - row] += element[row][column];
        }
      }
    }
    moved[unknowns - 2] = force;
    solve(band, moved);
    double[] moment = new double[at.length];
    for (int i = 0; i < at.length - 1; i++) {
      // What holds an element's end in balance; truer than the curvature times EI.
      element(element, i, bed, from, to);
      moment[i + 1] =
          element[0][3] * moved[2 * i]
              + element[1][3] * moved[2 * i + 1]
              + element[2][3] * moved[2 * i + 2]
              + element[3][3] * moved[2 * i + 3];
    }
    return new Bent(at, moved, moment);
  }

  private void element(double[][] element, int i, double bed, double from, double to) {
    double length = at[i + 1] - at[i];
    bending(element, i, length);
    double begins = Math.max(0, (from - at[i]) / length);
    double ends = Math.min(1, (to - at[i]) / length);
    if (ends > begins) {
      hold(element, bed, length, begins, ends);
    }
  }

  private void bending(double[][] element, int i, double length) {
    double[] curved = new double[4];
    for (double[] row : element) {
      java.util.Arrays.fill(row, 0);
    }
    for (int point = 0; point < POINTS.length; point++) {
      double s = POINTS[point];
      curved[0] = (12 * s - 6) / (length * length);
      curved[1] = (6 * s - 4) / length;
      curved[2] = -curved[0];
      curved[3] = (6 * s - 2) / length;
      double weight = stiffness[POINTS.length * i + point] * length * POINT_WEIGHTS[point];
      for (int row = 0; row < 4; row++) {
        for (int column = row; column < 4; column++) {
          element[row][column] += weight * curved[row] * curved[column];
        }
      }
    }
  }

  /** Adds the bed between two shares of the element. */
  private static void hold(
      double[][] element, double bed, double length, double begins, double ends) {
    double over = ends - begins;
    for (int point = 0; point < NODES.length; point++) {
      double s = begins + over * NODES[point];
      double rest = 1 - s;
      double n0 = rest * rest * (1 + 2 * s);
      double n1 = length * s * rest * rest;
      double n2 = s * s * (3 - 2 * s);
      double n3 = -length * s * s * rest;
      double weight = bed * length * over * WEIGHTS[point];
      element[0][0] += weight * n0 * n0;
      element[0][1] += weight * n0 * n1;
      element[0][2] += weight * n0 * n2;
      element[0][3] += weight * n0 * n3;
      element[1][1] += weight * n1 * n1;
      element[1][2] += weight * n1 * n2;
      element[1][3] += weight * n1 * n3;
      element[2][2] += weight * n2 * n2;
      element[2][3] += weight * n2 * n3;
      element[3][3] += weight * n3 * n3;
    }
  }

  /** Solves in place; the matrix is symmetric and positive, so no row is ever exchanged. */
  private static void solve(double[][] band, double[] right) {
    int n = right.length;
    for (int i = 0; i < n; i++) {
      double[] row = band[i];
      int reach = Math.min(BAND, n - 1 - i);
      for (int j = 1; j <= reach; j++) {
        double factor = row[j] / row[0];
        double[] below = band[i + j];
        for (int k = j; k <= reach; k++) {
          below[k - j] -= factor * row[k];
        }
        right[i + j] -= factor * right[i];
      }
    }
    for (int i = n - 1; i >= 0; i--) {
      double sum = right[i];
      for (int j = 1; j <= Math.min(BAND, n - 1 - i); j++) {
        sum -= band[i][j] * right[i + j];
      }
      right[i] = sum / band[i][0];
    }
  }

  /** Deflection and bending moment along the bent beam. */
  static final class Bent {
    private final double[] at;
    private final double[] moved;
    private final double[] moment;

    private Bent(double[] at, double[] moved, double[] moment) {
      this.at = at;
      this.moved = moved;
      this.moment = moment;
    }

    /** How many nodes the beam has. */
    int nodes() {
      return at.length;
    }

    /** Upward deflection at a node, mm. */
    double deflection(int node) {
      return moved[2 * node];
    }

    /** Upward deflection at the right end, mm. */
    double atEnd() {
      return moved[moved.length - 2];
    }

    /** Upward deflection anywhere on the beam, mm; a place beyond it is held to its ends. */
    double deflectionAt(double x) {
      int found = java.util.Arrays.binarySearch(at, x);
      int element = Math.max(0, Math.min(at.length - 2, found >= 0 ? found : -found - 2));
      double length = at[element + 1] - at[element];
      double s = Math.max(0, Math.min(1, (x - at[element]) / length));
      double rest = 1 - s;
      return rest * rest * (1 + 2 * s) * moved[2 * element]
          + length * s * rest * rest * moved[2 * element + 1]
          + s * s * (3 - 2 * s) * moved[2 * element + 2]
          - length * s * s * rest * moved[2 * element + 3];
    }

    /** Bending moment at a share of an element's length, N·mm; plus bends the ends up. */
    double moment(int element, double share) {
      return moment[element] * (1 - share) + moment[element + 1] * share;
    }
  }
}
