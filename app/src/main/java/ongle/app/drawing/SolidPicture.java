package ongle.app.drawing;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Random;
import ongle.core.check.Body.Place;
import ongle.core.photo.Spot;
import ongle.core.trace.Pose;

/**
 * A picture of solid things as a camera sees them: small faces lit from one side, the nearest at
 * each pixel.
 */
public final class SolidPicture {
  /** Each pixel is the mean of this many squared. */
  private static final int FINER = 2;

  /** Light falls from the upper left, from behind the camera. */
  private static final double[] LIGHT = {-0.45, -0.65, -0.61};

  private static final double AMBIENT = 0.55;

  private final Pose pose;
  private final int width;
  private final int height;
  private final float[] depth;
  private final int[] colours;

  /**
   * @param pose of the camera, with the size of its picture
   * @param ground what is seen where nothing is, as RGB
   */
  public SolidPicture(Pose pose, int ground) {
    this.pose = pose;
    width = pose.camera().width() * FINER;
    height = pose.camera().height() * FINER;
    depth = new float[width * height];
    colours = new int[width * height];
    Arrays.fill(depth, Float.POSITIVE_INFINITY);
    Arrays.fill(colours, ground);
  }

  /** A flat face. */
  public void quad(int colour, Place a, Place b, Place c, Place d) {
    double lit = light(a, b, c);
    triangle(colour, a, b, c, lit, lit, lit);
    triangle(colour, a, c, d, lit, lit, lit);
  }

  /**
   * A smooth surface: light is worked out at its corners and runs evenly between them.
   *
   * @param places row by row, all rows as long
   * @param colour of each row
   */
  public void surface(Place[][] places, int[] colour) {
    int rows = places.length;
    int last = places[0].length - 1;
    double[][] lit = new double[rows][last + 1];
    for (int i = 0; i < rows; i++) {
      for (int k = 0; k <= last; k++) {
        Place here = places[i][k];
        lit[i][k] =
            light(
                here,
                beside(here, places[Math.max(0, i - 1)][k], places[Math.min(rows - 1, i + 1)][k]),
                beside(here, places[i][Math.max(0, k - 1)], places[i][Math.min(last, k + 1)]));
      }
    }
    for (int i = 0; i + 1 < rows; i++) {
      for (int k = 0; k < last; k++) {
        Place a = places[i][k];
        Place b = places[i][k + 1];
        Place c = places[i + 1][k + 1];
        Place d = places[i + 1][k];
        triangle(colour[i], a, b, c, lit[i][k], lit[i][k + 1], lit[i + 1][k + 1]);
        triangle(colour[i], a, c, d, lit[i][k], lit[i + 1][k + 1], lit[i + 1][k]);
      }
    }
  }

  /** A place as far from here as one is from another. */
  private static Place beside(Place here, Place from, Place to) {
    return new Place(
        here.x() + to.x() - from.x(), here.y() + to.y() - from.y(), here.z() + to.z() - from.z());
  }

  private void triangle(
      int colour, Place a, Place b, Place c, double litA, double litB, double litC) {
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

  private static int lit(int colour, double light) {
    return (int) Math.min(255, (colour >> 16 & 0xFF) * light) << 16
        | (int) Math.min(255, (colour >> 8 & 0xFF) * light) << 8
        | (int) Math.min(255, (colour & 0xFF) * light);
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

  /** The picture, clean. */
  public BufferedImage image() {
    return image(0, new Random(0));
  }

  /**
   * The picture with the noise of a small lens.
   *
   * @param noise of each colour, levels of 255, one standard deviation
   */
  public BufferedImage image(double noise, Random random) {
    int wide = pose.camera().width();
    int high = pose.camera().height();
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < high; y++) {
      for (int x = 0; x < wide; x++) {
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
          int sum = 0;
          for (int k = 0; k < FINER * FINER; k++) {
            sum += colours[(y * FINER + k / FINER) * width + x * FINER + k % FINER] >> shift & 0xFF;
          }
          double level =
              (double) sum / (FINER * FINER) + (noise == 0 ? 0 : noise * random.nextGaussian());
          rgb |= (int) Math.max(0, Math.min(255, Math.round(level))) << shift;
        }
        image.setRGB(x, y, rgb);
      }
    }
    return image;
  }
}
