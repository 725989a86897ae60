package ongle.core.structure;

import ongle.core.Range;

/**
 * The thinnest apex a hand builds on an extension: the longer, the higher. Not what strength asks
 * but what the trade expects, so a salon may have its own.
 *
 * @param none thickness without any extension, mm, positive
 * @param perMillimetre more for each millimetre of extension, 0 or more
 * @param max never more than this, mm
 */
public record ApexFloor(double none, double perMillimetre, double max) {
  /** Thickness a floor may ask, mm, and more for each millimetre of extension. */
  public static final Range THICKNESS = new Range(0.2, 2.2);

  public static final Range PER_MILLIMETRE = new Range(0, 0.2);

  public static final ApexFloor USUAL = new ApexFloor(0.50, 0.07, 1.5);

  /**
   * @throws IllegalArgumentException if none is not above 0, the slope below 0, or max below none
   *     or infinite
   */
  public ApexFloor {
    if (!(none > 0) || !(perMillimetre >= 0) || !(max >= none) || Double.isInfinite(max)) {
      throw new IllegalArgumentException(
          "no floor from " + none + " by " + perMillimetre + " to " + max);
    }
  }

  /**
   * Thinnest apex, mm.
   *
   * @param extension mm beyond the stress line
   */
  public double at(double extension) {
    return Math.min(max, none + perMillimetre * extension);
  }
}
