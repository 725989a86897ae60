package ongle.app.standin;

import java.awt.image.BufferedImage;
import java.util.Random;
import java.util.function.UnaryOperator;
import ongle.app.drawing.NailSolid;
import ongle.app.drawing.SolidPicture;
import ongle.core.check.Body;
import ongle.core.photo.Camera;
import ongle.core.trace.Pose;

/** A picture of a built nail of known shape on its finger, as a small camera would take it. */
final class DrawnNail {
  static final Camera CAMERA = new Camera(1600, 1200, 80);

  private static final int TABLE = 0x7d8d8c;
  private static final double NOISE = 3;
  private static final double FINGER_DRAWN = 14;

  private final Body body;
  private final Pose pose;

  DrawnNail(Body body, Pose pose) {
    this.body = body;
    this.pose = pose;
  }

  /**
   * @param seed of the noise
   */
  BufferedImage image(long seed) {
    SolidPicture picture = new SolidPicture(pose, TABLE);
    new NailSolid(body, UnaryOperator.identity()).draw(picture, FINGER_DRAWN);
    return picture.image(NOISE, new Random(seed));
  }
}
