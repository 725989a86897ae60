package ongle.core.portion;

import java.util.OptionalDouble;
import ongle.core.Range;

/**
 * Product from a tube, laid along the nail from the cuticle on.
 *
 * @param nozzle diameter d, mm
 * @param length all of it, V/(π d²/4), mm
 * @param rows side by side, each no longer than the nail
 * @param endsBeyond where each row ends beyond the stress line, mm; minus before it
 * @param mark of the form it ends at; empty where no form carries the nail or it ends before it
 */
public record Strip(
    double nozzle, double length, int rows, double endsBeyond, OptionalDouble mark) {
  /** Tubes press out about this much, mm; a planning figure of our own. */
  public static final double USUAL_NOZZLE = 3.0;

  /** Nozzles there are, mm. */
  public static final Range NOZZLE = new Range(1, 8);

  public Strip {
    checkNozzle(nozzle);
  }

  /**
   * @throws IllegalArgumentException if no tube has such a nozzle
   */
  public static void checkNozzle(double nozzle) {
    NOZZLE.check("nozzle", nozzle);
  }

  /**
   * What is laid in one of so many layers.
   *
   * @param layers 1 or more
   */
  public Strip layer(int layers) {
    return layers == 1 ? this : times(1.0 / layers);
  }

  /** A share of it, laid on what is there already; no form is under it then. 0 to 1. */
  private Strip times(double share) {
    double whole = length * share;
    int needed = Math.max(1, (int) Math.ceil(whole / row() - 1e-9));
    double plate = row() - endsBeyond;
    return new Strip(nozzle, whole, needed, whole / needed - plate, OptionalDouble.empty());
  }

  /** One row, mm. */
  public double row() {
    return length / rows;
  }
}
