package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;

/** The finger being measured, with the measure being taken marked on it. */
public final class HowToMeasureDrawing {
  private static final double TYPE = 1.7;
  private static final double WIDTH = 26;

  private HowToMeasureDrawing() {}

  public static Scene of(Nail nail, Quantity quantity, double value) {
    String figure = Numbers.withUnit(quantity, value);
    String what = Words.say("drawing.measure", "quantity", quantity);
    return switch (quantity) {
      case ARCH_DEPTH -> across(nail, figure, what);
      case GROWTH_PITCH -> side(nail, figure, what);
      default -> above(nail, quantity, value, figure, what);
    };
  }

  private static Scene above(
      Nail nail, Quantity quantity, double value, String figure, String what) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    NailFromAbove view = new NailFromAbove(nail, 0, 0, 90);
    view.drawOn(scene, 4, null);
    double half = nail.width() / 2;
    double length = nail.plateLength();
    double beside = half * 1.35 + 1;
    switch (quantity) {
      case WIDTH -> scene.dimensionAcross(-half, half, -length * 0.4, figure);
      case PLATE_LENGTH -> scene.dimensionDown(beside, -length, 0, true, figure);
      case FREE_EDGE ->
          scene.dimensionDown(beside, 0, Math.max(0.3, nail.freeEdge()), true, figure);
      case FREE_EDGE_DEPTH -> {
        scene.line("axis", -half * 1.4, 0, beside + 0.6, 0);
        scene.dimensionDown(beside, 0, Math.max(0.3, nail.freeEdgeDepth()), true, figure);
        scene.open("plate-line", view.edgeCurve());
      }
      case REGROWTH -> {
        double edge = -length + Math.max(0.3, value);
        scene.line("axis", -half * 1.2, edge, beside + 0.6, edge);
        scene.dimensionDown(beside, -length, edge, true, figure);
      }
      case OVERHANG -> scene.dimensionDown(beside, 0, Math.max(0.3, nail.overhang()), true, figure);
      default -> {
        Point cuticle = view.at(-length, -Math.tan(Math.toRadians(nail.lean())) * length);
        scene.line("axis", 0, -length - 3, 0, 4);
        scene.line("dim", cuticle, view.at(0, 0));
        scene.text("dim-figure", beside, -length * 0.4, "start", figure);
      }
    }
    double top = -length - 4;
    return scene.build(
        -WIDTH / 2,
        top,
        WIDTH,
        length + 4 + Math.max(nail.overhang(), Math.max(nail.freeEdge(), nail.freeEdgeDepth())) + 2,
        Words.of(quantity),
        what);
  }

  private static Scene across(Nail nail, String figure, String what) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    CrossCurve curve = nail.crossCurve();
    double half = curve.chord() / 2;
    List<Point> arc =
        curve.depthRatio() < 0.001
            ? List.of(new Point(-half, 0), new Point(half, 0))
            : Scene.sampled(
                -curve.halfAngle(),
                curve.halfAngle(),
                30,
                a -> curve.radius() * Math.sin(a),
                a -> curve.radius() * (1 - Math.cos(a)));
    List<Point> flesh = new ArrayList<>();
    for (int i = 0; i <= 40; i++) {
      double a = 2 * Math.PI * i / 40;
      flesh.add(new Point(half * 1.28 * Math.cos(a), half * 0.95 + half * 0.98 * Math.sin(a)));
    }
    scene.closed("skin", flesh);
    scene.open("plate-line", arc);
    scene.line("extend", -half, curve.depth(), half + 2.5, curve.depth());
    scene.line("extend", 0, 0, half + 2.5, 0);
    scene.dimensionDown(half + 2, 0, curve.depth(), true, figure);
    return scene.build(-WIDTH / 2, -3, WIDTH, half * 2 + 5, Words.of(Quantity.ARCH_DEPTH), what);
  }

  private static Scene side(Nail nail, String figure, String what) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    double rise = Math.tan(Math.toRadians(nail.growthPitch())) * nail.plateLength();
    double left = -nail.plateLength() / 2;
    double right = nail.plateLength() / 2;
    scene.closed(
        "skin",
        List.of(
            new Point(left - 4, -0.5),
            new Point(left, 0),
            new Point(right, -rise),
            new Point(right + nail.overhang(), -rise + 3),
            new Point(right, -rise + 6),
            new Point(left - 4, 7)));
    scene.line("plate-line", left, 0, right, -rise);
    scene.line("axis", left - 4, 0, right + 4, 0);
    scene.text("dim-figure", right + 0.5, -rise - 1.2, "start", figure);
    return scene.build(-WIDTH / 2, -7, WIDTH, 17, Words.of(Quantity.GROWTH_PITCH), what);
  }
}
