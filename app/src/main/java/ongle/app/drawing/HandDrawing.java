package ongle.app.drawing;

import java.util.List;
import ongle.app.words.Words;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;

/** The nails of one hand side by side, for a step that is done on several of them. */
final class HandDrawing {
  private static final double CELL = 21;
  private static final double BEHIND = 3;
  private static final double TYPE = 3.4;

  private HandDrawing() {}

  /**
   * One nail of the hand.
   *
   * @param built whether the build is on it already
   * @param worked whether the step is done on it
   * @param figure under it; empty for none
   */
  record Shown(NailPlan plan, boolean built, boolean worked, String figure) {}

  /**
   * @param nails in the order they are seen
   */
  static Scene of(List<Shown> nails, Seat seat, String title) {
    Scene.Builder scene = new Scene.Builder(TYPE);
    double behind =
        BEHIND + nails.stream().mapToDouble(n -> n.plan().nail().plateLength()).max().orElse(0);
    double beyond = nails.stream().mapToDouble(HandDrawing::beyond).max().orElse(0) + 1;
    boolean down = seat == Seat.OPPOSITE;
    double figureAt = (down ? beyond : behind) + TYPE;
    for (int i = 0; i < nails.size(); i++) {
      Shown shown = nails.get(i);
      NailPlan plan = shown.plan();
      double x = CELL * (i + 0.5);
      NailFromAbove nail = NailFromAbove.upright(plan.nail(), seat, x, 0);
      nail.drawOn(
          scene,
          behind - plan.nail().plateLength(),
          shown.built() && !plan.stopped() ? plan.build().outline() : null);
      if (shown.worked()) {
        scene.open("chosen-outline", shown.built() ? whole(nail, plan) : nail.plate());
      }
      scene.text(
          "note",
          x,
          down ? -behind + 1 : behind - TYPE * 0.2,
          0.75,
          "middle",
          plan.nail().finger().name());
      scene.text("dim-figure", x, figureAt, "middle", shown.figure());
    }
    String figures =
        String.join(
            ", ",
            nails.stream()
                .filter(Shown::worked)
                .map(n -> (Words.of(n.plan().nail().finger().digit()) + " " + n.figure()).strip())
                .toList());
    double top = down ? -behind - 2 : -beyond;
    return scene.build(0, top, CELL * nails.size(), figureAt + TYPE * 0.4 - top, title, figures);
  }

  private static List<Scene.Point> whole(NailFromAbove nail, NailPlan plan) {
    return plan.extension() > 0 ? nail.extension(plan.build().outline()) : nail.plate();
  }

  private static double beyond(Shown shown) {
    double natural = Math.max(shown.plan().nail().freeEdge(), shown.plan().nail().overhang());
    return shown.built() ? Math.max(shown.plan().extension(), natural) : natural;
  }
}
