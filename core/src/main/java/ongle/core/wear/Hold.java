package ongle.core.wear;

/**
 * What a client's plates ask of the hold on them against the usual, drawn from how often product
 * came loose. Product comes loose for other reasons than a lever too, so this is counted against
 * what comes loose on any plate, and not against margins: the rate over the usual one has a Gamma
 * prior around 1, and the eighth root of it is asked of the hold, as with cracks.
 *
 * @param mean of what is asked, above 0
 * @param low a tenth lies below
 * @param high a tenth lies above
 * @param nails nail-visits it is drawn from
 */
public record Hold(double mean, double low, double high, int nails) {
  /** What comes loose in a nail-week on any plate; a planning figure of our own. */
  public static final double USUAL_A_WEEK = 0.008;

  /** What is known before anything is: as much as this many times something came loose. */
  private static final double PRIOR = 2;

  private static final double POWER = 8;

  /** How many standard deviations out a tenth lies. */
  private static final double TENTH = 1.2816;

  /**
   * @param loose times product came loose
   * @param weeks nail-weeks it was worn
   * @param nails nail-visits
   */
  public static Hold of(int loose, double weeks, int nails) {
    double shape = PRIOR + loose;
    double scale = PRIOR + USUAL_A_WEEK * weeks;
    return new Hold(
        asked(shape / scale),
        asked(quantile(shape, -TENTH) / scale),
        asked(quantile(shape, TENTH) / scale),
        nails);
  }

  private static double asked(double timesUsual) {
    return Math.pow(timesUsual, 1 / POWER);
  }

  /** Of a Gamma distribution with scale 1 (Wilson and Hilferty 1931). */
  private static double quantile(double shape, double deviate) {
    return shape * Math.pow(1 - 1 / (9 * shape) + deviate / (3 * Math.sqrt(shape)), 3);
  }
}
