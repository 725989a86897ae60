package ongle.app.drawing;

import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.cause.Finding;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Nail;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;

/** One built nail from above, to tap on where something happened. */
public final class PlacesDrawing {
  private static final double BEHIND = 4;
  private static final double MARGIN = 1.5;
  private static final double TYPE = 2;

  /** Of the plate: so much belongs to the cuticle, and so much of its width to either side. */
  private static final double CUTICLE = 0.3;

  private static final double SIDE = 0.28;

  /** The stress line's place reaches this far before and behind it, mm. */
  private static final double STRESS = 1.6;

  /** The join of a tip lies this far behind the stress line, and is this long, mm. */
  private static final double JOIN_LONG = 2;

  private final Scene.Builder scene = new Scene.Builder(TYPE);
  private final Nail nail;
  private final double left;
  private final double down;

  private PlacesDrawing(Nail nail, Seat seat) {
    this.nail = nail;
    // Left is as seen with the tip away; from the other side of the desk the tip points here.
    left = seat == Seat.OPPOSITE ? 1 : -1;
    down = seat == Seat.OPPOSITE ? 1 : -1;
  }

  /**
   * @param found what happened to it already
   */
  public static Scene of(NailPlan plan, Seat seat, List<Finding> found) {
    return new PlacesDrawing(plan.nail(), seat).drawn(plan, seat, found);
  }

  private Scene drawn(NailPlan plan, Seat seat, List<Finding> found) {
    double length = nail.plateLength();
    double beyond = Math.max(plan.extension(), nail.overhang());
    NailFromAbove.upright(nail, seat, 0, 0).drawOn(scene, BEHIND, plan.build().outline());
    boolean tip = plan.fit().way() == BuildWay.TIP;
    double middle = 0.5 - SIDE;
    double body = -length * (1 - CUTICLE);
    double stress = tip ? -STRESS / 2 : -STRESS;
    place(Finding.Place.CUTICLE, -length, body, -0.5, 0.5);
    place(Finding.Place.LEFT_SIDE, body, stress, middle, 0.5);
    place(Finding.Place.RIGHT_SIDE, body, stress, -0.5, -middle);
    if (tip) {
      place(Finding.Place.JOIN, stress - JOIN_LONG, stress, -middle, middle);
    }
    double edge = 0.6 * plan.extension();
    place(Finding.Place.STRESS_LINE, stress, edge, -0.5, 0.5);
    place(Finding.Place.FREE_EDGE, edge, plan.extension(), -0.5, 0.5);
    for (Finding each : found) {
      Point at = at(middle(each.place(), length, plan.extension()), across(each.place()));
      scene.circle("place-found", at.x(), at.y(), 0.9);
    }
    double height = BEHIND + length + beyond + MARGIN;
    return scene.build(
        -nail.width() * 0.75,
        seat == Seat.OPPOSITE ? -length - BEHIND : -beyond - MARGIN,
        nail.width() * 1.5,
        height,
        Words.say("wear.places"),
        Words.of(nail.finger()));
  }

  private static double middle(Finding.Place place, double length, double extension) {
    return switch (place) {
      case CUTICLE -> -length * (1 - CUTICLE / 2);
      case LEFT_SIDE, RIGHT_SIDE -> -length * (1 - CUTICLE) / 2;
      case JOIN -> -JOIN_LONG;
      case STRESS_LINE -> 0;
      case FREE_EDGE -> extension * 0.85;
    };
  }

  private static double across(Finding.Place place) {
    return switch (place) {
      case LEFT_SIDE -> 0.5 - SIDE / 2;
      case RIGHT_SIDE -> -0.5 + SIDE / 2;
      default -> 0;
    };
  }

  /** A place between two lengths from the stress line, mm, and two shares of the width. */
  private void place(Finding.Place place, double from, double to, double right, double leftmost) {
    scene.place(
        "place",
        place.name(),
        Words.of(place),
        List.of(at(from, right), at(to, right), at(to, leftmost), at(from, leftmost)));
  }

  private Point at(double along, double share) {
    return new Point(left * share * nail.width(), down * along);
  }
}
