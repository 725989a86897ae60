package ongle.app.drawing;

import java.util.List;
import ongle.app.web.Numbers;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Dose;
import ongle.core.portion.Portion;
import ongle.core.product.Handling;

/** The helpings of one nail at one scale beside the nail itself. */
public final class PortionDrawing {
  /** Room for the largest helping, mm. */
  private static final double WIDEST = 8;

  private PortionDrawing() {}

  public static Scene of(NailPlan plan, Portion portion) {
    Scene.Builder scene = new Scene.Builder(2.1);
    double half = plan.nail().width() * 0.7;
    double length = plan.build().profile().length() + 3;
    NailFromAbove.upright(plan.nail(), Seat.OPPOSITE, half, plan.nail().plateLength() + 2)
        .drawOn(scene, 1.5, plan.build().outline());
    double beads = 2 * half + 2.5;
    double y = 1;
    for (Dose dose : portion.doses()) {
      double radius = dose.diameter() / 2;
      scene.circle("bead", beads + WIDEST / 2, y + radius, radius);
      y += 2 * radius + 0.8;
    }
    double beside = beads + WIDEST + 2;
    portion
        .strip()
        .ifPresent(
            strip ->
                scene.closed(
                    "bead",
                    List.of(
                        new Scene.Point(beside, 1),
                        new Scene.Point(beside + strip.nozzle(), 1),
                        new Scene.Point(beside + strip.nozzle(), 1 + strip.row()),
                        new Scene.Point(beside, 1 + strip.row()))));
    double height =
        Math.max(Math.max(length, y), portion.strip().map(strip -> strip.row() + 2).orElse(0.0));
    String helping =
        portion.product().handling() == Handling.POWDER_AND_LIQUID ? "beads" : "helpings";
    return scene.build(
        0,
        0,
        beside + portion.strip().map(strip -> strip.nozzle() + 1).orElse(0.0),
        height,
        plan.nail().finger().label() + ", product in " + portion.doses().size() + " " + helping,
        Numbers.format(portion.applied().total(), 0) + " mm³");
  }
}
