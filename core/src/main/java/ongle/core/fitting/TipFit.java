package ongle.core.fitting;

import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;

/**
 * How one tip sits on one nail.
 *
 * @param tip the tip
 * @param slack tip's arc less the plate's, mm; minus leaves a side bare
 * @param verdict by width
 * @param filePerSide what to file off each side, mm; 0 unless the verdict is FILE
 * @param depthDifference tip's depth over the plate's own arc less the plate's, mm; plus means the
 *     tip is the more curved
 * @param seating by curvature
 * @param wellCutBack what to cut off the well so that it covers less than half of the plate, mm
 * @param cutAt length beyond the stress line to cut the blank at, extension and reserve, mm
 * @param tooShortBy what the blank lacks of that, mm; 0 when it is long enough
 */
public record TipFit(
    Tip tip,
    double slack,
    Verdict verdict,
    double filePerSide,
    double depthDifference,
    Seating seating,
    double wellCutBack,
    double cutAt,
    double tooShortBy) {

  /** Slack that still fits, mm, from bare to overlapping. */
  public static final double MIN_SLACK = -0.15;

  public static final double MAX_SLACK = 0.25;

  /** Most that may be filed off one side before the tip loses its hold, mm. */
  public static final double MAX_FILED_PER_SIDE = 0.8;

  /** Depth difference that seats by itself, mm. */
  public static final double SEATS_WITHIN = 0.15;

  /** Depth difference that seats while held, mm. */
  public static final double HELD_WITHIN = 0.35;

  /** Share of the plate a well may cover. */
  public static final double WELL_SHARE = 0.5;

  /** What is left on when the blank is cut, for filing, mm. */
  public static final double CUT_RESERVE = 1.0;

  /** Numbers closer than this are equal to any tool, mm. */
  private static final double HAIR = 1e-9;

  /** By width, from too small to too large. */
  public enum Verdict {
    TOO_SMALL,
    FITS,
    FILE,
    TOO_LARGE;

    public boolean usable() {
      return this == FITS || this == FILE;
    }
  }

  /** By curvature. */
  public enum Seating {
    SEATS,
    HELD,
    FIGHTS
  }

  /**
   * @param extension to be built, mm beyond the stress line
   */
  public static TipFit of(Tip tip, Nail nail, double extension) {
    CrossCurve plate = nail.crossCurve();
    CrossCurve well = tip.crossCurve();
    double slack = well.arcLength() - plate.arcLength();
    Verdict verdict = verdict(slack);
    double difference = well.depthOverArc(plate.arcLength()) - plate.depth();
    double cutAt = extension + CUT_RESERVE;
    return new TipFit(
        tip,
        slack,
        verdict,
        verdict == Verdict.FILE ? slack / 2 : 0,
        difference,
        seating(Math.abs(difference)),
        Math.max(0, tip.wellLength() - WELL_SHARE * nail.plateLength()),
        cutAt,
        Math.max(0, cutAt - nail.freeEdge() - tip.freeLength()));
  }

  /** Whether nothing speaks against taking it: width, length and curve all do. */
  public boolean suits() {
    return verdict.usable() && tooShortBy == 0 && seating != Seating.FIGHTS;
  }

  private static Verdict verdict(double slack) {
    if (slack < MIN_SLACK - HAIR) {
      return Verdict.TOO_SMALL;
    }
    if (slack <= MAX_SLACK + HAIR) {
      return Verdict.FITS;
    }
    return slack / 2 <= MAX_FILED_PER_SIDE + HAIR ? Verdict.FILE : Verdict.TOO_LARGE;
  }

  private static Seating seating(double apart) {
    if (apart <= SEATS_WITHIN + HAIR) {
      return Seating.SEATS;
    }
    return apart <= HELD_WITHIN + HAIR ? Seating.HELD : Seating.FIGHTS;
  }
}
