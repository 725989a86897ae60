package ongle.app.drawing;

import java.util.List;
import java.util.Optional;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CrossCurve;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Pinch;

/** Down the barrel before and after pinching, with the circle it is a part of. */
public final class PinchDrawing {
  private static final double SCALE = 3;
  private static final double TYPE = 1.05;

  private PinchDrawing() {}

  /** The barrel where it has its full depth, three times as large as life. */
  public static Scene of(NailPlan plan) {
    Optional<Pinch> pinch = plan.pinch();
    return pinch.isPresent() ? of(plan, pinch.get()) : asBuilt(plan);
  }

  /** Nothing is squeezed: the barrel as form, tip or plate gives it. */
  private static Scene asBuilt(NailPlan plan) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    double beyond = plan.build().barrelFullAt();
    double thickness = plan.build().profile().thicknessAt(plan.nail().plateLength() + beyond);
    CrossCurve real = plan.build().fullBarrel();
    CrossCurve barrel = enlarged(real);
    double crown = 3.4 + SCALE * thickness;
    scene.closed("product", crescent(plan, barrel, crown, SCALE * thickness));
    double low = crown + barrel.depth() + 2.2;
    dimension(scene, barrel, low, Numbers.mm(real.chord()), crown);
    scene.dimensionDown(
        -barrel.chord() / 2 - 2.4, crown, crown + barrel.depth(), false, Numbers.mm(real.depth()));
    scene.text("view-name", 0, 2, "middle", Words.say("drawing.barrel.title", "beyond", beyond));
    double half = barrel.chord() / 2 + 9;
    return scene.build(
        -half,
        0,
        2 * half,
        low + 1.8,
        Words.of(plan.nail().finger()) + " barrel",
        Words.say("drawing.wide-deep", "width", real.chord(), "depth", real.depth()));
  }

  private static Scene of(NailPlan plan, Pinch pinch) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    double x = plan.nail().plateLength() + pinch.beyond();
    double thickness = plan.build().profile().thicknessAt(x);
    double half = SCALE * pinch.built().chord() / 2 + 9;
    double crown = 3.4 + SCALE * thickness;
    CrossCurve unpinched = enlarged(pinch.built());
    CrossCurve pinched = enlarged(pinch.pinched());
    double foot = crown + Math.max(pinched.depth(), unpinched.depth());
    scene.open("wanted", arc(unpinched, crown, 0));
    scene.closed("product", crescent(plan, pinched, crown, SCALE * thickness));
    double low = foot + 2.2;
    dimension(
        scene, pinched, low, Words.say("drawing.pinched", "width", pinch.pinched().chord()), crown);
    dimension(
        scene,
        unpinched,
        low + 2.6,
        Words.say("drawing.as-built", "width", pinch.built().chord()),
        crown);
    scene.dimensionDown(
        -pinched.chord() / 2 - 2.4,
        crown,
        crown + pinched.depth(),
        false,
        Numbers.mm(pinch.pinched().depth()));
    if (!Double.isInfinite(pinch.pinched().radius()) && pinch.pinched().radius() < 25) {
      scene.text(
          "dim-figure",
          0,
          crown + pinched.depth() * 0.75 + 1,
          "middle",
          "R " + Numbers.mm(pinch.pinched().radius()));
    }
    scene.text(
        "view-name", 0, 2, "middle", Words.say("drawing.barrel.pinch", "beyond", pinch.beyond()));
    return scene.build(
        -half,
        0,
        2 * half,
        low + 4.2,
        Words.say("drawing.pinch", "finger", plan.nail().finger()),
        Words.say(
            "drawing.pinch.about",
            "built",
            pinch.built().chord(),
            "pinched",
            pinch.pinched().chord(),
            "share",
            100 * pinch.pinched().circleShare()));
  }

  /** A barrel's inside at true size, to hold a finished nail against: its circle and its arc. */
  public static Scene guide(NailPlan plan) {
    Scene.Builder scene = new Scene.Builder(2.4);
    CrossCurve curve = plan.build().fullBarrel();
    double radius = Math.min(curve.radius(), 30);
    double top = 4.5;
    scene.text("note", 0, 2.6, "middle", Words.of(plan.nail().finger()));
    if (curve.radius() <= 30) {
      scene.circle("ruler", 0, top + radius, radius);
    }
    scene.open("chosen-outline", arc(curve, top, 0));
    double bottom = top + (curve.radius() <= 30 ? 2 * radius : curve.depth() + 2);
    scene.text("note", 0, bottom + 2.6, "middle", "R " + Numbers.mm(curve.radius()));
    double half = Math.max(7, Math.max(radius, curve.chord() / 2) + 2);
    return scene.build(
        -half,
        0,
        2 * half,
        bottom + 4,
        Words.say("drawing.guide", "finger", plan.nail().finger()),
        Words.say("drawing.guide.about", "radius", curve.radius()));
  }

  private static void dimension(
      Scene.Builder scene, CrossCurve curve, double y, String figure, double crown) {
    double half = curve.chord() / 2;
    double foot = crown + curve.depth();
    scene.line("extend", -half, foot, -half, y);
    scene.line("extend", half, foot, half, y);
    scene.dimensionAcross(-half, half, y, figure);
  }

  private static CrossCurve enlarged(CrossCurve curve) {
    return new CrossCurve(SCALE * curve.chord(), SCALE * curve.depth());
  }

  private static List<Point> arc(CrossCurve curve, double crown, double out) {
    if (Double.isInfinite(curve.radius())) {
      double half = curve.chord() / 2;
      return List.of(new Point(-half, crown - out), new Point(half, crown - out));
    }
    double radius = curve.radius();
    double half = curve.halfAngle();
    return Scene.sampled(
        -half,
        half,
        60,
        a -> (radius + out) * Math.sin(a),
        a -> crown + radius - (radius + out) * Math.cos(a));
  }

  private static List<Point> crescent(
      NailPlan plan, CrossCurve curve, double crown, double thickness) {
    CrossCurve bent = curve.depthRatio() < 0.001 ? CrossCurve.ofRatio(curve.chord(), 0.001) : curve;
    double radius = bent.radius();
    double half = bent.halfAngle();
    List<Point> points = new java.util.ArrayList<>(arc(bent, crown, 0));
    points.addAll(
        Scene.sampled(
            half,
            -half,
            60,
            a -> (radius + outer(plan, thickness, a / half)) * Math.sin(a),
            a -> crown + radius - (radius + outer(plan, thickness, a / half)) * Math.cos(a)));
    return points;
  }

  private static double outer(NailPlan plan, double thickness, double share) {
    return SCALE * plan.build().across().at(thickness / SCALE, Math.abs(share));
  }
}
