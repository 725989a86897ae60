package ongle.app.drawing;

import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.nail.Nail;
import ongle.core.plan.Comparison;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;

/** One nail from the side after several schools, drawn over each other and numbered. */
public final class ComparisonDrawing {
  private static final int STEPS = 90;
  private static final double WIDTH_PX = 900;
  private static final double TYPE_PX = 15;

  private ComparisonDrawing() {}

  /**
   * @param schools numbered in this order from 1
   */
  public static Scene of(NailPlan plan, List<Comparison> schools) {
    Nail nail = plan.nail();
    double length = plan.build().profile().length();
    double before = 4.5;
    double width = before + length + 5;
    double px = width / WIDTH_PX;
    Scene.Builder scene = new Scene.Builder(TYPE_PX * px);
    double type = scene.type();
    double highest =
        schools.stream()
            .mapToDouble(one -> one.arches().upperAt(one.arches().highestAt()))
            .max()
            .orElse(1);
    double ground = highest + 3.4 * type;
    Arches own = plan.arches();
    FingerFromSide.draw(scene.at(0, ground, 1), nail, own);
    double stress = nail.plateLength();
    scene.line("stress", stress, ground - highest - 1.5 * type, stress, ground + 2.6);
    scene.text(
        "stress-name",
        stress + 0.5 * type,
        ground + 2.6,
        "start",
        Words.say("drawing.stress-line"));
    for (int i = 0; i < schools.size(); i++) {
      Comparison school = schools.get(i);
      Arches arches = school.arches();
      String css = "school school-" + (i + 1) + (school.taken() ? " taken" : "");
      scene.open(css, Scene.sampled(0, length, STEPS, x -> x, x -> ground - arches.upperAt(x)));
      if (arches.formTilt() != own.formTilt()) {
        scene.open(
            "extend", Scene.sampled(stress, length, 8, x -> x, x -> ground - arches.lowerAt(x)));
      }
      Point apex = new Point(school.apex().at(), ground - arches.upperAt(school.apex().at()));
      boolean sameApex =
          i > 0
              && schools.stream()
                  .allMatch(one -> Math.abs(one.apex().at() - school.apex().at()) < type);
      double apexX = apex.x();
      long alreadyThere =
          schools.subList(0, i).stream()
              .filter(one -> Math.abs(one.apex().at() - apexX) < 0.8 * type)
              .count();
      double at = sameApex ? length : apex.x();
      double y = sameApex ? ground - arches.upperAt(length) : apex.y();
      scene.circle("school-dot school-" + (i + 1), at, y, 0.28 * type);
      scene.text(
          "school-number",
          at + (sameApex ? 0.8 * type : 0),
          y - (sameApex ? -0.35 : 0.6 + alreadyThere) * type,
          sameApex ? "start" : "middle",
          String.valueOf(i + 1));
    }
    scene.closed(
        "plate",
        List.of(
            new Point(0, ground),
            new Point(stress, ground - own.lowerAt(stress)),
            new Point(stress, ground - own.lowerAt(stress) + nail.condition().thickness()),
            new Point(0, ground + nail.condition().thickness())));
    return scene.build(
        -before,
        0,
        width,
        ground + 3,
        Words.say("drawing.schools", "finger", nail.finger(), "schools", schools.size()),
        Words.say("drawing.schools.about"));
  }
}
