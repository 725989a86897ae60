package ongle.app.drawing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Memo;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.shape.Outline;

/** The ten: each in a cell of the strip, all at one scale, and both hands together. */
public final class TenDrawing {
  private static final double CELL_WIDTH = 21;
  private static final double BEHIND = 4;
  private static final double MARGIN = 1.2;

  /** How far apart the fingers of a drawn hand lie, mm to the little finger's side; index first. */
  private static final double[] ACROSS = {-50, -27, -8, 11, 29};

  /** How far each fingertip stays behind the middle finger's, mm. */
  private static final double[] BACK = {36, 6, 0, 5, 17};

  private static final double THUMB_TURNED = 24;
  private static final double FINGER_DRAWN = 24;

  private static final String LENGTH = "length-";

  /** Every page of a set shows its ten. */
  private static final Memo<Cell, Scene> CELLS = Memo.forEachDesk(80);

  private record Cell(
      Nail nail,
      Optional<Outline> built,
      double extension,
      double behind,
      double beyond,
      Seat seat,
      Locale language) {}

  private TenDrawing() {}

  /**
   * One cell of the strip.
   *
   * @param plan of the finger
   * @param all the ten, which settle the common scale
   */
  public static Scene cell(NailPlan plan, List<NailPlan> all, Seat seat) {
    double behind = all.stream().mapToDouble(p -> p.nail().plateLength()).max().orElse(12) + BEHIND;
    double beyond =
        all.stream().mapToDouble(p -> Math.max(p.extension(), p.nail().overhang())).max().orElse(5)
            + MARGIN;
    return CELLS.of(
        new Cell(
            plan.nail(),
            plan.stopped() ? Optional.empty() : Optional.of(plan.build().outline()),
            plan.extension(),
            behind,
            beyond,
            seat,
            Words.locale()),
        () -> cell(plan, behind, beyond, seat));
  }

  private static Scene cell(NailPlan plan, double behind, double beyond, Seat seat) {
    Nail nail = plan.nail();
    Scene.Builder scene = new Scene.Builder(2.6);
    double top = seat == Seat.OPPOSITE ? -behind : -beyond;
    NailFromAbove.upright(nail, seat, 0, 0)
        .drawOn(scene, behind - nail.plateLength(), plan.stopped() ? null : plan.build().outline());
    String what =
        Words.say(
            plan.stopped() ? "drawing.cell.stopped" : "drawing.cell.built",
            "finger",
            nail.finger(),
            "width",
            nail.width(),
            "length",
            nail.plateLength(),
            "extension",
            plan.extension());
    return scene.build(
        -CELL_WIDTH / 2, top, CELL_WIDTH, behind + beyond, Words.of(nail.finger()), what);
  }

  /**
   * A natural nail as it was at a visit, to the scale of the others of the visit.
   *
   * @param regrowth beyond which the last build began, mm; 0 if that was not measured
   */
  public static Scene natural(Nail nail, List<Nail> all, Seat seat, double regrowth) {
    double behind = all.stream().mapToDouble(Nail::plateLength).max().orElse(12) + BEHIND;
    double beyond =
        all.stream().mapToDouble(n -> Math.max(n.freeEdge(), n.overhang())).max().orElse(2)
            + MARGIN;
    Scene.Builder scene = new Scene.Builder(2.6);
    NailFromAbove view = NailFromAbove.upright(nail, seat, 0, 0);
    view.drawOn(scene, behind - nail.plateLength(), null);
    if (regrowth > 0) {
      double along = regrowth - nail.plateLength();
      double half = nail.halfWidthAt(regrowth);
      scene.line("dim", view.at(along, -half), view.at(along, half));
    }
    return scene.build(
        -CELL_WIDTH / 2,
        seat == Seat.OPPOSITE ? -behind : -beyond,
        CELL_WIDTH,
        behind + beyond,
        Words.of(nail.finger()),
        Words.say(
            "drawing.cell",
            "finger",
            nail.finger(),
            "width",
            nail.width(),
            "length",
            nail.plateLength()));
  }

  /** Whose handle this is; empty if it is none of the ten's. */
  public static Optional<Finger> fingerOf(String handleId) {
    return Arrays.stream(Finger.values())
        .filter(finger -> handleId.equals(SvgMarks.HANDLE_ID + LENGTH + finger))
        .findFirst();
  }

  /** At the tip of a nail, to be pulled along it. */
  private static Scene.Handle lengthHandle(NailPlan plan, NailFromAbove nail) {
    Finger finger = plan.nail().finger();
    Point tip = nail.at(plan.extension(), 0);
    Point further = nail.at(plan.extension() + 1, 0);
    return new Scene.Handle(
        "handle",
        LENGTH + finger,
        tip.x(),
        tip.y(),
        1.5,
        4.5,
        Words.say("drawing.length-handle", "finger", finger),
        Numbers.withUnit(Quantity.EXTENSION, plan.extension()),
        null,
        new Scene.Axis(Quantity.EXTENSION, plan.extension(), Math.signum(further.y() - tip.y())));
  }

  /** Both hands, every nail to scale, with its extension in mm. */
  public static Scene hands(List<NailPlan> plans, Seat seat, Finger chosen) {
    return hands(
        plans,
        seat,
        Words.say("drawing.ten"),
        Words.say("drawing.ten.about"),
        (scene, plan, nail) -> {
          if (!plan.stopped()) {
            if (plan.nail().finger() == chosen) {
              scene.open("chosen-outline", nail.extension(plan.build().outline()));
            }
            scene.add(lengthHandle(plan, nail));
          }
          return Numbers.format(plan.extension(), 1);
        });
  }

  /** Both hands, every nail by how far it is from giving; the weakest is marked. */
  public static Scene margins(SetPlan set, Seat seat, Finger chosen) {
    Finger weakest = set.weakest().map(plan -> plan.nail().finger()).orElse(null);
    return hands(
        set.nails(),
        seat,
        Words.say("drawing.margins"),
        Words.say("drawing.margins.about"),
        (scene, plan, nail) -> {
          if (plan.stopped()) {
            return "";
          }
          double ofAim = plan.endurance().governing().ofAim();
          scene.closed(
              "load " + MarginBand.of(ofAim).css(), nail.extension(plan.build().outline()));
          if (plan.nail().finger() == chosen) {
            scene.open("chosen-outline", nail.extension(plan.build().outline()));
          }
          if (plan.nail().finger() == weakest) {
            Point tip = nail.at(plan.extension() + 2.2, 0);
            scene.text(
                "warn-figure", tip.x(), tip.y() + 0.9, 1.1, "middle", Words.say("drawing.weakest"));
          }
          return ofAim > 9 ? "9+" : Numbers.format(ofAim, 2);
        });
  }

  /** What is drawn on one nail of the hands, and the figure it gets. */
  @FunctionalInterface
  private interface OnNail {
    String draw(Scene.Builder scene, NailPlan plan, NailFromAbove nail);
  }

  private static Scene hands(
      List<NailPlan> plans, Seat seat, String title, String about, OnNail onNail) {
    boolean opposite = seat == Seat.OPPOSITE;
    Scene.Builder scene = new Scene.Builder(2.5);
    double reach = plans.stream().mapToDouble(NailPlan::extension).max().orElse(5);
    for (NailPlan plan : plans) {
      Finger finger = plan.nail().finger();
      Digit digit = finger.digit();
      boolean right = finger.hand() == Hand.RIGHT;
      // Seen by the client with tips up, the right hand lies right and its little finger outside.
      double across = (right ? 1 : -1) * (66 + ACROSS[digit.ordinal()]);
      double back = BACK[digit.ordinal()];
      double turned = digit == Digit.THUMB ? (right ? -THUMB_TURNED : THUMB_TURNED) : 0;
      double x = opposite ? -across : across;
      double y = opposite ? -back : back;
      NailFromAbove nail = new NailFromAbove(plan.nail(), x, y, (opposite ? 90 : -90) + turned);
      nail.drawOn(scene, FINGER_DRAWN, plan.stopped() ? null : plan.build().outline());
      String figure = onNail.draw(scene, plan, nail);
      Point label = nail.at(-plan.nail().plateLength() - 4.6, 0);
      scene.text(
          plan.stopped() ? "warn-figure" : "dim-figure",
          label.x(),
          label.y() + 0.9,
          1.1,
          "middle",
          plan.stopped() ? Words.say("drawing.stop") : figure);
    }
    double near = FINGER_DRAWN + 13 + 34;
    double top = opposite ? -near : -reach - 3;
    Hand left = opposite ? Hand.RIGHT : Hand.LEFT;
    double labelY = opposite ? top + near + reach - 1 : top + near + reach + 0.5;
    scene.text(
        "note",
        -4,
        labelY,
        "end",
        Words.say("drawing.clients-hand", "hand", Words.of(left, "hand")));
    scene.text(
        "note",
        4,
        labelY,
        "start",
        Words.say("drawing.clients-hand", "hand", Words.of(left.other(), "hand")));
    return scene.build(
        -110,
        top,
        220,
        near + reach + 3,
        title,
        Words.say(opposite ? "drawing.seen.opposite" : "drawing.seen.client", "about", about));
  }
}
