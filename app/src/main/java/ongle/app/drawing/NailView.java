package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Handle;
import ongle.app.drawing.Scene.Point;
import ongle.core.nail.Nail;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * One view of a nail as built, in mm of its own: a drawing puts it where it belongs, at the scale
 * it needs.
 */
abstract class NailView {
  private static final int STEPS = 90;

  /** Radius of a handle, and of what can be taken hold of, in ordinary type. */
  private static final double HANDLE = 0.52;

  private static final double GRIP = 1.5;

  final NailPlan plan;
  final Nail nail;
  final Build build;
  final Profile profile;
  final NailDrawing.Shown shown;

  /** How far it has grown out, and where the stress line of the finger is then, mm. */
  final double grown;

  final double stress;
  final Scene.Builder scene;
  final double type;

  /**
   * @param scene at the place and the scale of this view
   */
  NailView(NailPlan plan, NailDrawing.Shown shown, Scene.Builder scene) {
    this.plan = plan;
    this.nail = plan.nail();
    this.build = plan.build();
    this.profile = build.profile();
    this.shown = shown;
    this.grown = shown.growth();
    this.stress = nail.plateLength() - grown;
    this.scene = scene;
    this.type = scene.type();
  }

  final void handle(
      String id, double x, double y, String label, String valueText, Axis across, Axis upDown) {
    scene.add(
        new Handle(
            "handle", id, x, y, HANDLE * type, GRIP * type, label, valueText, across, upDown));
  }

  static List<Point> between(
      double from, double to, DoubleUnaryOperator top, DoubleUnaryOperator bottom) {
    List<Point> points = new ArrayList<>(Scene.sampled(from, to, STEPS, x -> x, top));
    points.addAll(Scene.sampled(to, from, STEPS, x -> x, bottom));
    return points;
  }

  static List<Point> along(double from, double to, DoubleUnaryOperator y) {
    return Scene.sampled(from, to, STEPS, x -> x, y);
  }
}
