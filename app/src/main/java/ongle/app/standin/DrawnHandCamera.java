package ongle.app.standin;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import ongle.app.photo.HandCamera;
import ongle.core.nail.Hand;
import org.springframework.stereotype.Component;

/**
 * Stands in for a camera over the desk: takes pictures of a drawn hand, tilted or turned as set.
 */
@Component
class DrawnHandCamera implements HandCamera {
  /** EXIF: the picture has to be turned a quarter to the right to be upright. */
  private static final int TURN_RIGHT = 6;

  private volatile Setting setting = new Setting(8, 60, false, false);

  /**
   * How the camera is held.
   *
   * @param tilt degrees, 0 to 60
   * @param towards direction of the tilt, degrees
   * @param onItsSide whether the picture is stored turned, as telephones do, with EXIF saying so
   */
  record Setting(double tilt, double towards, boolean cardOnTable, boolean onItsSide) {}

  Setting setting() {
    return setting;
  }

  void hold(Setting now) {
    setting = now;
  }

  DrawnHand sees(Hand hand) {
    return new DrawnHand(hand, setting.tilt(), setting.towards(), setting.cardOnTable());
  }

  @Override
  public byte[] take(Hand hand) {
    byte[] upright = sees(hand).jpeg();
    try {
      return setting.onItsSide() ? onItsSide(upright) : upright;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] onItsSide(byte[] jpeg) throws IOException {
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
    AffineTransform left = new AffineTransform(0, -1, 1, 0, 0, image.getWidth());
    BufferedImage turned =
        new BufferedImage(image.getHeight(), image.getWidth(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = turned.createGraphics();
    g.drawImage(image, left, null);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(turned, "jpeg", out);
    return withOrientation(out.toByteArray());
  }

  /** Puts the smallest EXIF block there is behind the file's first marker. */
  private static byte[] withOrientation(byte[] jpeg) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(
        new byte[] {
          (byte) 0xFF,
          (byte) 0xE1,
          0,
          34,
          'E',
          'x',
          'i',
          'f',
          0,
          0, // APP1, length, name
          'M',
          'M',
          0,
          42,
          0,
          0,
          0,
          8, // big-endian TIFF, directory at 8
          0,
          1,
          0x01,
          0x12,
          0,
          3,
          0,
          0,
          0,
          1,
          0,
          TURN_RIGHT,
          0,
          0, // one entry: orientation
          0,
          0,
          0,
          0 // no further directory
        });
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }
}
