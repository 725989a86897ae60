package ongle.core;

import java.util.List;
import java.util.stream.Stream;
import ongle.core.photo.Camera;
import ongle.core.photo.Card;
import ongle.core.photo.Spot;

/**
 * A camera for tests, worked out on its own: it looks at the middle of the card from a distance,
 * tilted about a line through that middle.
 *
 * @param distance from the middle of the card, mm
 * @param tilt degrees
 * @param towards direction it is tilted in, degrees
 * @param turned of the picture, degrees
 */
public record PinholeCamera(
    Camera camera, double distance, double tilt, double towards, double turned) {

  public Spot pixel(double x, double y, double above) {
    double cx = x - Card.USUAL.width() / 2;
    double cy = y - Card.USUAL.height() / 2;
    double[] p = {cx, cy, -above};
    p = aboutZ(p, -towards);
    double t = Math.toRadians(tilt);
    p =
        new double[] {
          p[0] * Math.cos(t) + p[2] * Math.sin(t), p[1], -p[0] * Math.sin(t) + p[2] * Math.cos(t)
        };
    p = aboutZ(p, towards + turned);
    double z = distance + p[2];
    double f = camera.focalPixels();
    return new Spot(camera.width() / 2.0 + f * p[0] / z, camera.height() / 2.0 + f * p[1] / z);
  }

  public List<Spot> corners() {
    double w = Card.USUAL.width();
    double h = Card.USUAL.height();
    return Stream.of(new Spot(0, 0), new Spot(w, 0), new Spot(w, h), new Spot(0, h))
        .map(corner -> pixel(corner.x(), corner.y(), 0))
        .toList();
  }

  private static double[] aboutZ(double[] p, double degrees) {
    double a = Math.toRadians(degrees);
    return new double[] {
      p[0] * Math.cos(a) - p[1] * Math.sin(a), p[0] * Math.sin(a) + p[1] * Math.cos(a), p[2]
    };
  }
}
