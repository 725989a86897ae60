package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Axis;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.LightLine;

/**
 * From above: plate and extension on the fingertip. 0 is the middle of the cuticle edge of the
 * build, the tip to the right.
 */
final class AboveView extends NailView {
  /** Product keeps this far off the skin, mm; drawn so that nobody floods the cuticle. */
  private static final double CUTICLE_GAP = 0.35;

  AboveView(NailPlan plan, NailDrawing.Shown shown, Scene.Builder scene) {
    super(plan, shown, scene);
  }

  /**
   * @param behind how much of the finger is seen behind the cuticle, mm
   */
  void draw(double behind) {
    double middle = 0;
    double half = nail.width() / 2;
    NailFromAbove built = new NailFromAbove(nail, nail.plateLength(), middle, 0);
    NailFromAbove finger = new NailFromAbove(grownOut(), stress, middle, 0);
    finger.drawNatural(scene, behind - grown);
    built.drawExtension(scene, build.outline());
    scene.closed("product-over-plate", productOnPlate(middle));
    shown.ghost().ifPresent(ghost -> scene.open("ghost", built.extension(ghost.build().outline())));
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
          "dim-figure", 0, y - 0.55 * type, "middle", Words.say("drawing.gap", "gap", grown));
      scene.dimensionAcross(0, stress, y, "");
    } else {
      scene.dimensionAcross(0, stress, y, "");
      scene.text(
          "dim-figure",
          stress - 0.5 * type,
          y - 0.55 * type,
          "end",
          Words.say("drawing.plate", "length", stress));
    }
    if (profile.extension() > 0) {
      scene.dimensionAcross(stress, profile.length(), y, "");
      scene.text(
          "dim-figure",
          stress + 0.5 * type,
          y - 0.55 * type,
          "start",
          Words.say(
              grown > 0 ? "drawing.lever" : "drawing.extension",
              "length",
              profile.extension() + grown));
    }
    scene.dimensionDown(
        -grown - 3.6 * type, middle - half, bottom, true, Numbers.format(nail.width(), 1));
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
}
