package ongle.app.standin;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import ongle.core.check.Body;
import ongle.core.check.Body.Place;
import ongle.core.nail.Nail;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import ongle.core.trace.Pose;

/**
 * A picture of a built nail of known shape on its finger, as a camera would take it: a body of
 * small faces lit from one side, the nearest at each pixel, with the noise of a small lens.
 */
final class DrawnNail {
  static final Camera CAMERA = new Camera(1600, 1200, 80);

  /** Each pixel is the mean of this many squared. */
  private static final int FINER = 2;

  private static final int[] TABLE = {0x7d, 0x8d, 0x8c};
  private static final int[] SKIN = {0xcf, 0x9c, 0x7e};
  private static final int[] PRODUCT = {0xf0, 0xd3, 0xcf};
  private static final int[] EDGE = {0xfb, 0xf3, 0xee};
  private static final int[] UNDER = {0xa9, 0x6f, 0x70};
  private static final double NOISE = 3;

  /** Light falls from the upper left, from behind the camera. */
  private static final double[] LIGHT = {-0.45, -0.65, -0.61};

  private static final double AMBIENT = 0.55;
  private static final int ACROSS = 20;
  private static final int RINGS = 50;
  private static final double FINGER_DRAWN = 14;

  private final Body body;
  private final Pose pose;
  private final int width = CAMERA.width() * FINER;
  private final int height = CAMERA.height() * FINER;
  private final float[] depth = new float[width * height];
  private final int[] colours = new int[width * height];

  DrawnNail(Body body, Pose pose) {
    this.body = body;
    this.pose = pose;
  }

  /**
   * @param seed of the noise
   */
  BufferedImage image(long seed) {
    Arrays.fill(depth, Float.POSITIVE_INFINITY);
    Arrays.fill(colours, TABLE[0] << 16 | TABLE[1] << 8 | TABLE[2]);
    finger();
    nail();
    return smaller(new Random(seed));
  }

  private void nail() {
    int tip = body.slices() - 1;
    grid(PRODUCT, PRODUCT, true);
    grid(SKIN, UNDER, false);
    for (int i = 0; i < tip; i++) {
      for (int side = -1; side <= 1; side += 2) {
        quad(
            EDGE,
            body.lower(i, side),
            body.upper(i, side),
            body.upper(i + 1, side),
            body.lower(i + 1, side));
      }
    }
    for (int k = 0; k < ACROSS; k++) {
      quad(
          EDGE,
          body.lower(tip, share(k)),
          body.upper(tip, share(k)),
          body.upper(tip, share(k + 1)),
          body.lower(tip, share(k + 1)));
    }
  }

  /** A smooth surface: light is worked out at its corners and runs evenly between them. */
  private void grid(int[] onPlate, int[] beyond, boolean upper) {
    int rows = body.slices();
    Place[][] places = new Place[rows][ACROSS + 1];
    for (int i = 0; i < rows; i++) {
      for (int k = 0; k <= ACROSS; k++) {
        places[i][k] = upper ? body.upper(i, share(k)) : body.lower(i, share(k));
      }
    }
    double[][] light = new double[rows][ACROSS + 1];
    for (int i = 0; i < rows; i++) {
      for (int k = 0; k <= ACROSS; k++) {
        Place here = places[i][k];
        Place back = places[Math.max(0, i - 1)][k];
        Place on = places[Math.min(rows - 1, i + 1)][k];
        Place left = places[i][Math.max(0, k - 1)];
        Place right = places[i][Math.min(ACROSS, k + 1)];
        light[i][k] =
            light(
                here,
                new Place(
                    here.x() + on.x() - back.x(),
                    here.y() + on.y() - back.y(),
                    here.z() + on.z() - back.z()),
                new Place(
                    here.x() + right.x() - left.x(),
                    here.y() + right.y() - left.y(),
                    here.z() + right.z() - left.z()));
      }
    }
    for (int i = 0; i + 1 < rows; i++) {
      int[] colour = i < body.stressLine() ? onPlate : beyond;
      for (int k = 0; k < ACROSS; k++) {
        Place[] corners = {places[i][k], places[i][k + 1], places[i + 1][k + 1], places[i + 1][k]};
        double[] lit = {light[i][k], light[i][k + 1], light[i + 1][k + 1], light[i + 1][k]};
        triangle(colour, corners[0], corners[1], corners[2], lit[0], lit[1], lit[2]);
        triangle(colour, corners[0], corners[2], corners[3], lit[0], lit[2], lit[3]);
      }
    }
  }

  private static double share(int k) {
    return 2.0 * k / ACROSS - 1;
  }

  /** Skin below the plate at its sidewalls, over it behind the cuticle, round at the fingertip. */
  private void finger() {
    Nail nail = body.plan().nail();
    double end = nail.plateLength() + Math.max(1, nail.overhang());
    List<Place[]> rings = new ArrayList<>();
    for (int i = 0; i <= RINGS; i++) {
      // Closer together where it rounds.
      double x = end - (end + FINGER_DRAWN) * Math.pow(1 - (double) i / RINGS, 2);
      double round = Math.max(0, 1 - (end - x) / 4);
      rings.add(ring(nail, x, Math.sqrt(Math.max(0, 1 - round * round))));
    }
    for (int i = 0; i + 1 < rings.size(); i++) {
      Place[] here = rings.get(i);
      Place[] next = rings.get(i + 1);
      for (int k = 0; k < here.length; k++) {
        int beside = (k + 1) % here.length;
        quad(SKIN, here[k], here[beside], next[beside], next[k]);
      }
    }
  }

  private static Place[] ring(Nail nail, double x, double round) {
    double deep = nail.archDepth();
    double fold = Math.max(0, Math.min(1, -x / 1.2));
    double half = (0.5 * nail.width() + 0.9) * round;
    double top = -0.6 * deep + fold * (0.6 * deep + 0.35);
    double middle = (-deep - 0.494 * -0.6 * deep) / 0.506 + fold * 0.4;
    double bottom = middle - 0.75 * nail.width() * round;
    Place[] ring = new Place[40];
    for (int k = 0; k < ring.length; k++) {
      double angle = 2 * Math.PI * k / ring.length;
      double up = Math.sin(angle);
      ring[k] =
          new Place(
              x,
              half * Math.cos(angle),
              middle + up * (up > 0 ? (top - middle) * round : middle - bottom));
    }
    return ring;
  }

  private void quad(int[] colour, Place a, Place b, Place c, Place d) {
    double lit = light(a, b, c);
    triangle(colour, a, b, c, lit, lit, lit);
    triangle(colour, a, c, d, lit, lit, lit);
  }

  private void triangle(
      int[] colour, Place a, Place b, Place c, double litA, double litB, double litC) {
    Spot p = pose.sees(a).times(FINER);
    Spot q = pose.sees(b).times(FINER);
    Spot r = pose.sees(c).times(FINER);
    double whole = q.minus(p).cross(r.minus(p));
    if (Math.abs(whole) < 1e-9) {
      return;
    }
    double da = pose.depth(a);
    double db = pose.depth(b);
    double dc = pose.depth(c);
    int left = (int) Math.max(0, Math.floor(Math.min(p.x(), Math.min(q.x(), r.x()))));
    int right = (int) Math.min(width - 1.0, Math.ceil(Math.max(p.x(), Math.max(q.x(), r.x()))));
    int upper = (int) Math.max(0, Math.floor(Math.min(p.y(), Math.min(q.y(), r.y()))));
    int lower = (int) Math.min(height - 1.0, Math.ceil(Math.max(p.y(), Math.max(q.y(), r.y()))));
    for (int y = upper; y <= lower; y++) {
      for (int x = left; x <= right; x++) {
        double px = x + 0.5;
        double py = y + 0.5;
        double wb = ((px - p.x()) * (r.y() - p.y()) - (py - p.y()) * (r.x() - p.x())) / whole;
        double wc = ((q.x() - p.x()) * (py - p.y()) - (q.y() - p.y()) * (px - p.x())) / whole;
        double wa = 1 - wb - wc;
        if (wa < -1e-6 || wb < -1e-6 || wc < -1e-6) {
          continue;
        }
        float deep = (float) (wa * da + wb * db + wc * dc);
        int place = y * width + x;
        if (deep < depth[place]) {
          depth[place] = deep;
          colours[place] = lit(colour, wa * litA + wb * litB + wc * litC);
        }
      }
    }
  }

  /** Both sides of a face are lit the same: which one is seen is settled by the depth. */
  private double light(Place a, Place b, Place c) {
    double[] n = normal(a, b, c);
    double[] axes = pose.axes();
    double facing = 0;
    for (int row = 0; row < 3; row++) {
      facing +=
          LIGHT[row] * (axes[3 * row] * n[0] + axes[3 * row + 1] * n[1] + axes[3 * row + 2] * n[2]);
    }
    return AMBIENT + (1 - AMBIENT) * Math.abs(facing);
  }

  private static int lit(int[] colour, double light) {
    return (int) Math.min(255, colour[0] * light) << 16
        | (int) Math.min(255, colour[1] * light) << 8
        | (int) Math.min(255, colour[2] * light);
  }

  private static double[] normal(Place a, Place b, Place c) {
    double ux = b.x() - a.x();
    double uy = b.y() - a.y();
    double uz = b.z() - a.z();
    double vx = c.x() - a.x();
    double vy = c.y() - a.y();
    double vz = c.z() - a.z();
    double[] n = {uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx};
    double length = Math.max(1e-12, Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]));
    return new double[] {n[0] / length, n[1] / length, n[2] / length};
  }

  private BufferedImage smaller(Random noise) {
    BufferedImage image =
        new BufferedImage(CAMERA.width(), CAMERA.height(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < CAMERA.height(); y++) {
      for (int x = 0; x < CAMERA.width(); x++) {
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
          int sum = 0;
          for (int k = 0; k < FINER * FINER; k++) {
            sum += colours[(y * FINER + k / FINER) * width + x * FINER + k % FINER] >> shift & 0xFF;
          }
          double level = (double) sum / (FINER * FINER) + NOISE * noise.nextGaussian();
          rgb |= (int) Math.max(0, Math.min(255, Math.round(level))) << shift;
        }
        image.setRGB(x, y, rgb);
      }
    }
    return image;
  }
}
