package ongle.core.shape;

import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.shape.Contour.Arc;
import ongle.core.shape.Contour.Curved;
import ongle.core.shape.Contour.Flat;
import ongle.core.shape.Contour.Narrowed;
import org.jspecify.annotations.Nullable;

/**
 * The shapes a set can be given, each with the figures that make it: outline, upper arch, barrel,
 * how the form is set and closed, and from which length it reads as that shape.
 */
public enum NailShape {
  SQUARE(new Flat(0, 0), 1.8, .22, 0, null, null, 0),
  SOFT_SQUARE(new Flat(0, .16), 1.8, .20, 0, null, null, 0),
  TAPERED_SQUARE(new Flat(3.5, .05), 1.8, .22, 0, 8., null, .3),
  ROUND(new Arc(), 2.0, .17, -2, null, null, .1),
  OVAL(new Curved(0, .08, .60, .44), 2.0, .18, -2, 8., null, .2),
  ALMOND(new Curved(1, .10, .52, .26), 2.2, .25, 3, 6., 1 / 3.0, .5),
  MODERN_ALMOND(new Curved(3, .10, .45, .14), 1.0, .30, 5, 6., .25, .55),
  RUSSIAN_ALMOND(new Curved(1, .36, .34, .14), 1.0, .36, 8, 5., null, .7),
  GOTHIC_ALMOND(new Curved(0, .30, .26, .04), 1.5, .32, 2, 5., null, .7),
  BALLERINA(new Narrowed(.45, .04), 1.5, .28, 0, 6., null, .6),
  STILETTO(new Curved(0, .04, .36, .03), 1.2, .34, 3, 6., null, .9),
  PIPE(new Flat(1.5, .13), 1.3, .48, -2, 4., null, 1.0);

  private final Contour contour;
  private final double archExponent;
  private final double barrelDepthRatio;
  private final double formTilt;
  private final @Nullable Double formClosedBeyond;
  private final @Nullable Double apexShare;
  private final double minSlenderness;

  NailShape(
      Contour contour,
      double archExponent,
      double barrelDepthRatio,
      double formTilt,
      @Nullable Double formClosedBeyond,
      @Nullable Double apexShare,
      double minSlenderness) {
    this.contour = contour;
    this.archExponent = archExponent;
    this.barrelDepthRatio = barrelDepthRatio;
    this.formTilt = formTilt;
    this.formClosedBeyond = formClosedBeyond;
    this.apexShare = apexShare;
    this.minSlenderness = minSlenderness;
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

  /** How its outline runs from the growth points to the tip. */
  public Contour contour() {
    return contour;
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
  public double minSlenderness() {
    return minSlenderness;
  }

  /** Where this shape has its apex, as a share of the plate; empty when it has no own place. */
  public OptionalDouble apexShare() {
    return apexShare == null ? OptionalDouble.empty() : OptionalDouble.of(apexShare);
  }

  /** How its outline is filed, from the growth points to the tip. */
  public Filing filing() {
    return Filing.of(this);
  }

  /** Whether it can be told from a shorter shape on a plate this wide, both mm. */
  public boolean readsAt(double extension, double plateWidth) {
    return extension >= minSlenderness * plateWidth - 1e-9;
  }

  /** The shape of the same family that reads on a shorter extension; empty for the last. */
  private Optional<NailShape> shorter() {
    return Optional.ofNullable(
        switch (this) {
          case SQUARE, SOFT_SQUARE -> null;
          case TAPERED_SQUARE -> SQUARE;
          case BALLERINA, PIPE -> TAPERED_SQUARE;
          case MODERN_ALMOND, RUSSIAN_ALMOND, GOTHIC_ALMOND, STILETTO -> ALMOND;
          case ALMOND -> OVAL;
          case OVAL -> ROUND;
          case ROUND -> SOFT_SQUARE;
        });
  }

  /**
   * The nearest shape of the same family that reads at this length; itself if it reads.
   *
   * @param extension mm
   * @param plateWidth mm
   */
  public NailShape nearestThatReads(double extension, double plateWidth) {
    NailShape shape = this;
    while (!shape.readsAt(extension, plateWidth)) {
      shape = shape.shorter().orElseThrow();
    }
    return shape;
  }
}
