package ongle.app.standin;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import ongle.app.drawing.NailFromAbove;
import ongle.app.drawing.Scene.Point;
import ongle.app.photo.MarkName;
import ongle.app.photo.NailSpot;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.photo.Camera;
import ongle.core.photo.Card;
import ongle.core.photo.CardView;
import ongle.core.photo.Spot;

/**
 * A drawn hand of known sizes beside a card, as a tilted camera would see it. It knows where every
 * mark belongs, so that what is measured can be compared with what was drawn.
 *
 * @param hand which
 * @param tilt of the camera, degrees
 * @param towards direction it is tilted in, degrees clockwise from the right
 * @param cardOnTable whether the card lies below the nails instead of level with them
 */
record DrawnHand(Hand hand, double tilt, double towards, boolean cardOnTable) {
  private static final Camera CAMERA = new Camera(3200, 2400, 27);

  /** Of the camera from the middle of the scene, mm. */
  private static final double DISTANCE = 245;

  /** Plates of the drawn hand, thumb first, mm; the ring finger's nail leans. */
  private static final double[] WIDTHS = {13.8, 11.0, 11.6, 10.8, 8.9};

  private static final double[] LENGTHS = {13.4, 11.9, 12.7, 12.2, 9.8};
  private static final double[] LEANS = {0, 0, 0, 5, -2};
  private static final double EDGE_CURVE = 0.16;

  /** Where the middle of each stress line lies on a right hand, mm, and how the finger points. */
  private static final double[] ACROSS = {104, 130, 153, 175, 196};

  private static final double[] DOWN = {52, 2, -9, -3, 14};
  private static final double[] TURNED = {-118, -93, -90, -87, -82};
  private static final double SCENE_WIDTH = 210;
  private static final Spot MIDDLE = new Spot(105, 30);
  private static final double FINGER_DRAWN = 70;

  private static final Color TABLE = new Color(0x8d, 0x99, 0x96);
  private static final Color SKIN = new Color(0xd9, 0xae, 0x92);
  private static final Color SKIN_LINE = new Color(0xa8, 0x7b, 0x60);
  private static final Color PLATE = new Color(0xf1, 0xc9, 0xc0);
  private static final Color CARD = new Color(0xf6, 0xf4, 0xec);
  private static final Color PRINT = new Color(0x2e, 0x5e, 0x58);

  /** The nail as drawn. */
  static Nail nail(Finger finger) {
    int i = finger.digit().ordinal();
    double width = WIDTHS[i] - (finger.hand() == Hand.LEFT ? 0.2 : 0);
    return new Nail(
        finger,
        width,
        LENGTHS[i],
        0.2 * width,
        0,
        EDGE_CURVE * width,
        0,
        LEANS[i],
        1,
        PlateCondition.SOUND,
        SkinState.INTACT);
  }

  private NailFromAbove placed(Finger finger) {
    int i = finger.digit().ordinal();
    boolean right = hand == Hand.RIGHT;
    return new NailFromAbove(
        nail(finger),
        right ? ACROSS[i] : SCENE_WIDTH - ACROSS[i],
        DOWN[i],
        right ? TURNED[i] : -180 - TURNED[i]);
  }

  private double above() {
    return cardOnTable ? CardView.NAILS_ABOVE_TABLE : 0;
  }

  /** Where every mark belongs, by its name, px in the upright picture. */
  Map<String, Spot> truth() {
    Map<String, Spot> marks = new LinkedHashMap<>();
    List<Point> corners = card();
    for (int i = 0; i < corners.size(); i++) {
      marks.put(MarkName.corner(i + 1), seen(corners.get(i), 0));
    }
    for (Finger finger : Finger.of(hand)) {
      NailFromAbove view = placed(finger);
      Nail nail = nail(finger);
      double half = nail.width() / 2;
      double lean = Math.tan(Math.toRadians(nail.lean()));
      Map<NailSpot, Point> spots =
          Map.of(
              NailSpot.GROWTH_POINT, view.at(0, -half),
              NailSpot.OTHER_GROWTH_POINT, view.at(0, half),
              NailSpot.CUTICLE, view.at(-nail.plateLength(), -lean * nail.plateLength()),
              NailSpot.EDGE, view.at(nail.freeEdgeDepth(), lean * nail.freeEdgeDepth()),
              NailSpot.KNUCKLE, view.at(-nail.plateLength() - 20, 0));
      spots.forEach((spot, at) -> marks.put(MarkName.of(finger, spot), seen(at, above())));
    }
    return marks;
  }

  /** The picture as a JPEG file, upright. */
  byte[] jpeg() {
    BufferedImage image =
        new BufferedImage(CAMERA.width(), CAMERA.height(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(TABLE);
    g.fillRect(0, 0, image.getWidth(), image.getHeight());
    g.setStroke(new BasicStroke(4));
    fill(g, CARD, PRINT, card(), 0);
    for (double line : new double[] {0.3, 0.5, 0.7}) {
      List<Point> c = card();
      g.setColor(PRINT);
      draw(g, List.of(between(c, 0.12, line), between(c, 0.6, line)), 0);
    }
    fill(g, SKIN, SKIN_LINE, palm(), above());
    for (Finger finger : Finger.of(hand)) {
      NailFromAbove view = placed(finger);
      fill(g, SKIN, SKIN_LINE, view.fingertip(FINGER_DRAWN), above());
      List<Point> plate = new ArrayList<>(view.plate());
      // The free edge from growth point to growth point closes the plate.
      List<Point> edge = new ArrayList<>(view.edgeCurve());
      fill(g, PLATE, PRINT, plate, above());
      fill(g, PLATE, PRINT, edge, above());
      g.setColor(SKIN_LINE);
      double back = -nail(finger).plateLength() - 20;
      draw(g, List.of(view.at(back, -4), view.at(back, 4)), above());
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpeg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private List<Point> palm() {
    double[][] right = {
      {120, 84},
      {134, 74},
      {155, 72},
      {178, 76},
      {200, 88},
      {206, 120},
      {200, 180},
      {140, 180},
      {130, 140}
    };
    return java.util.Arrays.stream(right)
        .map(p -> new Point(hand == Hand.RIGHT ? p[0] : SCENE_WIDTH - p[0], p[1]))
        .toList();
  }

  private List<Point> card() {
    double x = hand == Hand.RIGHT ? 0 : SCENE_WIDTH - Card.USUAL.width();
    double w = Card.USUAL.width();
    double h = Card.USUAL.height();
    return List.of(new Point(x, 0), new Point(x + w, 0), new Point(x + w, h), new Point(x, h));
  }

  private static Point between(List<Point> card, double across, double down) {
    return new Point(
        card.get(0).x() + across * Card.USUAL.width(),
        card.get(0).y() + down * Card.USUAL.height());
  }

  private void fill(Graphics2D g, Color inside, Color line, List<Point> points, double above) {
    Path2D path = path(points, above);
    path.closePath();
    g.setColor(inside);
    g.fill(path);
    g.setColor(line);
    g.draw(path);
  }

  private void draw(Graphics2D g, List<Point> points, double above) {
    g.draw(path(points, above));
  }

  private Path2D path(List<Point> points, double above) {
    Path2D path = new Path2D.Double();
    for (Point point : points) {
      Spot at = seen(point, above);
      if (path.getCurrentPoint() == null) {
        path.moveTo(at.x(), at.y());
      } else {
        path.lineTo(at.x(), at.y());
      }
    }
    return path;
  }

  /** Through a pinhole: turned about a line through the middle, then divided by the distance. */
  private Spot seen(Point place, double above) {
    double a = Math.toRadians(towards);
    double t = Math.toRadians(tilt);
    double x = place.x() - MIDDLE.x();
    double y = place.y() - MIDDLE.y();
    double along = x * Math.cos(a) + y * Math.sin(a);
    double beside = -x * Math.sin(a) + y * Math.cos(a);
    double tilted = along * Math.cos(t) - above * Math.sin(t);
    double deep = -along * Math.sin(t) - above * Math.cos(t);
    double scale = CAMERA.focalPixels() / (DISTANCE + deep);
    return new Spot(
        CAMERA.width() / 2.0 + scale * (tilted * Math.cos(a) - beside * Math.sin(a)),
        CAMERA.height() / 2.0 + scale * (tilted * Math.sin(a) + beside * Math.cos(a)));
  }
}
