package ongle.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * The outline of the extension from above: half width over the distance beyond the stress line.
 * Straight from the growth points, then one cubic Bézier to the tip that carries the side on
 * without a kink; a round tip is a half circle. Never wider than the growth points.
 */
public final class Outline {
  /** A quarter circle as a Bézier: how far its control points lie out, as a share of the radius. */
  private static final double QUARTER_CIRCLE = 0.5523;

  /** Panels an area is summed over: less than 0.1 % off with sharp corners. */
  private static final int PANELS = 100;

  private final NailShape shape;
  private final double plateWidth;
  private final double extension;

  /** How far each side comes in on a millimetre of its straight part. */
  private final double inwards;

  /** From where the sides stop running straight; null for a half circle. */
  private final @Nullable Curve curve;

  /**
   * @param plateWidth width W between the growth points, mm
   * @param extension length E beyond the stress line, mm, 0 or more
   * @throws IllegalArgumentException if the width is not above 0, or the extension below 0 or
   *     infinite
   */
  public Outline(NailShape shape, double plateWidth, double extension) {
    if (!(plateWidth > 0) || !(extension >= 0) || Double.isInfinite(extension)) {
      throw new IllegalArgumentException(
          "no outline of width " + plateWidth + " and extension " + extension);
    }
    this.shape = shape;
    this.plateWidth = plateWidth;
    this.extension = extension;
    inwards =
        extension == 0 ? 0 : Math.tan(Math.toRadians(shape.contour().taper(plateWidth, extension)));
    curve = shape.contour() instanceof Contour.Arc ? null : curve();
  }

  public NailShape shape() {
    return shape;
  }

  /** Width W between the growth points, mm. */
  public double plateWidth() {
    return plateWidth;
  }

  /** Length E beyond the stress line, mm. */
  public double extension() {
    return extension;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Outline outline
        && outline.shape == shape
        && outline.plateWidth == plateWidth
        && outline.extension == extension;
  }

  @Override
  public int hashCode() {
    return Objects.hash(shape, plateWidth, extension);
  }

  @Override
  public String toString() {
    return shape + " " + plateWidth + " wide, " + extension + " long";
  }

  /** A place on one side: mm beyond the stress line and mm from the middle. */
  public record Point(double beyond, double half) {}

  /** Four points of a Bézier from where the straight side ends to the tip. */
  private record Curve(Point from, Point fromSide, Point toTip, Point tip) {
    Point at(double t) {
      return new Point(
          bezier(t, from.beyond, fromSide.beyond, toTip.beyond, tip.beyond),
          bezier(t, from.half, fromSide.half, toTip.half, tip.half));
    }

    /** Beyond grows with t all along, so Newton with a bracket finds it. */
    double halfWidthAt(double beyond) {
      double low = 0;
      double high = 1;
      double t = (beyond - from.beyond) / (tip.beyond - from.beyond);
      for (int i = 0; i < 60; i++) {
        double apart = bezier(t, from.beyond, fromSide.beyond, toTip.beyond, tip.beyond) - beyond;
        if (Math.abs(apart) < 1e-10) {
          break;
        }
        if (apart > 0) {
          high = t;
        } else {
          low = t;
        }
        double next = t - apart / slope(t, from.beyond, fromSide.beyond, toTip.beyond, tip.beyond);
        t = next > low && next < high ? next : (low + high) / 2;
      }
      return Math.max(0, bezier(t, from.half, fromSide.half, toTip.half, tip.half));
    }
  }

  private static double bezier(double t, double a, double b, double c, double d) {
    double s = 1 - t;
    return s * s * s * a + 3 * s * s * t * b + 3 * s * t * t * c + t * t * t * d;
  }

  private static double slope(double t, double a, double b, double c, double d) {
    double s = 1 - t;
    return 3 * (s * s * (b - a) + 2 * s * t * (c - b) + t * t * (d - c));
  }

  /**
   * Half width at {@code beyond} mm past the stress line; 0 at a pointed or rounded tip, the half
   * of the flat at a flat one.
   *
   * @param beyond 0 to the extension, mm; held to that range
   */
  public double halfWidthAt(double beyond) {
    if (extension == 0 || beyond <= 0) {
      return plateWidth / 2;
    }
    double at = Math.min(beyond, extension);
    if (curve == null) {
      double radius = Math.min(plateWidth / 2, extension);
      double in = Math.max(0, at - (extension - radius)) / radius;
      return plateWidth / 2 * Math.sqrt(Math.max(0, 1 - in * in));
    }
    return at <= curve.from.beyond
        ? Math.max(0, plateWidth / 2 - at * inwards)
        : curve.halfWidthAt(at);
  }

  /** Where the straight sides end, mm beyond the stress line. */
  public double straightTo() {
    return curve == null ? Math.max(0, extension - plateWidth / 2) : curve.from.beyond;
  }

  private Curve curve() {
    if (shape.contour() instanceof Contour.Curved curved) {
      double from = curved.straight() * extension;
      double half = Math.max(0, plateWidth / 2 - from * inwards);
      double rest = extension - from;
      double carried = curved.fullness() * rest;
      return new Curve(
          new Point(from, half),
          new Point(from + carried, Math.max(0, half - carried * inwards)),
          new Point(extension, curved.roundness() * half),
          new Point(extension, 0));
    }
    double share =
        shape.contour() instanceof Contour.Flat flat
            ? flat.corner()
            : ((Contour.Narrowed) shape.contour()).corner();
    double radius = Math.min(share * plateWidth, extension);
    double in = inwards;
    double from = extension - radius;
    double half = plateWidth / 2 - from * in;
    double flat = Math.max(0, half - radius * in - radius);
    double round = QUARTER_CIRCLE * radius;
    return new Curve(
        new Point(from, Math.max(0, half)),
        new Point(from + round, Math.max(0, half - round * in)),
        new Point(extension, flat + radius - round),
        new Point(extension, flat));
  }

  /**
   * One side from the growth point to the middle of the tip, close enough together for a drawing.
   *
   * @param pieces of the curve, 2 or more
   */
  public List<Point> side(int pieces) {
    List<Point> side = new ArrayList<>();
    side.add(new Point(0, plateWidth / 2));
    if (curve == null) {
      double radius = Math.min(plateWidth / 2, extension);
      for (int i = 0; i <= pieces; i++) {
        double angle = Math.PI / 2 * i / pieces;
        side.add(
            new Point(
                extension - radius + radius * Math.sin(angle), plateWidth / 2 * Math.cos(angle)));
      }
    } else {
      for (int i = 0; i <= pieces; i++) {
        side.add(curve.at((double) i / pieces));
      }
      side.add(new Point(extension, 0));
    }
    return side;
  }

  /** Area between this outline's half and another's, mm²; both of the same extension. */
  public double areaApart(Outline other) {
    return overlap(other, extension, Math::abs);
  }

  /**
   * Sum along the nail of some function of how much wider this outline's half is than another's,
   * mm² for a difference in mm. Panels lie closer together towards the end, where outlines turn.
   *
   * @param reached how far beyond the stress line, mm
   */
  public double overlap(Outline other, double reached, DoubleUnaryOperator of) {
    double sum = 0;
    for (int i = 0; i < PANELS; i++) {
      double left = 1 - (double) i / PANELS;
      double right = 1 - (i + 1.0) / PANELS;
      double middle = 1 - (i + 0.5) / PANELS;
      double beyond = reached * (1 - middle * middle);
      double apart = halfWidthAt(beyond) - other.halfWidthAt(beyond);
      sum += of.applyAsDouble(apart) * reached * (left * left - right * right);
    }
    return sum;
  }
}
