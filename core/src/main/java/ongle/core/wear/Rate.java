package ongle.core.wear;

/**
 * How often something happens, counted, with the band 19 in 20 such counts lie in.
 *
 * @param times it happened
 * @param of in how much: nails, or nail-weeks
 * @param low end of the band, as a share of {@link #of}
 * @param high end of the band
 */
public record Rate(int times, double of, double low, double high) {
  /** Normal deviate of 19 in 20. */
  private static final double Z = 1.96;

  /** Fewer nails or nail-weeks than these claim nothing. */
  private static final double FEW = 30;

  /** Of nails that did or did not: Wilson's interval (1927). */
  public static Rate share(int times, int of) {
    if (of == 0) {
      return new Rate(0, 0, 0, 1);
    }
    double p = (double) times / of;
    double zz = Z * Z;
    double middle = (p + zz / (2 * of)) / (1 + zz / of);
    double half = Z / (1 + zz / of) * Math.sqrt(p * (1 - p) / of + zz / (4.0 * of * of));
    return new Rate(times, of, Math.max(0, middle - half), Math.min(1, middle + half));
  }

  /** In some time: Poisson's, by the cube root (Wilson and Hilferty 1931). */
  public static Rate over(int times, double weeks) {
    if (weeks <= 0) {
      return new Rate(times, 0, 0, Double.POSITIVE_INFINITY);
    }
    double low =
        times == 0 ? 0 : times * Math.pow(1 - 1.0 / (9 * times) - Z / (3 * Math.sqrt(times)), 3);
    int more = times + 1;
    double high = more * Math.pow(1 - 1.0 / (9 * more) + Z / (3 * Math.sqrt(more)), 3);
    return new Rate(times, weeks, Math.max(0, low) / weeks, high / weeks);
  }

  /** Share, or times a week. */
  public double value() {
    return of == 0 ? 0 : times / of;
  }

  /** Whether too little was counted to claim anything. */
  public boolean few() {
    return of < FEW;
  }

  /** Whether it is surely more often than elsewhere: its band begins above all of the other. */
  public boolean surelyAbove(Rate other) {
    return !few() && low > other.high();
  }
}
