package ongle.app.standin;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.EnumMap;
import java.util.Map;
import javax.imageio.ImageIO;
import ongle.app.photo.NailCamera;
import ongle.core.check.Body;
import ongle.core.check.Part;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.Pose;
import ongle.core.trace.Silhouette;
import ongle.core.trace.View;
import org.springframework.stereotype.Component;

/**
 * Stands in for a camera held to one built nail: it draws the nail by its plan with the faults it
 * was told, at the tilt it was told.
 */
@Component
class DrawnNailCamera implements NailCamera {
  private static final int ALONG = 1000;
  private static final double NEAREST = 75;

  private volatile Setting setting = new Setting(6, 40, Map.of());

  /**
   * How it is held, and what it is held to.
   *
   * @param tilt degrees, 0 to 30
   * @param towards direction of the tilt, degrees
   * @param off what the nail has otherwise than its plan, in each part's unit
   */
  record Setting(double tilt, double towards, Map<Part, Double> off) {
    Setting {
      off = off.isEmpty() ? Map.of() : new EnumMap<>(off);
    }
  }

  Setting setting() {
    return setting;
  }

  void hold(Setting now) {
    setting = now;
  }

  static Pose pose(View view, Body body, double tilt, double towards, double turned) {
    double seen = view == View.BARREL ? 2 * body.plan().nail().width() : body.profile().length();
    double focal = DrawnNail.CAMERA.focalPixels();
    return Pose.looking(
        DrawnNail.CAMERA,
        view,
        body.lower(body.stressLine(), 0),
        new Spot(DrawnNail.CAMERA.width() / 2.0, DrawnNail.CAMERA.height() / 2.0),
        Math.max(NEAREST, seen * focal / ALONG),
        tilt,
        towards,
        turned);
  }

  private Pose pose(View view, Body body) {
    return pose(view, body, setting.tilt(), setting.towards(), setting.tilt() / 2);
  }

  /** Where every mark belongs in its picture, px: for comparing, never for measuring. */
  Map<View.Anchor, Spot> truth(NailPlan plan, View view) {
    Body body = new Body(plan, setting.off());
    Pose pose = pose(view, body);
    Map<View.Anchor, Spot> marks = new EnumMap<>(View.Anchor.class);
    Silhouette seen = new Silhouette(body, pose, view);
    view.anchors().forEach(anchor -> marks.put(anchor, pose.sees(seen.place(anchor, 1))));
    return marks;
  }

  @Override
  public byte[] take(NailPlan plan, View view) {
    Body body = new Body(plan, setting.off());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new DrawnNail(body, pose(view, body)).image(view.ordinal()), "jpeg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return withFocalLength(out.toByteArray(), (int) DrawnNail.CAMERA.focalLength());
  }

  /** Puts the smallest EXIF block that says how long the lens is behind the file's first marker. */
  private static byte[] withFocalLength(byte[] jpeg, int millimetres) {
    byte[] exif = {'E', 'x', 'i', 'f', 0, 0};
    ByteBuffer block = ByteBuffer.allocate(4 + exif.length + 8 + 2 * (2 + 12 + 4));
    block.put((byte) 0xFF).put((byte) 0xE1).putShort((short) (block.capacity() - 2)).put(exif);
    // Big-endian TIFF: a directory with a pointer to a second one, which holds the focal length.
    block.put((byte) 'M').put((byte) 'M').putShort((short) 42).putInt(8);
    int second = 8 + 2 + 12 + 4;
    block.putShort((short) 1).putShort((short) 0x8769).putShort((short) 4).putInt(1);
    block.putInt(second).putInt(0);
    block.putShort((short) 1).putShort((short) 0xA405).putShort((short) 3).putInt(1);
    block.putShort((short) millimetres).putShort((short) 0).putInt(0);
    byte[] all = new byte[jpeg.length + block.capacity()];
    System.arraycopy(jpeg, 0, all, 0, 2);
    System.arraycopy(block.array(), 0, all, 2, block.capacity());
    System.arraycopy(jpeg, 2, all, 2 + block.capacity(), jpeg.length - 2);
    return all;
  }
}
