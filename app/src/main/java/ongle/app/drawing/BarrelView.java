package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Across;

/** Seen from the tip: a section of the build, down the barrel. */
final class BarrelView extends NailView {
  BarrelView(NailPlan plan, NailDrawing.Shown shown, Scene.Builder scene) {
    super(plan, shown, scene);
  }

  /** The section at the stress line; 0 is its middle, at the top of the product. */
  void overStressLine() {
    double middle = 0;
    Across across = build.across();
    double overStress = nail.plateLength();
    double atStress = profile.thicknessAt(overStress);
    CrossCurve own = nail.crossCurve();
    double crown = atStress;
    scene.text("view-name", middle, -1.6 * type, "middle", Words.say("drawing.barrel.stress-line"));
    scene.closed("product", ring(own, middle, crown, 0, atStress, across));
    scene.closed("plate", ring(own, middle, crown, -nail.condition().thickness(), 0, null));
    scene.text(
        "dim-figure",
        middle,
        -0.35 * type,
        "middle",
        Numbers.thickness(profile.thicknessAt(overStress)));
    if (shown.handles()) {
      // Upwards is outwards at the side: thicker.
      double side = build.across().side(profile.thicknessAt(overStress));
      double angle = own.halfAngle();
      double radius = Double.isInfinite(own.radius()) ? 0 : own.radius();
      double out = radius + side;
      handle(
          "side",
          middle + (radius == 0 ? own.chord() / 2 : out * Math.sin(angle)),
          crown + (radius == 0 ? -side : radius - out * Math.cos(angle)),
          Words.of(Quantity.SIDE_THICKNESS),
          Numbers.thickness(side),
          null,
          new Axis(Quantity.SIDE_THICKNESS, side, -1));
    }
  }

  /** The hairline where the barrel is full; 0 is its middle, at the top of the product. */
  void hairline() {
    double middle = 0;
    Across across = build.across();
    CrossCurve barrel = build.fullBarrel();
    double thickness = profile.edgeThickness();
    double edgeCrown = thickness;
    scene.text("view-name", middle, -1.6 * type, "middle", Words.say("drawing.hairline"));
    scene.closed("product", ring(barrel, middle, edgeCrown, 0, thickness, across));
    double left = middle - barrel.chord() / 2;
    double right = middle + barrel.chord() / 2;
    double foot = edgeCrown + barrel.depth();
    scene.line("extend", left, foot, left, foot + 1.6 * type);
    scene.line("extend", right, foot, right, foot + 1.6 * type);
    scene.dimensionAcross(left, right, foot + 2.1 * type, Numbers.mm(barrel.chord()));
    scene.line("extend", middle, edgeCrown, left - 1.2 * type, edgeCrown);
    scene.dimensionDown(
        left - 0.9 * type, edgeCrown, foot, false, Numbers.format(barrel.depth(), 1));
    scene.text(
        "note",
        middle,
        foot - 0.3 * type,
        "middle",
        Words.say("drawing.circle-share", "share", barrel.circleShare() * 100));
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
  }

  private static List<Point> ring(
      CrossCurve curve, double middle, double crown, double inner, double outer, Across across) {
    CrossCurve bent = curve.depthRatio() < 0.001 ? CrossCurve.ofRatio(curve.chord(), 0.001) : curve;
    double radius = bent.radius();
    double half = bent.halfAngle();
    DoubleUnaryOperator top =
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
}
