package ongle.core.structure;

import java.util.ArrayList;
import java.util.List;
import ongle.core.nail.CrossCurve;

/**
 * The reflection of a long lamp hung beside the nail, as a technician looks for it: a band along
 * the surface, where the product's surface faces the lamp. Where the nail is flat across, the band
 * is broad and far out; where it is curved, narrow; a kink in it is a kink in the surface.
 *
 * @param points along the nail
 */
public record LightLine(List<Point> points) {
  public LightLine {
    points = List.copyOf(points);
  }

  /** The lamp shows between these angles off the vertical, degrees. */
  public static final double FROM = 9;

  public static final double TO = 15;

  /**
   * Turning by this much more within a millimetre than either before or after is a bump, degrees.
   */
  public static final double BUMP_FROM = 6;

  private static final double STEP = 0.25;

  /**
   * One place of the band.
   *
   * @param x mm from the cuticle
   * @param inner nearer edge of the band, mm from the middle
   * @param outer farther edge
   */
  public record Point(double x, double inner, double outer) {}

  public static LightLine of(Build build) {
    List<Point> points = new ArrayList<>();
    double length = build.profile().length();
    int steps = (int) Math.ceil(length / STEP);
    for (int i = 1; i < steps; i++) {
      double x = length * i / steps;
      double half = build.halfWidthAt(x);
      points.add(
          new Point(
              x, Math.min(half, facing(build, x, FROM)), Math.min(half, facing(build, x, TO))));
    }
    return new LightLine(List.copyOf(points));
  }

  /** How far from the middle the surface leans outwards by so many degrees, mm. */
  private static double facing(Build build, double x, double degrees) {
    CrossCurve arc = build.arcAt(x);
    double halfAngle = arc.halfAngle();
    double radius = arc.radius();
    double wanted = Math.toRadians(degrees);
    if (Double.isInfinite(radius)) {
      return arc.chord() / 2;
    }
    double middle = build.profile().thicknessAt(x);
    double fall = middle - build.across().side(middle);
    double angle = wanted;
    for (int i = 0; i < 6; i++) {
      // The surface leans by the angle and by how fast the product thins towards the side.
      double share = angle / halfAngle;
      double thins = 2 * fall * share / (halfAngle * (radius + middle));
      angle = Math.max(0, wanted - Math.atan(thins));
    }
    return (radius + build.across().at(middle, Math.min(1, angle / halfAngle)))
        * Math.sin(Math.min(angle, halfAngle));
  }

  /** Where the upper arch has a bump or a dent that breaks the line, mm from the cuticle. */
  public static List<Double> breaks(Arches arches) {
    List<Double> breaks = new ArrayList<>();
    for (double x = 2.5; x < arches.profile().length() - 2.5; x += STEP) {
      double here = turn(arches, x);
      double before = turn(arches, x - 1.5);
      double after = turn(arches, x + 1.5);
      boolean bump = here - Math.max(before, after) > BUMP_FROM;
      boolean dent = Math.min(before, after) - here > BUMP_FROM;
      if ((bump || dent) && (breaks.isEmpty() || x - breaks.get(breaks.size() - 1) > 2)) {
        breaks.add(x);
      }
    }
    return breaks;
  }

  /** How far the upper arch turns within a millimetre, degrees. */
  private static double turn(Arches arches, double x) {
    return slope(arches, x - 0.5) - slope(arches, x + 0.5);
  }

  private static double slope(Arches arches, double x) {
    double half = 0.25;
    return Math.toDegrees(
        Math.atan((arches.upperAt(x + half) - arches.upperAt(x - half)) / (2 * half)));
  }
}
