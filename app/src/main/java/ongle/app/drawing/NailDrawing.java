package ongle.app.drawing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Handle;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Across;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LightLine;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.structure.Profile;

/**
 * One nail in three views at one scale, laid out as a pattern: from above, from the side beneath it
 * on the same length, and down the barrel beside that.
 */
public final class NailDrawing {
  /** Width the drawing is laid out for, px; settles how many mm a letter takes. */
  private static final double LAID_OUT_FOR = 900;

  private static final double TYPE_PX = 13.5;
  private static final int STEPS = 90;
  private static final double HANDLE_PX = 7;
  private static final double GRIP_PX = 20;

  /** The barrel is drawn larger than the rest, so that the hairline can be judged. */
  private static final double BARREL_SCALE = 1.8;

  /** MarginBand the gap at the cuticle needs at least behind it, mm. */
  private static final double BEHIND = 4.5;

  private NailDrawing() {}

  /**
   * Another build of the same nail, drawn behind it for comparison.
   *
   * @param name whose it is
   */
  public record Ghost(String name, Build build, Arches arches) {}

  /**
   * What is shown besides the nail itself.
   *
   * @param handles to take hold of
   * @param light the reflection a technician looks for
   * @param growth how far it has grown out, mm
   */
  public record Shown(boolean handles, boolean light, Optional<Ghost> ghost, double growth) {
    /** The nail as built, to be worked on. */
    public static final Shown AT_WORK = new Shown(true, false, Optional.empty(), 0);
  }

  public static Scene of(NailPlan plan, Shown shown) {
    Nail nail = plan.nail();
    Profile profile = plan.build().profile();
    double before = BEHIND + shown.growth();
    double between = 8.5;
    double barrelWidth = BARREL_SCALE * nail.width() + 4.5;
    double width = before + profile.length() + between + barrelWidth + 2.5;
    double px = width / LAID_OUT_FOR;
    Sheet sheet = new Sheet(plan, new Scene.Builder(TYPE_PX * px), px, shown);

    double aboveAt = nail.width() / 2 + 4.2 * sheet.type;
    sheet.fromAbove(aboveAt);
    double highest = highest(plan.arches());
    double sideAt = aboveAt + nail.width() / 2 + 6.6 * sheet.type + highest;
    double sideBottom = sheet.fromSide(sideAt);
    double barrelX = profile.length() + between + barrelWidth / 2;
    double barrelBottom = sheet.downTheBarrel(barrelX, 3.4 * sheet.type);
    double bottom = Math.max(sideBottom, barrelBottom) + sheet.type;
    return sheet.scene.build(
        -before,
        0,
        width,
        bottom,
        Words.say("drawing.three-views", "finger", nail.finger()),
        inWords(plan));
  }

  /** The drawing as text. */
  static String inWords(NailPlan plan) {
    Profile profile = plan.build().profile();
    return Words.say(
        "drawing.nail",
        "shape",
        plan.shape(),
        "length",
        plan.extension(),
        "apex",
        profile.apexThickness(),
        "at",
        profile.apexAt(),
        "edge",
        profile.edgeThickness(),
        "barrel",
        plan.build().barrelDepthRatio() * 100);
  }

  private static double highest(Arches arches) {
    return Math.max(arches.upperAt(arches.highestAt()), 0.5);
  }

  private static final class Sheet {
    private final NailPlan plan;
    private final Nail nail;
    private final Build build;
    private final Profile profile;
    private final Scene.Builder scene;
    private final double px;
    private final double type;
    private final Shown shown;
    private final double grown;
    private final double stress;

    Sheet(NailPlan plan, Scene.Builder scene, double px, Shown shown) {
      this.plan = plan;
      this.nail = plan.nail();
      this.build = plan.build();
      this.profile = build.profile();
      this.scene = scene;
      this.px = px;
      this.type = scene.type();
      this.shown = shown;
      this.grown = shown.growth();
      this.stress = nail.plateLength() - grown;
    }

    /** x is mm from the cuticle edge of the build in this view and the next. */
    void fromAbove(double middle) {
      double half = nail.width() / 2;
      NailFromAbove built = new NailFromAbove(nail, nail.plateLength(), middle, 0);
      NailFromAbove finger = new NailFromAbove(grownOut(), stress, middle, 0);
      finger.drawNatural(scene, BEHIND);
      built.drawExtension(scene, build.outline());
      scene.closed("product-over-plate", productOnPlate(middle));
      shown
          .ghost()
          .ifPresent(ghost -> scene.open("ghost", built.extension(ghost.build().outline())));
      scene.open("smile", finger.smileLine());
      if (shown.light()) {
        lightLine(middle);
      }
      double bottom = middle + half;
      scene.line("stress", stress, middle - half - type, stress, bottom + type);
      scene.line("apex-line", profile.apexAt(), middle - half, profile.apexAt(), bottom);
      double y = middle - half - 2.2 * type;
      if (grown > 0) {
        scene.dimensionAcross(-grown, 0, y, "");
        scene.text(
            "dim-figure", 0, y - 0.4 * type, "middle", Words.say("drawing.gap", "gap", grown));
        scene.dimensionAcross(0, stress, y, "");
      } else {
        scene.dimensionAcross(0, stress, y, Words.say("drawing.plate", "length", stress));
      }
      if (profile.extension() > 0) {
        scene.dimensionAcross(stress, profile.length(), y, "");
        scene.text(
            "dim-figure",
            stress + 0.5 * type,
            y - 0.4 * type,
            "start",
            Words.say(
                grown > 0 ? "drawing.lever" : "drawing.extension",
                "length",
                profile.extension() + grown));
      }
      scene.dimensionDown(
          -3.2 - grown, middle - half, bottom, true, Numbers.format(nail.width(), 1));
      scene.text(
          "view-name",
          profile.length() + 1.6,
          middle + type * 0.35,
          "start",
          Words.say("drawing.from-above"));
      if (shown.handles()) {
        handle(
            "length",
            profile.length(),
            middle,
            Words.say("drawing.handle.length"),
            Words.say("drawing.handle.length.about", "length", profile.extension()),
            new Axis(Quantity.EXTENSION, profile.extension(), 1),
            null);
      }
    }

    /** The natural nail with what has grown since. */
    private Nail grownOut() {
      return grown == 0 ? nail : nail.withFreeEdge(nail.freeEdge() + grown);
    }

    private void lightLine(double middle) {
      for (int side = -1; side <= 1; side += 2) {
        List<Point> band = new ArrayList<>();
        List<Point> back = new ArrayList<>();
        for (LightLine.Point point : LightLine.of(build).points()) {
          band.add(new Point(point.x(), middle + side * point.inner()));
          back.add(0, new Point(point.x(), middle + side * point.outer()));
        }
        band.addAll(back);
        scene.closed("light", band);
      }
    }

    /** The product's edge on the plate, a hair inside the plate's own all round. */
    private List<Point> productOnPlate(double middle) {
      List<Point> upper = new ArrayList<>();
      List<Point> lower = new ArrayList<>();
      double inner = nail.plateLength() - CUTICLE_GAP;
      double narrower = 1 - 2 * CUTICLE_GAP / nail.width();
      for (int i = 0; i <= 24; i++) {
        double share = (double) i / 24;
        double from = nail.plateLength() * share * share;
        double x = CUTICLE_GAP + from * inner / nail.plateLength();
        double half = narrower * nail.halfWidthAt(from);
        double lean = Math.tan(Math.toRadians(nail.lean())) * (x - nail.plateLength());
        double towardsLittle = nail.finger().hand() == Hand.RIGHT ? lean : -lean;
        upper.add(new Point(x, middle + towardsLittle - half));
        lower.add(0, new Point(x, middle + towardsLittle + half));
      }
      upper.addAll(lower);
      return upper;
    }

    /** Returns where the view ends below. */
    double fromSide(double ground) {
      Arches arches = plan.arches();
      double length = profile.length();
      double plateEnd = nail.plateLength() + nail.freeEdge();
      double thick = nail.condition().thickness();
      double sunk = arches.lowerAt(-grown);
      scene.closed(
          "skin",
          FingerFromSide.of(nail, plan.arches(), ground).stream()
              .map(point -> new Point(point.x() - grown, point.y() - sunk))
              .toList());
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
      scene.open(
          "upper-arch", Scene.sampled(0, length, STEPS, x -> x, x -> ground - arches.upperAt(x)));
      shown
          .ghost()
          .ifPresent(
              ghost ->
                  scene.open(
                      "ghost",
                      Scene.sampled(
                          0,
                          ghost.build().profile().length(),
                          STEPS,
                          x -> x,
                          x -> ground - ghost.arches().upperAt(x))));
      loadAlong(ground);

      double apexX = profile.apexAt();
      double apexY = ground - arches.upperAt(apexX);
      double lowest = Math.max(ground - arches.lowerAt(length), ground) + 1.4;
      scene.line(
          "stress",
          stress,
          ground - arches.upperAt(stress) - 2.4 * type,
          stress,
          lowest + 2.6 * type);
      scene.text(
          "stress-name",
          stress + 0.5 * type,
          lowest + 2.5 * type,
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
      scene.dimensionAcross(0, apexX, lowest + 1.4 * type, Numbers.mm(apexX));
      scene.text(
          "view-name",
          length + 1.2 * type,
          edgeY + 2.6 * type,
          "start",
          Words.say("drawing.from-the-side"));

      givesFirst(ground);
      if (shown.handles()) {
        handle(
            "apex",
            apexX,
            apexY,
            Words.say("drawing.handle.apex"),
            Words.say(
                "drawing.handle.apex.about", "thickness", profile.apexThickness(), "at", apexX),
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
      return lowest + 3.2 * type;
    }

    /**
     * How hard the product is put to it along the nail, on the worse of the first and the last day:
     * a ribbon over the upper arch, the thicker the harder, in four colours with a word each.
     */
    private void loadAlong(double ground) {
      Arches arches = plan.arches();
      double clear = 0.35 * type;
      List<LoadedNail.Along> along =
          LoadedNail.of(build, plan.term(), LoadedNail.COARSE).along(plan.term().growth());
      MarginBand before = null;
      List<Point> outer = new ArrayList<>();
      List<Point> inner = new ArrayList<>();
      for (LoadedNail.Along place : along) {
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

    /** Which words stand already; one of each is enough. */
    private final Set<MarginBand> said = EnumSet.noneOf(MarginBand.class);

    private void ribbon(MarginBand room, List<Point> outer, List<Point> inner) {
      List<Point> all = new ArrayList<>(outer);
      all.addAll(inner);
      scene.closed("load " + room.css(), all);
      double from = outer.get(0).x();
      double to = outer.get(outer.size() - 1).x();
      if (to - from > 3.2 * type && said.add(room)) {
        Point highest =
            outer.stream().min(java.util.Comparator.comparingDouble(Point::y)).orElseThrow();
        boolean byApex = Math.abs((from + to) / 2 - profile.apexAt()) < 3.4 * type;
        scene.text(
            "load-word",
            byApex ? Math.max(to, profile.apexAt() + 3.6 * type) - 0.2 * type : (from + to) / 2,
            highest.y() - 0.35 * type,
            0.85,
            byApex ? "start" : "middle",
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

    /**
     * Seen from the tip, enlarged: the section at the stress line, and the hairline where the
     * barrel is full.
     */
    double downTheBarrel(double middle, double top) {
      double k = BARREL_SCALE;
      Across across = build.across();
      double overStress = nail.plateLength();
      double atStress = k * profile.thicknessAt(overStress);
      CrossCurve own = enlarged(nail.crossCurve());
      double crown = top + atStress;
      scene.text(
          "view-name",
          middle,
          top - 1.6 * type,
          "middle",
          Words.say("drawing.barrel.stress-line", "times", k));
      scene.closed("product", ring(own, middle, crown, 0, atStress, across));
      scene.closed("plate", ring(own, middle, crown, -k * nail.condition().thickness(), 0, null));
      scene.text(
          "dim-figure",
          middle,
          top - 0.35 * type,
          "middle",
          Numbers.thickness(profile.thicknessAt(overStress)));
      if (shown.handles()) {
        // Upwards is outwards at the side: thicker.
        double side = build.across().side(profile.thicknessAt(overStress));
        double angle = own.halfAngle();
        double radius = Double.isInfinite(own.radius()) ? 0 : own.radius();
        double out = radius + k * side;
        handle(
            "side",
            middle + (radius == 0 ? own.chord() / 2 : out * Math.sin(angle)),
            crown + (radius == 0 ? -k * side : radius - out * Math.cos(angle)),
            Words.of(Quantity.SIDE_THICKNESS),
            Numbers.thickness(side),
            null,
            new Axis(Quantity.SIDE_THICKNESS, side, -1 / k));
      }
      if (profile.extension() == 0 || plan.overlay()) {
        return crown + own.depth() + type;
      }

      CrossCurve real = build.fullBarrel();
      CrossCurve barrel = enlarged(real);
      double thickness = k * profile.edgeThickness();
      double edgeTop = crown + own.depth() + 4.2 * type;
      double edgeCrown = edgeTop + thickness;
      scene.text(
          "view-name", middle, edgeTop - 0.9 * type, "middle", Words.say("drawing.hairline"));
      scene.closed("product", ring(barrel, middle, edgeCrown, 0, thickness, across));
      double left = middle - barrel.chord() / 2;
      double right = middle + barrel.chord() / 2;
      double foot = edgeCrown + barrel.depth();
      scene.line("extend", left, foot, left, foot + 1.6 * type);
      scene.line("extend", right, foot, right, foot + 1.6 * type);
      scene.dimensionAcross(left, right, foot + 2.1 * type, Numbers.mm(real.chord()));
      scene.line("extend", middle, edgeCrown, left - 1.2 * type, edgeCrown);
      scene.dimensionDown(
          left - 0.9 * type, edgeCrown, foot, false, Numbers.format(real.depth(), 1));
      scene.text(
          "note",
          middle,
          foot - 0.3 * type,
          "middle",
          Words.say("drawing.circle-share", "share", real.circleShare() * 100));
      if (shown.handles()) {
        handle(
            "barrel",
            right,
            foot,
            Words.of(Quantity.BARREL_DEPTH),
            Words.say("drawing.handle.barrel.about", "depth", build.barrelDepthRatio() * 100),
            null,
            new Axis(Quantity.BARREL_DEPTH, build.barrelDepthRatio() * 100, 100 / barrel.chord()));
      }
      return foot + 3 * type;
    }

    private static CrossCurve enlarged(CrossCurve curve) {
      return new CrossCurve(BARREL_SCALE * curve.chord(), BARREL_SCALE * curve.depth());
    }

    private void handle(
        String id, double x, double y, String label, String valueText, Axis across, Axis upDown) {
      scene.add(
          new Handle(
              "handle", id, x, y, HANDLE_PX * px, GRIP_PX * px, label, valueText, across, upDown));
    }

    private static List<Point> ring(
        CrossCurve curve, double middle, double crown, double inner, double outer, Across across) {
      CrossCurve bent =
          curve.depthRatio() < 0.001 ? CrossCurve.ofRatio(curve.chord(), 0.001) : curve;
      double radius = bent.radius();
      double half = bent.halfAngle();
      java.util.function.DoubleUnaryOperator top =
          angle -> across == null ? outer : across.at(outer, Math.abs(angle) / half);
      List<Point> points =
          new ArrayList<>(
              Scene.sampled(
                  -half,
                  half,
                  48,
                  a -> middle + (radius + top.applyAsDouble(a)) * Math.sin(a),
                  a -> crown + radius - (radius + top.applyAsDouble(a)) * Math.cos(a)));
      points.addAll(
          Scene.sampled(
              half,
              -half,
              48,
              a -> middle + (radius + inner) * Math.sin(a),
              a -> crown + radius - (radius + inner) * Math.cos(a)));
      return points;
    }

    private static List<Point> between(
        double from,
        double to,
        java.util.function.DoubleUnaryOperator top,
        java.util.function.DoubleUnaryOperator bottom) {
      List<Point> points = new ArrayList<>(Scene.sampled(from, to, STEPS, x -> x, top));
      points.addAll(Scene.sampled(to, from, STEPS, x -> x, bottom));
      return points;
    }
  }

  /** Product keeps this far off the skin, mm; drawn so that nobody floods the cuticle. */
  private static final double CUTICLE_GAP = 0.35;
}
