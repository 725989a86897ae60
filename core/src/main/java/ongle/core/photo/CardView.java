package ongle.core.photo;

import java.util.Comparator;
import java.util.List;

/**
 * The card as seen in a picture, and with it the way from a pixel to a place in mm.
 *
 * <p>The picture of a plane is a projective map of it; four corners fix it (the closed form for a
 * square seen as a quadrangle, known from texture mapping). With the camera's focal length the map
 * also gives where the camera stood, and so how far it was tilted and what lies above the card's
 * plane.
 */
public final class CardView {
  /** Tilts above this are worth a warning, degrees. */
  public static final double TILT_WARNING = 25;

  /** Tilts above this are refused, degrees. */
  public static final double MAX_TILT = 50;

  /** How far nails lie above a card that lies on the table beside the hand, mm. */
  public static final double NAILS_ABOVE_TABLE = 9;

  /** A card smaller than this in the picture gives no measure, px. */
  private static final double MIN_SIDE = 60;

  private static final double SCALE_STEP = 0.5;

  private final Card card;
  private final double[] toPicture;
  private final double[] toCard;
  private final double tilt;
  private final double distance;
  private final Spot below;

  private CardView(Card card, Camera camera, double[] toPicture) {
    this.card = card;
    this.toPicture = toPicture;
    toCard = inverse(toPicture);
    double f = camera.focalPixels();
    double[] across = ray(toPicture, 0, camera, f);
    double[] down = ray(toPicture, 1, camera, f);
    double[] origin = ray(toPicture, 2, camera, f);
    double scale = (length(across) + length(down)) / 2;
    double[] normal = cross(unit(across), unit(down));
    double upright = normal[2] / length(normal);
    tilt = Math.toDegrees(Math.acos(Math.min(1, Math.abs(upright))));
    // The camera as seen from the card: minus the card's origin, turned into the card's own axes.
    distance = Math.abs(dot(origin, unit(normal))) / scale;
    below = new Spot(-dot(origin, unit(across)) / scale, -dot(origin, unit(down)) / scale);
  }

  /**
   * @param corners of the card in the picture, in any order
   * @throws MarkTrouble if they are no card's corners
   */
  public static CardView of(List<Spot> corners, Card card, Camera camera) {
    if (corners.size() != 4) {
      throw new MarkTrouble(new MarkTrouble.Why.FourCorners());
    }
    List<Spot> around = around(corners);
    checkCorners(around);
    // The side that is longer in the picture, with its opposite, is taken for the long one.
    double first = side(around, 0) + side(around, 2);
    double second = side(around, 1) + side(around, 3);
    List<Spot> fromLong =
        first >= second
            ? around
            : List.of(around.get(1), around.get(2), around.get(3), around.get(0));
    CardView view = new CardView(card, camera, squareTo(fromLong, card));
    if (view.tilt > MAX_TILT) {
      throw new MarkTrouble(new MarkTrouble.Why.Tilted(view.tilt));
    }
    return view;
  }

  /** Clockwise, so that the order they were marked in does not matter. */
  private static List<Spot> around(List<Spot> corners) {
    Spot middle = corners.stream().reduce(Spot::plus).orElseThrow().times(0.25);
    return corners.stream()
        .sorted(Comparator.comparingDouble(c -> Math.atan2(c.y() - middle.y(), c.x() - middle.x())))
        .toList();
  }

  private static void checkCorners(List<Spot> around) {
    for (int i = 0; i < 4; i++) {
      Spot here = around.get(i);
      Spot along = around.get((i + 1) % 4).minus(here);
      Spot back = around.get((i + 3) % 4).minus(here);
      if (along.length() < MIN_SIDE) {
        throw new MarkTrouble(new MarkTrouble.Why.CardTooSmall());
      }
      // Less than 20° or more than 160° in a corner is no card seen by a camera held over it.
      double sine = along.cross(back) / (along.length() * back.length());
      if (sine < Math.sin(Math.toRadians(20))) {
        throw new MarkTrouble(new MarkTrouble.Why.NoCard());
      }
    }
  }

  private static double side(List<Spot> around, int i) {
    return around.get((i + 1) % 4).minus(around.get(i)).length();
  }

  /** The map from mm on the card to pixels, row by row. */
  private static double[] squareTo(List<Spot> q, Card card) {
    Spot d1 = q.get(1).minus(q.get(2));
    Spot d2 = q.get(3).minus(q.get(2));
    Spot s = q.get(0).minus(q.get(1)).plus(q.get(2)).minus(q.get(3));
    double det = d1.cross(d2);
    double g = s.cross(d2) / det;
    double h = d1.cross(s) / det;
    Spot right = q.get(1).minus(q.get(0)).plus(q.get(1).times(g));
    Spot down = q.get(3).minus(q.get(0)).plus(q.get(3).times(h));
    double w = card.width();
    double t = card.height();
    return new double[] {
      right.x() / w, down.x() / t, q.get(0).x(),
      right.y() / w, down.y() / t, q.get(0).y(),
      g / w, h / t, 1
    };
  }

  /**
   * Where a pixel lies, mm from the card's corner.
   *
   * @param above how far it lies above the card's plane, towards the camera, mm
   */
  public Spot place(Spot pixel, double above) {
    Spot onPlane = map(toCard, pixel);
    double share = above / distance;
    return onPlane.plus(below.minus(onPlane).times(share));
  }

  /** Where a place on the card's plane is seen. */
  public Spot pixel(Spot place) {
    return map(toPicture, place);
  }

  /** Between the way the camera looks and straight down, degrees. */
  public double tilt() {
    return tilt;
  }

  /** Of the camera above the card's plane, mm. */
  public double distance() {
    return distance;
  }

  /** Pixels a millimetre, in the middle of the card. */
  public double pixelsPerMillimetre() {
    Spot middle = new Spot(card.width() / 2, card.height() / 2);
    Spot a = pixel(middle.minus(new Spot(SCALE_STEP, 0)));
    Spot b = pixel(middle.plus(new Spot(SCALE_STEP, 0)));
    return b.minus(a).length() / (2 * SCALE_STEP);
  }

  private static Spot map(double[] m, Spot p) {
    double w = m[6] * p.x() + m[7] * p.y() + m[8];
    return new Spot(
        (m[0] * p.x() + m[1] * p.y() + m[2]) / w, (m[3] * p.x() + m[4] * p.y() + m[5]) / w);
  }

  private static double[] inverse(double[] m) {
    double[] adjugate = {
      m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
      m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
      m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
    };
    return adjugate; // the scale of a projective map is of no matter
  }

  /** A column of the map as a direction in front of the camera. */
  private static double[] ray(double[] m, int column, Camera camera, double focal) {
    double z = m[6 + column];
    return new double[] {
      (m[column] - camera.width() / 2.0 * z) / focal,
      (m[3 + column] - camera.height() / 2.0 * z) / focal,
      z
    };
  }

  private static double dot(double[] a, double[] b) {
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  }

  private static double[] cross(double[] a, double[] b) {
    return new double[] {
      a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
    };
  }

  private static double length(double[] a) {
    return Math.sqrt(dot(a, a));
  }

  private static double[] unit(double[] a) {
    double l = length(a);
    return new double[] {a[0] / l, a[1] / l, a[2] / l};
  }
}
