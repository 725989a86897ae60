package ongle.core.trace;

import ongle.core.check.Body.Place;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;

/**
 * Where a camera stands to a nail: a pinhole, its right, down and forward as directions of the
 * nail, and what it sees in its middle.
 *
 * @param camera what with
 * @param axes nine figures: right, down, forward
 * @param fixed place on the nail whose place in the picture is known
 * @param at that place in the picture, px
 * @param distance to it along the way the camera looks, mm
 */
public record Pose(Camera camera, double[] axes, Place fixed, Spot at, double distance) {

  /** Directions of a camera that looks straight, in {@link Pose#axes} order. */
  enum Straight {
    ABOVE(0, -1, 0, -1, 0, 0, 0, 0, -1),
    /** From the right of the nail, its tip to the picture's right. */
    FROM_RIGHT(1, 0, 0, 0, 0, -1, 0, 1, 0),
    FROM_LEFT(-1, 0, 0, 0, 0, -1, 0, -1, 0),
    DOWN_THE_BARREL(0, 1, 0, 0, 0, -1, -1, 0, 0);

    private final double[] axes;

    Straight(double... axes) {
      this.axes = axes;
    }

    double[] axes() {
      return axes.clone();
    }
  }

  /**
   * A camera held over a nail nearly straight.
   *
   * @param fixed on the nail
   * @param at where that is seen, px
   * @param distance to it, mm
   * @param tilt off a straight view, degrees
   * @param towards which way it is tilted, degrees round the way it looks
   * @param turned in its own picture, degrees
   */
  public static Pose looking(
      Camera camera,
      View view,
      Place fixed,
      Spot at,
      double distance,
      double tilt,
      double towards,
      double turned) {
    Straight way =
        switch (view) {
          case ABOVE -> Straight.ABOVE;
          case SIDE -> Straight.FROM_RIGHT;
          case BARREL -> Straight.DOWN_THE_BARREL;
        };
    double angle = Math.toRadians(tilt);
    double round = Math.toRadians(towards);
    double[] held = turned(way.axes(), 0, 0, Math.toRadians(turned));
    double[] axes = turned(held, angle * Math.cos(round), angle * Math.sin(round), 0);
    return new Pose(camera, axes, fixed, at, distance);
  }

  /** Where a place of the nail is seen, px. */
  public Spot sees(Place place) {
    double x = place.x() - fixed.x();
    double y = place.y() - fixed.y();
    double z = place.z() - fixed.z();
    double right = axes[0] * x + axes[1] * y + axes[2] * z;
    double down = axes[3] * x + axes[4] * y + axes[5] * z;
    double deep = distance + axes[6] * x + axes[7] * y + axes[8] * z;
    double focal = camera.focalPixels();
    double centreX = camera.width() / 2.0;
    double centreY = camera.height() / 2.0;
    // The fixed place keeps its pixel; everything else is seen beside it by its own distance.
    double fixedRight = (at.x() - centreX) * distance / focal;
    double fixedDown = (at.y() - centreY) * distance / focal;
    return new Spot(
        centreX + focal * (fixedRight + right) / deep, centreY + focal * (fixedDown + down) / deep);
  }

  /** Of a place along the way the camera looks, mm. */
  public double depth(Place place) {
    return distance
        + axes[6] * (place.x() - fixed.x())
        + axes[7] * (place.y() - fixed.y())
        + axes[8] * (place.z() - fixed.z());
  }

  /** Pixels a millimetre at the fixed place. */
  public double scale() {
    return camera.focalPixels() / distance;
  }

  /** Between the way it looks and the way a straight camera does, degrees. */
  static double tilt(double[] axes, Straight straight) {
    double[] s = straight.axes;
    double cos = axes[6] * s[6] + axes[7] * s[7] + axes[8] * s[8];
    return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cos))));
  }

  /**
   * The same directions turned within the camera's own: by a rotation vector, radians (Rodrigues).
   */
  static double[] turned(double[] axes, double about, double aboutDown, double aboutForward) {
    double angle = Math.sqrt(about * about + aboutDown * aboutDown + aboutForward * aboutForward);
    if (angle < 1e-12) {
      return axes.clone();
    }
    double x = about / angle;
    double y = aboutDown / angle;
    double z = aboutForward / angle;
    double c = Math.cos(angle);
    double s = Math.sin(angle);
    double v = 1 - c;
    double[] r = {
      c + x * x * v,
      x * y * v - z * s,
      x * z * v + y * s,
      y * x * v + z * s,
      c + y * y * v,
      y * z * v - x * s,
      z * x * v - y * s,
      z * y * v + x * s,
      c + z * z * v
    };
    double[] turned = new double[9];
    for (int row = 0; row < 3; row++) {
      for (int column = 0; column < 3; column++) {
        for (int k = 0; k < 3; k++) {
          turned[3 * row + column] += r[3 * row + k] * axes[3 * k + column];
        }
      }
    }
    return turned;
  }
}
