package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.nail.Nail;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;
import ongle.core.structure.Profile;

/**
 * One nail for the printed sheet at true size: from above, and from the side beneath it. No type in
 * it; the figures stand beside.
 */
public final class SheetDrawing {
  /** MarginBand a drawing has on the sheet, mm; a longer nail takes more. */
  private static final double ROOM = 44;

  private static final double BEHIND = 3;

  private SheetDrawing() {}

  public static Scene of(NailPlan plan) {
    Nail nail = plan.nail();
    Scene.Builder scene = new Scene.Builder(2);
    double middle = nail.width() * 0.68;
    NailFromAbove view = new NailFromAbove(nail, nail.plateLength(), middle, 0);
    view.drawOn(scene, BEHIND, plan.stopped() ? null : plan.build().outline());
    double ground = 2 * middle + 4.2;
    if (!plan.stopped()) {
      Profile profile = plan.build().profile();
      Arches arches = plan.arches();
      double length = profile.length();
      List<Point> product =
          new ArrayList<>(Scene.sampled(0, length, 60, x -> x, x -> ground - arches.upperAt(x)));
      product.addAll(Scene.sampled(length, 0, 60, x -> x, x -> ground - arches.lowerAt(x)));
      double end = nail.plateLength() + nail.freeEdge();
      double thick = nail.condition().thickness();
      List<Point> plate =
          new ArrayList<>(Scene.sampled(0, end, 30, x -> x, x -> ground - arches.lowerAt(x)));
      plate.addAll(Scene.sampled(end, 0, 30, x -> x, x -> ground - arches.lowerAt(x) + thick));
      scene.closed("plate", plate);
      scene.closed("product", product);
      scene.line(
          "stress",
          nail.plateLength(),
          middle - nail.width() * 0.6,
          nail.plateLength(),
          ground + 1.5);
      scene.line(
          "apex-line",
          profile.apexAt(),
          middle - nail.width() * 0.5,
          profile.apexAt(),
          ground + 1.5);
    }
    return scene.build(
        -BEHIND,
        0,
        Math.max(ROOM, BEHIND + nail.plateLength() + plan.extension() + 2),
        ground + 3,
        Words.say("drawing.true-size", "finger", nail.finger()),
        plan.stopped() ? Words.say("drawing.stopped") : NailDrawing.inWords(plan));
  }
}
