package ongle.core.structure;

/**
 * How much of a full press or pry one finger's build meets at its tip: the finger's share of the
 * hand's work, times how far the build can be caught beyond the fingertip. A build that only covers
 * the fingertip is hardly levered; as it grows out it is.
 *
 * @param share of the full load this finger takes, above 0
 * @param covered what is left of it on a build that ends at the fingertip, above 0 to 1
 */
public record FingerLoad(double share, double covered) {
  /** Standing out this far beyond the fingertip, a build can be caught fully, mm. */
  public static final double FULLY_CAUGHT_AT = 3;

  /** Left of the load on a build that only covers the fingertip; a planning figure of our own. */
  public static final double COVERED = 0.3;

  /** A full press and pry on any length. */
  public static final FingerLoad FULL = new FingerLoad(1, 1);

  /**
   * @throws IllegalArgumentException if the share is not above 0 and finite, or what is covered not
   *     above 0 and at most 1
   */
  public FingerLoad {
    if (!(share > 0) || Double.isInfinite(share) || !(covered > 0 && covered <= 1)) {
      throw new IllegalArgumentException("no load of share " + share + ", covered " + covered);
    }
  }

  /** A finger's share, less on a build that hardly stands out. */
  public static FingerLoad of(double share) {
    return new FingerLoad(share, COVERED);
  }

  /** The same on hands that ask more or less. */
  public FingerLoad times(double more) {
    return new FingerLoad(share * more, covered);
  }

  /**
   * Share of the full load.
   *
   * @param standsOut of the build beyond the fingertip, mm; 0 or less where it does not
   */
  public double at(double standsOut) {
    double caught = Math.max(0, standsOut) / FULLY_CAUGHT_AT;
    return share * Math.min(1, covered + (1 - covered) * caught);
  }
}
