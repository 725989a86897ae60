package ongle.app.drawing;

import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import ongle.core.check.Body;
import ongle.core.check.Body.Place;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import ongle.core.trace.Pose;

/**
 * The ten as the client sees them: both hands held out at arm's length, backs up, left beside
 * right.
 */
public final class ClientsEye {
  /** Of the picture, px. */
  public static final int WIDTH = 1300;

  public static final int HEIGHT = 244;

  private static final Camera CAMERA = new Camera(WIDTH, HEIGHT, 78);

  /** Of the eye behind and above the middle of the fingertips, mm: an arm away. */
  private static final double BEHIND = 330;

  private static final double ABOVE = 430;

  /** How much of the fingers is seen, mm. */
  private static final double FINGER = 90;

  private static final double BETWEEN_HANDS = 70;

  private ClientsEye() {}

  /**
   * Where fingertips lie on a right hand, mm from the middle of it, and where they point.
   *
   * @param out to the little finger's side
   * @param away from the client
   * @param turned to the little finger's side, degrees
   */
  private record Lies(double out, double away, double turned) {
    static Lies of(Digit digit) {
      return switch (digit) {
        case THUMB -> new Lies(-50, -17, -24);
        case INDEX -> new Lies(-24, 2, -7);
        case MIDDLE -> new Lies(-1, 12, -1);
        case RING -> new Lies(21, 5, 5);
        case LITTLE -> new Lies(42, -14, 13);
      };
    }
  }

  /**
   * The picture.
   *
   * @param ground what is seen behind the hands, as RGB
   */
  public static BufferedImage of(Map<Finger, Body> bodies, int ground) {
    SolidPicture picture = new SolidPicture(pose(), ground);
    bodies.forEach((finger, body) -> new NailSolid(body, lies(finger, body)).draw(picture, FINGER));
    return picture.image();
  }

  /** Where the tips are in it, px, for what is written at them. */
  public static Map<Finger, Spot> tips(Map<Finger, Body> bodies) {
    Pose pose = pose();
    Map<Finger, Spot> tips = new LinkedHashMap<>();
    bodies.forEach(
        (finger, body) -> {
          Place tip = body.upper(body.slices() - 1, 0);
          tips.put(finger, pose.sees(lies(finger, body).apply(tip)));
        });
    return tips;
  }

  /** Right, away and up; the client looks down at the table before them. */
  private static Pose pose() {
    double distance = Math.hypot(BEHIND, ABOVE);
    double forward = BEHIND / distance;
    double under = ABOVE / distance;
    return new Pose(
        CAMERA,
        new double[] {1, 0, 0, 0, -under, -forward, 0, forward, -under},
        new Place(0, -5, 0),
        new Spot(CAMERA.width() / 2.0, CAMERA.height() / 2.0),
        distance);
  }

  private static UnaryOperator<Place> lies(Finger finger, Body body) {
    Lies at = Lies.of(finger.digit());
    int side = finger.hand() == Hand.RIGHT ? 1 : -1;
    double angle = Math.toRadians(side * at.turned());
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    double middle = side * (BETWEEN_HANDS + at.out());
    double stress = body.profile().plateLength();
    return place -> {
      // Of the nail: to the tip and to the left; here the tip points away.
      double along = place.x() - stress;
      double right = -place.y();
      return new Place(
          middle + right * cos + along * sin, at.away() - right * sin + along * cos, place.z());
    };
  }
}
