package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Handle;
import ongle.app.drawing.Scene.Point;
import ongle.app.web.Numbers;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Profile;

/**
 * One nail in three views at one scale, laid out as a pattern: from above, from the side beneath it
 * on the same length, and down the barrel beside that.
 */
public final class WorkbenchDrawing {
  /** Width the drawing is laid out for, px; settles how many mm a letter takes. */
  private static final double LAID_OUT_FOR = 900;

  private static final double TYPE_PX = 13.5;
  private static final int STEPS = 90;
  private static final double HANDLE_PX = 7;
  private static final double GRIP_PX = 20;

  /** The barrel is drawn larger than the rest, so that the hairline can be judged. */
  private static final double BARREL_SCALE = 1.8;

  private WorkbenchDrawing() {}

  public static Scene of(NailPlan plan, boolean withHandles) {
    Nail nail = plan.nail();
    Profile profile = plan.build().profile();
    double before = 4.5;
    double between = 8.5;
    double barrelWidth = BARREL_SCALE * nail.width() + 4.5;
    double width = before + profile.length() + between + barrelWidth + 2.5;
    double px = width / LAID_OUT_FOR;
    Sheet sheet = new Sheet(plan, new Scene.Builder(TYPE_PX * px), px, withHandles);

    double aboveAt = nail.width() / 2 + 4.2 * sheet.type;
    sheet.fromAbove(aboveAt);
    double highest = highest(plan.arches());
    double sideAt = aboveAt + nail.width() / 2 + 5.4 * sheet.type + highest;
    double sideBottom = sheet.fromSide(sideAt);
    double barrelX = profile.length() + between + barrelWidth / 2;
    double barrelBottom = sheet.downTheBarrel(barrelX, 3.4 * sheet.type);
    double bottom = Math.max(sideBottom, barrelBottom) + sheet.type;
    return sheet.scene.build(
        -before, 0, width, bottom, nail.finger().label() + " nail in three views", inWords(plan));
  }

  /** The drawing as text. */
  static String inWords(NailPlan plan) {
    Profile profile = plan.build().profile();
    return plan.shape().label()
        + ", extension "
        + Numbers.mm(plan.extension())
        + "; apex "
        + Numbers.thickness(profile.apexThickness())
        + " thick, "
        + Numbers.mm(profile.apexAt())
        + " from the cuticle; free edge "
        + Numbers.thickness(profile.edgeThickness())
        + "; barrel depth "
        + Numbers.withUnit(Quantity.BARREL_DEPTH, plan.build().barrelDepthRatio() * 100)
        + " of the width";
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
    private final boolean withHandles;

    Sheet(NailPlan plan, Scene.Builder scene, double px, boolean withHandles) {
      this.plan = plan;
      this.nail = plan.nail();
      this.build = plan.build();
      this.profile = build.profile();
      this.scene = scene;
      this.px = px;
      this.type = scene.type();
      this.withHandles = withHandles;
    }

    /** x is mm from the cuticle in this view and the next. */
    void fromAbove(double middle) {
      double half = nail.width() / 2;
      NailFromAbove view = new NailFromAbove(nail, nail.plateLength(), middle, 0);
      scene.closed("skin", view.fingertip(4.5));
      scene.closed("plate", view.plate());
      scene.closed("product", view.extension(build.outline()));
      scene.closed("product-over-plate", productOnPlate(middle));
      scene.open("smile", view.smileLine());
      double bottom = middle + half;
      scene.line(
          "stress", nail.plateLength(), middle - half - type, nail.plateLength(), bottom + type);
      scene.line("apex-line", profile.apexAt(), middle - half, profile.apexAt(), bottom);
      double y = middle - half - 2.2 * type;
      scene.dimensionAcross(0, nail.plateLength(), y, "plate " + Numbers.mm(nail.plateLength()));
      if (profile.extension() > 0) {
        scene.dimensionAcross(nail.plateLength(), profile.length(), y, "");
        scene.text(
            "dim-figure",
            nail.plateLength() + 0.5 * type,
            y - 0.4 * type,
            "start",
            "extension " + Numbers.mm(profile.extension()));
      }
      scene.dimensionDown(-3.2, middle - half, bottom, true, Numbers.format(nail.width(), 1));
      scene.text("view-name", profile.length() + 1.2, middle + type * 0.35, "start", "from above");
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
      scene.closed("skin", FingerFromSide.of(nail, plan.arches(), ground));
      scene.closed(
          "plate",
          between(
              0,
              Math.min(plateEnd, Math.max(length, plateEnd)),
              x -> ground - arches.lowerAt(x),
              x -> ground - arches.lowerAt(x) + thick));
      scene.closed(
          "product",
          between(0, length, x -> ground - arches.upperAt(x), x -> ground - arches.lowerAt(x)));
      scene.open(
          "upper-arch", Scene.sampled(0, length, STEPS, x -> x, x -> ground - arches.upperAt(x)));

      double apexX = profile.apexAt();
      double apexY = ground - arches.upperAt(apexX);
      double stress = nail.plateLength();
      double lowest = Math.max(ground - arches.lowerAt(length), ground) + 1.4;
      scene.line(
          "stress",
          stress,
          ground - arches.upperAt(stress) - 1.6 * type,
          stress,
          lowest + 2.6 * type);
      scene.text("stress-name", stress + 0.5 * type, lowest + 2.5 * type, "start", "stress line");
      scene.line("apex-line", apexX, apexY, apexX, ground - arches.lowerAt(apexX));
      scene.text(
          "dim-figure",
          apexX,
          apexY - 1.3 * type,
          1.15,
          "middle",
          "apex " + Numbers.thickness(profile.apexThickness()));
      double edgeY = ground - arches.upperAt(length);
      scene.text(
          "dim-figure",
          length + 1.2 * type,
          (edgeY + ground - arches.lowerAt(length)) / 2 + 0.35 * type,
          "start",
          Numbers.thickness(profile.edgeThickness()));
      scene.dimensionAcross(0, apexX, lowest + 1.4 * type, Numbers.mm(apexX));
      scene.text("view-name", length + 1.2 * type, edgeY + 2.6 * type, "start", "from the side");

      if (withHandles) {
        handle(
            "apex",
            apexX,
            apexY,
            "Apex",
            Numbers.thickness(profile.apexThickness())
                + " thick, "
                + Numbers.mm(apexX)
                + " from the cuticle",
            new Axis(
                Quantity.APEX_POSITION, 100 * apexX / nail.plateLength(), 100 / nail.plateLength()),
            new Axis(Quantity.APEX_THICKNESS, profile.apexThickness(), -1));
        handle(
            "edge",
            length,
            edgeY,
            "Free edge",
            Numbers.thickness(profile.edgeThickness()) + " thick",
            null,
            new Axis(Quantity.EDGE_THICKNESS, profile.edgeThickness(), -1));
      }
      return lowest + 3.2 * type;
    }

    /**
     * Seen from the tip, enlarged: the section at the stress line, and the hairline where the
     * barrel is full.
     */
    double downTheBarrel(double middle, double top) {
      double k = BARREL_SCALE;
      CrossThickness across = build.across();
      double stress = nail.plateLength();
      double atStress = k * profile.thicknessAt(stress);
      CrossCurve own = enlarged(nail.crossCurve());
      double crown = top + atStress;
      scene.text(
          "view-name",
          middle,
          top - 1.6 * type,
          "middle",
          "down the barrel, " + k + " times: over the stress line");
      scene.closed("product", ring(own, middle, crown, 0, atStress, across));
      scene.closed("plate", ring(own, middle, crown, -k * nail.condition().thickness(), 0, null));
      scene.text(
          "dim-figure",
          middle,
          top - 0.35 * type,
          "middle",
          Numbers.thickness(profile.thicknessAt(stress)));
      if (profile.extension() == 0) {
        return crown + own.depth() + type;
      }

      double full = stress + Math.min(Build.BARREL_REACHED_AFTER, profile.extension());
      CrossCurve real = CrossCurve.ofRatio(build.arcAt(full).chord(), build.depthRatioAt(full));
      CrossCurve barrel = enlarged(real);
      double thickness = k * profile.edgeThickness();
      double edgeTop = crown + own.depth() + 4.2 * type;
      double edgeCrown = edgeTop + thickness;
      scene.text(
          "view-name",
          middle,
          edgeTop - 0.9 * type,
          "middle",
          "hairline, where the barrel is full");
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
          Math.round(real.circleShare() * 100) + " % of a circle");
      if (withHandles) {
        handle(
            "barrel",
            right,
            foot,
            "Barrel depth",
            Numbers.withUnit(Quantity.BARREL_DEPTH, build.barrelDepthRatio() * 100)
                + " of the width",
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
        CrossCurve curve,
        double middle,
        double crown,
        double inner,
        double outer,
        CrossThickness across) {
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
