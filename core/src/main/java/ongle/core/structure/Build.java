package ongle.core.structure;

import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;
import ongle.core.shape.Outline;

/**
 * One nail as it is to be built: the natural nail, the outline and thickness over it, and what lies
 * under the product at every place.
 *
 * @param nail natural nail
 * @param outline of the extension
 * @param profile thickness along the middle
 * @param barrelDepthRatio depth of the C-curve over its width at the free edge, 0 to 0.5
 * @param across how the product thins to the sides
 * @param product what it is built of
 * @param tip glued on under the product; {@link TipUnder#NONE} on a form or free-hand
 */
public record Build(
    Nail nail,
    Outline outline,
    Profile profile,
    double barrelDepthRatio,
    Across across,
    Product product,
    TipUnder tip) {

  /** A build without a tip. */
  public Build(
      Nail nail,
      Outline outline,
      Profile profile,
      double barrelDepthRatio,
      Across across,
      Product product) {
    this(nail, outline, profile, barrelDepthRatio, across, product, TipUnder.NONE);
  }

  /** The barrel reaches its full depth this far beyond the stress line, mm. */
  public static final double BARREL_REACHED_AFTER = 4;

  /** Narrowest chord the section is computed with, as a share of the plate width. */
  private static final double MIN_CHORD_SHARE = 0.15;

  /** Slices the volumes are summed over, per zone. */
  private static final int SLICES = 60;

  /** The same over the whole nail where only the difference counts. */
  private static final int ROUGH_SLICES = 24;

  /**
   * Product by zone, mm³, as it stands on the finished nail.
   *
   * @param cuticle cuticle to half way to the apex
   * @param body from there to the stress line
   * @param extension beyond the stress line
   */
  public record Volumes(double cuticle, double body, double extension) {
    public double total() {
      return cuticle + body + extension;
    }
  }

  public Build {
    Quantity.BARREL_DEPTH.check(barrelDepthRatio * 100);
  }

  /** Depth ratio of the cross curve at {@code x} mm from the cuticle. */
  public double depthRatioAt(double x) {
    double own = nail.crossCurve().depthRatio();
    double beyond = x - nail.plateLength();
    double over = Math.min(BARREL_REACHED_AFTER, outline.extension());
    if (beyond <= 0 || over == 0) {
      return own;
    }
    return own + (barrelDepthRatio - own) * Math.min(1, beyond / over);
  }

  /**
   * Where the barrel has its full depth, mm beyond the stress line; on a shorter extension three
   * quarters out, as a pointed or rounded tip has no width to look down.
   */
  public double barrelFullAt() {
    return Math.min(BARREL_REACHED_AFTER, 0.75 * profile.extension());
  }

  /** The barrel where it has its full depth. */
  public CrossCurve fullBarrel() {
    return arcAt(nail.plateLength() + barrelFullAt());
  }

  /** Half width of the build from above at {@code x} mm from the cuticle, mm. */
  public double halfWidthAt(double x) {
    double beyond = x - nail.plateLength();
    return beyond <= 0 ? nail.halfWidthAt(x) : outline.halfWidthAt(beyond);
  }

  /**
   * Lower side of the product across the nail at {@code x} for strength: the plate's own width on
   * the plate, the outline's beyond it, never narrower than 0.15 W.
   */
  public CrossCurve arcAt(double x) {
    double beyond = x - nail.plateLength();
    double chord =
        beyond <= 0
            ? nail.width()
            : Math.max(2 * outline.halfWidthAt(beyond), MIN_CHORD_SHARE * nail.width());
    return CrossCurve.ofRatio(chord, depthRatioAt(x));
  }

  /**
   * The cross section at {@code x} mm from the cuticle. Behind it there is plate alone, whose curve
   * is taken as that of its underside, as the reference figures have it.
   */
  public Section sectionAt(double x) {
    return x < 0
        ? Section.of(
            nail.crossCurve().outwardsBy(nail.condition().thickness()),
            0,
            across,
            plate(),
            Section.Layer.NONE)
        : Section.of(
            arcAt(x),
            profile.thicknessAt(x),
            across,
            plateUnder(x) ? plate() : Section.Layer.NONE,
            tipAt(x));
  }

  /** Whether natural plate lies under the product there: up to the end of the natural free edge. */
  public boolean plateUnder(double x) {
    return x <= nail.plateLength() + nail.freeEdge();
  }

  private Section.Layer plate() {
    return new Section.Layer(
        nail.condition().thickness(), PlateCondition.MODULUS / product.modulus());
  }

  /** Thickness of the tip in the middle at {@code x} mm from the cuticle; 0 where there is none. */
  public double tipThicknessAt(double x) {
    return tip.thicknessAt(x - nail.plateLength() - nail.freeEdge());
  }

  private Section.Layer tipAt(double x) {
    double thickness = tipThicknessAt(x);
    return thickness == 0
        ? Section.Layer.NONE
        : new Section.Layer(thickness, TipUnder.MODULUS / product.modulus());
  }

  /** Where the zone at the cuticle ends, mm from the cuticle: half way to the apex. */
  public double cuticleZone() {
    return 0.5 * profile.apexAt();
  }

  /** Product by zone, over the plan outline; nothing added for filing or shrinkage. */
  public Volumes volumes() {
    double cuticle = cuticleZone();
    double stressLine = nail.plateLength();
    return new Volumes(
        volumeBetween(0, cuticle),
        volumeBetween(cuticle, stressLine),
        volumeBetween(stressLine, profile.length()));
  }

  /** All product, mm³, closely enough to compare one place of the apex with another. */
  public double roughVolume() {
    return volumeBetween(0, profile.length(), ROUGH_SLICES);
  }

  /** What the product covers, mm², along the curve across the nail. */
  public double surface() {
    return surface(profile.length());
  }

  /**
   * The same of its first part.
   *
   * @param to mm from the cuticle
   */
  public double surface(double to) {
    double slice = to / SLICES;
    double sum = 0;
    for (int i = 0; i < SLICES; i++) {
      double x = (i + 0.5) * slice;
      sum += halfWidthAt(x) > 1e-9 ? planArcAt(x).arcLength() * slice : 0;
    }
    return sum;
  }

  private double volumeBetween(double from, double to) {
    return volumeBetween(from, to, SLICES);
  }

  private double volumeBetween(double from, double to, int slices) {
    double slice = (to - from) / slices;
    double sum = 0;
    for (int i = 0; i < slices; i++) {
      double x = from + (i + 0.5) * slice;
      sum += productAreaAt(x) * slice;
    }
    return sum;
  }

  /** Product across the nail, mm², less the tip. */
  public double productAreaAt(double x) {
    return productAreaAt(x, profile.thicknessAt(x));
  }

  /**
   * What a build as thick as this in its middle would have across the nail, mm², less the tip.
   *
   * @param x mm from the cuticle
   * @param thickness mm, 0 or more
   */
  public double productAreaAt(double x, double thickness) {
    double chord = 2 * halfWidthAt(x);
    return chord <= 1e-9 || thickness == 0
        ? 0
        : Section.of(planArcAt(x), thickness, across, Section.Layer.NONE, tipAt(x)).area();
  }

  /**
   * Underside of the product across the nail at {@code x} over the plan outline: on the plate the
   * radius stays the plate's while the chord narrows to the cuticle.
   *
   * @param x mm from the cuticle, where the build has a width
   */
  CrossCurve planArcAt(double x) {
    double chord = 2 * halfWidthAt(x);
    CrossCurve own = nail.crossCurve();
    double radius = own.radius();
    if (x > nail.plateLength() || Double.isInfinite(radius)) {
      return CrossCurve.ofRatio(chord, depthRatioAt(x));
    }
    double half = Math.min(chord / 2, radius);
    return new CrossCurve(chord, radius - Math.sqrt(radius * radius - half * half));
  }
}
