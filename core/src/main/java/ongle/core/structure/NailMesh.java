package ongle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;

/**
 * A closed surface of triangles, true to size: x from the cuticle to the tip, y across, z up, mm.
 * Seen from outside, every triangle turns against the clock.
 *
 * @param points three coordinates each
 * @param triangles three points each
 */
public record NailMesh(double[] points, int[] triangles) {
  /** Points round half of a cross section. */
  private static final int AROUND = 24;

  /** Farthest two cross sections are apart, mm. */
  private static final double STEP = 0.25;

  /** A pointed tip or cuticle ends this blunt, mm: nothing thinner can be printed. */
  private static final double MIN_HALF_WIDTH = 0.05;

  /** What is built: product, and the tip under it if there is one. */
  public static NailMesh ofBuild(Build build, Arches arches) {
    return lofted(
        places(0, build.profile().length(), build.nail(), build),
        build,
        arches,
        0,
        x -> build.profile().thicknessAt(x));
  }

  /** The natural plate under it, to the end of its free edge or of the build. */
  public static NailMesh ofPlate(Build build, Arches arches) {
    Nail nail = build.nail();
    double end = Math.min(nail.plateLength() + nail.freeEdge(), build.profile().length());
    return lofted(
        places(0, end, nail, build), build, arches, -nail.condition().thickness(), x -> 0);
  }

  /** Closer together at the rounded cuticle and at a pointed tip, where the width changes fast. */
  private static double[] places(double from, double to, Nail nail, Build build) {
    double stressLine = nail.plateLength();
    List<Double> places = new ArrayList<>();
    double rounding = Nail.CUTICLE_ROUNDING * nail.width();
    int close = 24;
    for (int i = 1; i <= close; i++) {
      places.add(from + rounding * (1 - Math.cos(Math.PI / 2 * i / close)));
    }
    int even = (int) Math.ceil((to - from) / STEP);
    for (int i = 0; i <= even; i++) {
      places.add(from + (to - from) * i / even);
    }
    if (to > stressLine) {
      for (int i = 1; i < close; i++) {
        places.add(stressLine + (to - stressLine) * Math.sin(Math.PI / 2 * i / close));
      }
      places.add(stressLine);
    }
    return places.stream()
        .mapToDouble(Double::doubleValue)
        .filter(x -> x > from && x <= to && build.halfWidthAt(x) > MIN_HALF_WIDTH)
        .sorted()
        .distinct()
        .toArray();
  }

  private static NailMesh lofted(
      double[] places, Build build, Arches arches, double inner, DoubleUnaryOperator outer) {
    int ring = 2 * (2 * AROUND + 1);
    double[] points = new double[3 * ring * places.length];
    int next = 0;
    for (double x : places) {
      CrossCurve arc = build.planArcAt(x);
      double radius = arc.radius();
      double half = arc.halfAngle();
      double crown = arches.lowerAt(x);
      double middle = outer.applyAsDouble(x);
      for (int side = 0; side < 2; side++) {
        for (int i = -AROUND; i <= AROUND; i++) {
          double share = (side == 0 ? -1.0 : 1.0) * i / AROUND;
          double from =
              side == 0 ? (inner < 0 ? 0 : build.across().at(middle, Math.abs(share))) : inner;
          double y;
          double z;
          if (Double.isInfinite(radius)) {
            y = share * arc.chord() / 2;
            z = from;
          } else {
            double angle = share * half;
            double versine = 2 * Math.sin(angle / 2) * Math.sin(angle / 2);
            y = (radius + from) * Math.sin(angle);
            z = from * Math.cos(angle) - radius * versine;
          }
          points[next++] = x;
          points[next++] = y;
          points[next++] = crown + z;
        }
      }
    }
    return new NailMesh(points, skin(places.length, ring));
  }

  private static int[] skin(int rings, int ring) {
    int[] triangles = new int[3 * (2 * ring * (rings - 1) + 2 * (ring - 2))];
    int next = 0;
    for (int r = 0; r + 1 < rings; r++) {
      for (int i = 0; i < ring; i++) {
        int a = r * ring + i;
        int b = r * ring + (i + 1) % ring;
        int c = a + ring;
        int d = b + ring;
        for (int point : new int[] {a, b, c, b, d, c}) {
          triangles[next++] = point;
        }
      }
    }
    // The two ends: outer point i faces inner point ring − 1 − i.
    int last = (rings - 1) * ring;
    for (int i = 0; i + 1 < ring / 2; i++) {
      int j = ring - 1 - i;
      for (int point : new int[] {i, j, i + 1, i + 1, j, j - 1}) {
        triangles[next++] = point;
      }
      for (int point : new int[] {i, i + 1, j, i + 1, j - 1, j}) {
        triangles[next++] = last + point;
      }
    }
    return triangles;
  }

  /** Volume enclosed, mm³; minus if it is turned inside out. */
  public double volume() {
    double six = 0;
    for (int t = 0; t < triangles.length; t += 3) {
      int a = 3 * triangles[t];
      int b = 3 * triangles[t + 1];
      int c = 3 * triangles[t + 2];
      six +=
          points[a] * (points[b + 1] * points[c + 2] - points[b + 2] * points[c + 1])
              - points[a + 1] * (points[b] * points[c + 2] - points[b + 2] * points[c])
              + points[a + 2] * (points[b] * points[c + 1] - points[b + 1] * points[c]);
    }
    return six / 6;
  }
}
