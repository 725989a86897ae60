package ongle.core.structure;

/**
 * The plates a nail is seen beside. No apex may be so thick that theirs, which are to look alike,
 * would have to be a hump.
 *
 * @param twin plate length of its twin, mm
 * @param shortest plate length of the shortest of the set, mm
 */
public record Beside(double twin, double shortest) {
  /** Thinnest a nail is beside any other of the same length, as a share of that one's. */
  public static final double BAND = 0.80;

  /** A nail seen by itself. */
  public static final Beside NONE = new Beside(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

  /**
   * Thickest apex, mm.
   *
   * @param share of the plate at which it lies
   */
  double thickestAt(double share) {
    return Math.min(
        ApexSolver.thickestAt(share * twin), ApexSolver.thickestAt(share * shortest) / BAND);
  }
}
