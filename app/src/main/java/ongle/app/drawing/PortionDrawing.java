package ongle.app.drawing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.Memo;
import ongle.core.fitting.FormPick;
import ongle.core.nail.Nail;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.shape.Outline;

/** The portions of one nail at one scale beside the nail itself. */
public final class PortionDrawing {
  /** MarginBand for the largest portion, mm. */
  private static final double WIDEST = 8;

  /** From the upper edge to the cuticle, mm. */
  private static final double CUTICLE = 2;

  /** An edit leaves nine of the ten as they were. */
  private static final Memo<Beside, Scene> BESIDE = Memo.forEachDesk(20);

  /** All that the nail with its portions is drawn from. */
  private record Beside(
      Nail nail,
      Outline outline,
      double length,
      Optional<FormPick> form,
      Portion portion,
      Locale language) {}

  private PortionDrawing() {}

  /** The nail with its portions beside it. */
  public static Scene of(NailPlan plan, Portion portion) {
    return BESIDE.of(
        new Beside(
            plan.nail(),
            plan.build().outline(),
            plan.build().profile().length(),
            plan.fit().form(),
            portion,
            Words.locale()),
        () -> beside(plan, portion));
  }

  private static Scene beside(NailPlan plan, Portion portion) {
    double half = plan.nail().width() * 0.7;
    Scene.Builder scene = new Scene.Builder(2.1);
    NailFromAbove.upright(plan.nail(), Seat.OPPOSITE, half, plan.nail().plateLength() + CUTICLE)
        .drawOn(scene, 1.5, plan.build().outline());
    return drawn(scene, 2 * half + 2.5, plan, portion);
  }

  /** The portions alone, for paper that shows the nail already. */
  public static Scene portions(NailPlan plan, Portion portion) {
    return drawn(new Scene.Builder(2), 0.5, plan, portion);
  }

  /** One portion as a ball. */
  public static Scene portion(ProductPortion dose) {
    Scene.Builder scene = new Scene.Builder(1);
    double radius = dose.diameter() / 2;
    scene.circle("bead", radius + 0.3, radius + 0.3, radius);
    double side = dose.diameter() + 0.6;
    return scene.build(
        0,
        0,
        side,
        side,
        Words.say("drawing.portion"),
        Words.say("drawing.portion.about", "diameter", dose.diameter()));
  }

  private static Scene drawn(Scene.Builder scene, double beads, NailPlan plan, Portion portion) {
    double y = 1;
    for (ProductPortion dose : balls(portion)) {
      double radius = dose.diameter() / 2;
      scene.circle("bead", beads + WIDEST / 2, y + radius, radius);
      y += 2 * radius + 0.8;
    }
    double beside = portion.strip().isPresent() ? beads + 1 : beads + WIDEST + 2;
    portion.strip().ifPresent(strip -> strip(scene, beside, plan, strip));
    double height =
        Math.max(
            Math.max(plan.build().profile().length() + 3, y),
            portion.strip().map(strip -> CUTICLE + strip.row() + 2).orElse(0.0));

    return scene.build(
        0,
        0,
        beside + portion.strip().map(strip -> strip.nozzle() * strip.rows() + 3).orElse(0.0),
        height,
        Words.say(
            "drawing.portions", "finger", plan.nail().finger(), "portions", portion.doses().size()),
        Words.say("drawing.portions.about", "volume", portion.applied().total()));
  }

  /** Portions taken up one by one; what comes from a tube is drawn as its strip. */
  private static List<ProductPortion> balls(Portion portion) {
    return portion.strip().isPresent() ? List.of() : portion.doses();
  }

  /**
   * A strip's rows side by side.
   *
   * @param left edge of the first
   * @param from y of their end at the cuticle
   * @param to y of their other end
   */
  static void rows(Scene.Builder scene, double left, double from, double to, Strip strip) {
    for (int row = 0; row < strip.rows(); row++) {
      double x = left + row * strip.nozzle();
      scene.closed(
          "bead",
          List.of(
              new Point(x, from),
              new Point(x + strip.nozzle(), from),
              new Point(x + strip.nozzle(), to),
              new Point(x, to)));
    }
  }

  /** Its rows from the cuticle on, with the stress line and the form's marks across. */
  private static void strip(Scene.Builder scene, double left, NailPlan plan, Strip strip) {
    rows(scene, left, CUTICLE, CUTICLE + strip.row(), strip);
    double right = left + strip.rows() * strip.nozzle();
    double stress = CUTICLE + plan.nail().plateLength();
    scene.line("stress", left - 0.6, stress, right + 0.6, stress);
    plan.fit()
        .form()
        .map(pick -> pick.fit().form())
        .ifPresent(
            form -> {
              double end = plan.build().profile().length();
              for (int mark = 1; plan.nail().plateLength() + form.distanceOf(mark) <= end; mark++) {
                double y = stress + form.distanceOf(mark);
                scene.line("form-mark", left - 0.6, y, right + 1.6, y);
              }
            });
  }
}
