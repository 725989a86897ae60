package ongle.core.shape;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The shapes a set can be given, each with the figures that make it: outline, upper arch, barrel,
 * how the form is set and closed, and from which length it reads as that shape.
 */
public enum NailShape {
  SQUARE("square", 0, 1, 1, 2, 1.8, .22, 0, null, 0),
  SOFT_SQUARE("soft square", 0, .80, .55, 2, 1.8, .20, 0, null, 0),
  TAPERED_SQUARE("tapered square", 3.5, 1, 1, 2, 1.8, .22, 0, 8., .3),
  ROUND("round", 0, .55, 0, 2, 2.0, .17, -2, null, .1),
  OVAL("oval", 0, .35, 0, 2, 2.0, .18, -2, 8., .25),
  ALMOND("almond", 1, .25, 0, 1.6, 2.2, .25, 3, 6., .55),
  MODERN_ALMOND("modern almond", 2, .30, 0, 1.45, 1.0, .30, 5, 6., .6),
  RUSSIAN_ALMOND("Russian almond", .5, .40, 0, 1.35, 1.0, .36, 8, 5., .7),
  GOTHIC_ALMOND("gothic almond", .5, .40, 0, 1.35, 1.5, .32, 2, 5., .7),
  BALLERINA("ballerina", 0, 0, .45, 1, 1.5, .28, 0, 6., .7),
  STILETTO("stiletto", 0, .10, 0, 1.15, 1.2, .34, 3, 6., 1.0),
  PIPE("pipe", 1.5, .90, .55, 2, 1.3, .48, -2, 4., 1.0);

  /** Outlines with this exponent or more look round at the tip, below the next pointed. */
  private static final double ROUND_FROM = 1.8;

  private static final double POINTED_BELOW = 1.3;

  private final String label;
  private final double taper;
  private final double straightShare;
  private final double flatTipShare;
  private final double roundness;
  private final double archExponent;
  private final double barrelDepthRatio;
  private final double formTilt;
  private final Double formClosedBeyond;
  private final double leastSlenderness;

  NailShape(
      String label,
      double taper,
      double straightShare,
      double flatTipShare,
      double roundness,
      double archExponent,
      double barrelDepthRatio,
      double formTilt,
      Double formClosedBeyond,
      double leastSlenderness) {
    this.label = label;
    this.taper = taper;
    this.straightShare = straightShare;
    this.flatTipShare = flatTipShare;
    this.roundness = roundness;
    this.archExponent = archExponent;
    this.barrelDepthRatio = barrelDepthRatio;
    this.formTilt = formTilt;
    this.formClosedBeyond = formClosedBeyond;
    this.leastSlenderness = leastSlenderness;
  }

  public String label() {
    return label;
  }

  /** Name in the set file and in addresses, such as {@code modern-almond}. */
  public String code() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  public static Optional<NailShape> ofCode(String code) {
    for (NailShape shape : values()) {
      if (shape.code().equals(code)) {
        return Optional.of(shape);
      }
    }
    return Optional.empty();
  }

  /** Taper τ of each side, degrees. */
  public double taper() {
    return taper;
  }

  /** Share σ of the extension whose sides run straight, 0 to 1. */
  public double straightShare() {
    return straightShare;
  }

  /** Width b of the flat tip as a share of the plate width, 0 to 1. */
  public double flatTipShare() {
    return flatTipShare;
  }

  /** Exponent n of the rounded part; 2 is an ellipse, 1 a straight line. */
  public double roundness() {
    return roundness;
  }

  /** Exponent p of the upper arch from apex to free edge; 1 runs straight. */
  public double archExponent() {
    return archExponent;
  }

  /** Depth ratio c of the barrel at the free edge. */
  public double barrelDepthRatio() {
    return barrelDepthRatio;
  }

  /** Tilt of the form against the finger's axis, degrees; plus lifts. */
  public double formTilt() {
    return formTilt;
  }

  /** How far beyond the length the form is closed, mm; empty when it stays open. */
  public OptionalDouble formClosedBeyond() {
    return formClosedBeyond == null ? OptionalDouble.empty() : OptionalDouble.of(formClosedBeyond);
  }

  /** Least extension over plate width at which it reads as this shape. */
  public double leastSlenderness() {
    return leastSlenderness;
  }

  /** How its outline is filed, from the growth points to the tip. */
  public String filed() {
    String sides =
        taper == 0 ? "straight on from the growth points" : "in by " + degrees(taper) + " a side";
    return label.substring(0, 1).toUpperCase(java.util.Locale.ROOT)
        + label.substring(1)
        + ": sides "
        + sides
        + ", "
        + tip()
        + ".";
  }

  private String tip() {
    if (straightShare == 1) {
      return "tip straight across, corners kept";
    }
    if (flatTipShare > 0) {
      return "then in to a flat tip";
    }
    return roundness >= ROUND_FROM
        ? "then round to the tip"
        : roundness >= POINTED_BELOW ? "then slim to a rounded tip" : "then to a point";
  }

  private static String degrees(double angle) {
    return (angle == Math.rint(angle) ? String.valueOf((int) angle) : String.valueOf(angle)) + "°";
  }

  public boolean readsAt(double extension, double plateWidth) {
    return extension >= leastSlenderness * plateWidth - 1e-9;
  }

  /**
   * Of the shapes that read at this length, the one whose outline lies nearest to this one's;
   * itself if it reads.
   *
   * @param extension mm
   * @param plateWidth mm
   */
  public NailShape nearestThatReads(double extension, double plateWidth) {
    if (readsAt(extension, plateWidth)) {
      return this;
    }
    Outline wanted = new Outline(this, plateWidth, extension);
    NailShape nearest = SQUARE;
    double least = Double.POSITIVE_INFINITY;
    for (NailShape candidate : values()) {
      if (candidate.readsAt(extension, plateWidth)) {
        double apart = new Outline(candidate, plateWidth, extension).areaApart(wanted);
        if (apart < least) {
          least = apart;
          nearest = candidate;
        }
      }
    }
    return nearest;
  }
}
