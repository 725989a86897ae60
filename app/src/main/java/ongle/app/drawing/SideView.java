package ongle.app.drawing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;

/**
 * From the side: how thick it is where. 0 is the cuticle edge of the build, at the height of the
 * cuticle, the tip to the right.
 */
final class SideView extends NailView {
  /** The finger is seen this far down, in type. */
  private static final double FINGER = 4.2;

  /** Places at which two builds are compared, and what is seen between them, mm. */
  private static final int COMPARED_AT = 160;

  private static final double SEEN = 0.04;

  /** Which words stand already; one of each is enough. */
  private final Set<MarginBand> said = EnumSet.noneOf(MarginBand.class);

  private double wordsEnd = Double.NEGATIVE_INFINITY;

  SideView(NailPlan plan, NailDrawing.Shown shown, Scene.Builder scene) {
    super(plan, shown, scene);
  }

  /** How high it reaches over the cuticle, with what is written above it, mm. */
  static double above(NailPlan plan, double type) {
    return Math.max(plan.arches().upperAt(plan.arches().highestAt()), 0.5) + 3.6 * type;
  }

  /** How deep it reaches below the cuticle, with what is written there, mm. */
  static double below(NailPlan plan, double type) {
    return Math.max(0, -plan.arches().lowerAt(plan.build().profile().length())) + FINGER * type;
  }

  /**
   * @param behind how much of the finger is seen behind the cuticle, mm
   */
  void draw(double behind) {
    double ground = 0;
    Arches arches = plan.arches();
    double length = profile.length();
    double plateEnd = nail.plateLength() + nail.freeEdge();
    double thick = nail.condition().thickness();
    double sunk = arches.lowerAt(-grown);
    FingerFromSide.draw(
        scene.at(-grown, -sunk, 1), nail, arches, behind - grown, below(plan, type) + sunk);
    scene.closed(
        "plate",
        between(
            -grown,
            Math.min(plateEnd, Math.max(length, plateEnd)),
            x -> ground - arches.lowerAt(x),
            x -> ground - arches.lowerAt(x) + thick));
    scene.closed(
        "product",
        between(0, length, x -> ground - arches.upperAt(x), x -> ground - arches.lowerAt(x)));
    if (!build.tip().none()) {
      scene.closed(
          "tip",
          between(
              nail.plateLength() - build.tip().well(),
              nail.plateLength() + build.tip().free(),
              x -> ground - arches.lowerAt(x) - build.tipThicknessAt(x),
              x -> ground - arches.lowerAt(x)));
    }
    shown.ghost().filter(NailDrawing.Ghost::compared).ifPresent(this::apart);
    scene.open("upper-arch", along(0, length, x -> ground - arches.upperAt(x)));
    shown
        .ghost()
        .ifPresent(
            ghost ->
                scene.open(
                    "ghost",
                    along(
                        0,
                        ghost.build().profile().length(),
                        x -> ground - ghost.arches().upperAt(x))));
    loadAlong(ground);

    double apexX = profile.apexAt();
    double apexY = ground - arches.upperAt(apexX);
    double below = Math.max(ground - arches.lowerAt(length), ground) + thick;
    double bottom = below(plan, type) - 0.4 * type;
    scene.line("stress", stress, ground - arches.upperAt(stress) - 2.4 * type, stress, bottom);
    scene.text(
        "stress-name",
        stress + 0.5 * type,
        bottom - 0.2 * type,
        "start",
        Words.say("drawing.stress-line"));
    scene.line("apex-line", apexX, apexY, apexX, ground - arches.lowerAt(apexX));
    scene.text(
        "dim-figure",
        apexX,
        apexY - 2.3 * type,
        1.15,
        "middle",
        Words.say("drawing.apex", "thickness", profile.apexThickness()));
    double edgeY = ground - arches.upperAt(length);
    scene.text(
        "dim-figure",
        length + 1.2 * type,
        (edgeY + ground - arches.lowerAt(length)) / 2 + 0.35 * type,
        "start",
        Numbers.thickness(profile.edgeThickness()));
    scene.dimensionAcross(0, apexX, below + 2.1 * type, Numbers.mm(apexX));
    givesFirst(ground);
    if (shown.handles()) {
      handle(
          "apex",
          apexX,
          apexY,
          Words.say("drawing.handle.apex"),
          Words.say("drawing.handle.apex.about", "thickness", profile.apexThickness(), "at", apexX),
          new Axis(
              Quantity.APEX_POSITION, 100 * apexX / nail.plateLength(), 100 / nail.plateLength()),
          new Axis(Quantity.APEX_THICKNESS, profile.apexThickness(), -1));
      handle(
          "edge",
          length,
          edgeY,
          Words.say("drawing.handle.edge"),
          Words.say("drawing.handle.edge.about", "thickness", profile.edgeThickness()),
          null,
          new Axis(Quantity.EDGE_THICKNESS, profile.edgeThickness(), -1));
    }
  }

  /** What stands over the other build, and what is lacking under it. */
  private void apart(NailDrawing.Ghost other) {
    Arches own = plan.arches();
    double whole = Math.max(profile.length(), other.build().profile().length());
    String sign = "";
    List<Point> upper = new ArrayList<>();
    List<Point> lower = new ArrayList<>();
    for (int i = 0; i <= COMPARED_AT; i++) {
      double x = whole * i / COMPARED_AT;
      double here = top(own, profile.length(), x);
      double there = top(other.arches(), other.build().profile().length(), x);
      String now = here > there + SEEN ? "over" : here < there - SEEN ? "under" : "";
      if (!now.equals(sign)) {
        area(sign, upper, lower);
        upper = new ArrayList<>();
        lower = new ArrayList<>();
        sign = now;
      }
      upper.add(new Point(x, -Math.max(here, there)));
      lower.add(0, new Point(x, -Math.min(here, there)));
    }
    area(sign, upper, lower);
  }

  /** The upper arch; beyond the tip there is none, down to the lower arch. */
  private static double top(Arches arches, double length, double x) {
    return x > length ? arches.lowerAt(x) : arches.upperAt(x);
  }

  private void area(String sign, List<Point> upper, List<Point> lower) {
    if (!sign.isEmpty() && upper.size() > 1) {
      List<Point> all = new ArrayList<>(upper);
      all.addAll(lower);
      scene.closed(sign, all);
    }
  }

  /**
   * How hard the product is put to it along the nail, on the worse of the first and the last day: a
   * ribbon over the upper arch, the thicker the harder, in four colours with a word each.
   */
  private void loadAlong(double ground) {
    Arches arches = plan.arches();
    double clear = 0.35 * type;
    MarginBand before = null;
    List<Point> outer = new ArrayList<>();
    List<Point> inner = new ArrayList<>();
    for (LoadedNail.Along place : plan.loadAlong()) {
      MarginBand room = MarginBand.of(place.margin() / FailureMode.CRACK.aim());
      double y = ground - arches.upperAt(place.x()) - clear;
      double high = type * Math.min(1.1, 0.8 * FailureMode.CRACK.aim() / place.margin());
      outer.add(new Point(place.x(), y - high));
      inner.add(0, new Point(place.x(), y));
      if (before != null && room != before) {
        ribbon(before, outer, inner);
        outer = new ArrayList<>(List.of(new Point(place.x(), y - high)));
        inner = new ArrayList<>(List.of(new Point(place.x(), y)));
      }
      before = room;
    }
    ribbon(before, outer, inner);
  }

  private void ribbon(MarginBand room, List<Point> outer, List<Point> inner) {
    List<Point> all = new ArrayList<>(outer);
    all.addAll(inner);
    scene.closed("load " + room.css(), all);
    double from = outer.get(0).x();
    double to = outer.get(outer.size() - 1).x();
    if (to - from > 3.2 * type && said.add(room)) {
      double middle = (from + to) / 2;
      // Beside the apex, whose thickness stands over it, and beside the stress line.
      boolean byApex = Math.abs(middle - profile.apexAt()) < 3.4 * type;
      double start = byApex ? Math.max(to, profile.apexAt() + 3.6 * type) - 0.2 * type : middle;
      boolean onLine = Math.abs(start + (byApex ? 1.2 * type : 0) - stress) < 1.8 * type;
      double x = onLine ? stress + 0.6 * type : start;
      double wide = 0.5 * Words.of(room).length() * type;
      double begins = byApex || onLine ? x : x - wide / 2;
      if (begins < wordsEnd + 0.4 * type) {
        return;
      }
      wordsEnd = begins + wide;
      double over =
          outer.stream()
              .filter(point -> Math.abs(point.x() - x) < 3 * type)
              .mapToDouble(Point::y)
              .min()
              .orElseGet(() -> outer.get(0).y());
      scene.text(
          "load-word",
          x,
          over - 0.35 * type,
          0.85,
          byApex || onLine ? "start" : "middle",
          Words.of(room));
    }
  }

  /** Marks the place where it gives first. */
  private void givesFirst(double ground) {
    Arches arches = plan.arches();
    Margins.Margin first = plan.endurance().weakest();
    double x = Math.min(first.at(), profile.length());
    double y =
        switch (first.cause()) {
          case CRACK -> ground - arches.upperAt(x);
          case PLATE, BED, LIFT -> ground - arches.lowerAt(x) + nail.condition().thickness() / 2;
        };
    scene.circle("gives-first", x, y, 0.55 * type);
  }
}
