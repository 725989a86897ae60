package ongle.app.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.FormPick;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/** Where a portion goes on the nail, with the portion itself beside it at the same scale. */
final class LayDrawing {
  private static final double TYPE = 1.25;
  private static final double BEHIND = 2.5;
  private static final int STEPS = 40;

  /** MarginBand for a portion to the middle of it, mm. */
  private static final double BESIDE = 4;

  /** MarginBand for the longest label, mm. */
  private static final double LABEL = 8.2 * TYPE;

  private LayDrawing() {}

  static Scene of(NailPlan plan, BenchPlan bench, Step step, Seat seat) {
    Build build = plan.build();
    Profile profile = build.profile();
    double plate = plan.nail().plateLength();
    Scene.Builder scene = new Scene.Builder(TYPE);
    NailFromAbove view = NailFromAbove.upright(plan.nail(), seat, 0, 0);
    view.drawOn(scene, BEHIND, build.outline());
    step.dose().ifPresent(dose -> zone(scene, view, build, dose.place()));
    double half = plan.nail().width() / 2;
    double right = plan.nail().width() * 0.72;
    scene.line("stress", view.at(0, -right), view.at(0, right));
    double end = Math.max(profile.extension(), plan.nail().overhang());
    Optional<FormFit> form =
        plan.fit().form().map(FormPick::fit).filter(fit -> step.dose().isPresent());
    if (form.isPresent()) {
      double mark = form.get().form().distanceOf(form.get().buildToMark());
      end = Math.max(end, mark);
      scene.line("cut", view.at(mark, -right), view.at(mark, right));
      label(
          scene,
          view.at(mark, 0).y(),
          right,
          Words.say("drawing.mark", "mark", form.get().buildToMark()));
    }
    if (step.dose().filter(dose -> raises(dose.place())).isPresent()) {
      double apex = profile.apexAt() - plate;
      scene.line("apex-line", view.at(apex, -half), view.at(apex, right));
      label(
          scene,
          view.at(apex, 0).y(),
          right,
          Words.say("drawing.apex", "thickness", profile.apexThickness()));
    }
    double portionAt = -right - BESIDE;
    step.dose().ifPresent(dose -> portion(scene, view, bench, dose, step.of(), portionAt));
    double behind = plate + BEHIND;
    double top = seat == Seat.OPPOSITE ? -behind : -end - 1.5;
    return scene.build(
        portionAt - BESIDE,
        top,
        right - portionAt + BESIDE + LABEL,
        behind + end + 1.5,
        Words.say("drawing.where", "finger", plan.nail().finger()),
        step.dose().map(dose -> Words.of(dose.place())).orElse(Words.of(plan.shape())));
  }

  /** Whether what is laid there makes the highest point. */
  private static boolean raises(ProductPortion.Place place) {
    return switch (place) {
      case STRESS_ZONE, BODY, WHOLE -> true;
      case FREE_EDGE, FRAME, SLIP_LAYER, CUTICLE -> false;
    };
  }

  private static void label(Scene.Builder scene, double y, double right, String text) {
    scene.text("dim-figure", right + 0.5, y + TYPE * 0.35, "start", text);
  }

  /** The part of the nail a portion is for, as long as the build has it. */
  private static void zone(
      Scene.Builder scene, NailFromAbove view, Build build, ProductPortion.Place place) {
    Profile profile = build.profile();
    double plate = build.nail().plateLength();
    double cuticleEnds = build.cuticleZone();
    double length = profile.length();
    switch (place) {
      case FREE_EDGE, FRAME -> band(scene, view, build, plate, length);
      case STRESS_ZONE -> band(scene, view, build, cuticleEnds, plate);
      case CUTICLE -> band(scene, view, build, 0, cuticleEnds);
      case SLIP_LAYER, BODY, WHOLE -> band(scene, view, build, 0, length);
    }
  }

  private static void band(
      Scene.Builder scene, NailFromAbove view, Build build, double from, double to) {
    if (to <= from) {
      return;
    }
    double plate = build.nail().plateLength();
    List<Point> points = new ArrayList<>();
    for (int side : new int[] {1, -1}) {
      List<Point> edge = new ArrayList<>();
      for (int i = 0; i <= STEPS; i++) {
        double x = from + (to - from) * i / STEPS;
        edge.add(view.at(x - plate, side * build.halfWidthAt(x)));
      }
      if (side < 0) {
        Collections.reverse(edge);
      }
      points.addAll(edge);
    }
    scene.closed("laid-here", points);
  }

  private static void portion(
      Scene.Builder scene,
      NailFromAbove view,
      BenchPlan bench,
      ProductPortion dose,
      int layers,
      double x) {
    double plate = view.nail().plateLength();
    Optional<Strip> strip =
        Optional.ofNullable(bench.portions().get(view.nail().finger())).flatMap(Portion::strip);
    if (strip.isPresent()) {
      Strip pressed = strip.get().layer(layers);
      PortionDrawing.rows(
          scene,
          x - pressed.nozzle() * pressed.rows() / 2,
          view.at(-plate, 0).y(),
          view.at(pressed.row() - plate, 0).y(),
          pressed);
    } else {
      scene.circle("bead", x, view.at(-plate / 2, 0).y(), dose.diameter() / 2);
    }
  }
}
