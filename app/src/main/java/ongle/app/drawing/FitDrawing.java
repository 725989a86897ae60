package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.TipFit;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.plan.NailPlan;

/** A tip over a nail, large enough to see two tenths of a millimetre. */
public final class FitDrawing {
  private static final int STEPS = 40;
  private static final double TYPE = 0.5;

  private FitDrawing() {}

  /** Across the plate: the tip's curve over the plate's, from sidewall to sidewall. */
  public static Scene across(Nail nail, TipFit fit) {
    CrossCurve plate = nail.crossCurve();
    CrossCurve tip = fit.tip().crossCurve();
    double plateThickness = nail.condition().thickness();
    double half = Math.max(plate.chord(), tip.chord()) / 2 + 1.6;
    double deep = Math.max(plate.depth(), tip.depth());
    Scene.Builder scene = new Scene.Builder(TYPE);

    double plateHalf = plate.arcLength() / 2;
    double tipHalf = tip.arcLength() / 2;
    scene.closed("plate", band(plate, -plateHalf, plateHalf, -plateThickness, 0));
    double seated = Math.min(plateHalf, tipHalf);
    scene.closed("tip", band(tip, -seated, seated, GLUE, GLUE + fit.tip().thickness()));
    if (tipHalf > plateHalf) {
      boolean much = fit.verdict() != TipFit.Verdict.FITS;
      for (int side : new int[] {-1, 1}) {
        scene.closed(
            much ? "remove" : "tip",
            band(tip, side * plateHalf, side * tipHalf, GLUE, GLUE + fit.tip().thickness()));
      }
    } else if (fit.verdict() == TipFit.Verdict.TOO_SMALL) {
      for (int side : new int[] {-1, 1}) {
        scene.open("bare", arc(plate, side * tipHalf, side * plateHalf, 0.12));
      }
    }
    double y = deep + 1.3;
    scene.line("extend", -plate.chord() / 2, plate.depth(), -plate.chord() / 2, y + 0.2);
    scene.line("extend", plate.chord() / 2, plate.depth(), plate.chord() / 2, y + 0.2);
    scene.dimensionAcross(
        -plate.chord() / 2,
        plate.chord() / 2,
        y,
        Words.say("drawing.nail-width", "width", plate.chord()));
    scene.dimensionAcross(
        -tip.chord() / 2,
        tip.chord() / 2,
        -1.15,
        Words.say("drawing.tip-width", "number", fit.tip().number(), "width", tip.chord()));
    double each = Math.abs(fit.slack()) / 2;
    String sides =
        switch (fit.verdict()) {
          case TOO_SMALL -> Words.say("drawing.bare", "each", each);
          case FITS -> "";
          case FILE -> Words.say("drawing.file", "each", each);
          case TOO_LARGE -> Words.say("drawing.over", "each", each);
        };
    if (!sides.isEmpty()) {
      scene.text("warn-figure", -half + 0.15, deep * 0.45, "start", sides);
      scene.text("warn-figure", half - 0.15, deep * 0.45, "end", sides);
    }
    return scene.build(
        -half,
        -2.1,
        2 * half,
        deep + 3.8,
        Words.say("drawing.tip-across", "number", fit.tip().number(), "finger", nail.finger()),
        Words.say(
            "drawing.tip-across.about",
            "tip",
            tip.arcLength(),
            "plate",
            plate.arcLength(),
            "verdict",
            fit.verdict()));
  }

  /** Gap drawn for the glue, mm. */
  private static final double GLUE = 0.06;

  /** From above: well, stop, and where to cut. */
  public static Scene fromAbove(NailPlan plan, TipFit fit) {
    Nail nail = plan.nail();
    Scene.Builder scene = new Scene.Builder(1.05);
    NailFromAbove view = new NailFromAbove(nail, 0, 0, 90);
    view.drawNatural(scene, 3);
    double half = fit.tip().width() / 2 - fit.filePerSide();
    double well = fit.tip().wellLength() - fit.wellCutBack();
    double stop = nail.freeEdge();
    double end = Math.min(stop + fit.tip().freeLength(), fit.cutAt() + 3);
    scene.closed(
        "tip",
        List.of(
            view.at(stop - well, -half),
            view.at(stop - well, half),
            view.at(end, half * 0.93),
            view.at(end, -half * 0.93)));
    if (fit.wellCutBack() > 0) {
      double old = stop - fit.tip().wellLength();
      scene.closed(
          "remove",
          List.of(
              view.at(old, -half),
              view.at(old, half),
              view.at(stop - well, half),
              view.at(stop - well, -half)));
    }
    scene.closed("wanted", view.extension(plan.build().outline()));
    scene.line("stress", view.at(0, -nail.width() * 0.75), view.at(0, nail.width() * 0.75));
    scene.line("stop-line", view.at(stop, -half), view.at(stop, half));
    scene.line("cut", view.at(fit.cutAt(), -half - 2), view.at(fit.cutAt(), half + 2));
    double right = half + 2.4;
    scene.text("note", right, stop - well + 0.3, "start", Words.say("drawing.well", "well", well));
    scene.text(
        "note", right + nail.width() * 0.08, -0.3, "start", Words.say("drawing.stress-line"));
    scene.text(
        "dim-figure",
        right,
        fit.cutAt() + 0.3,
        "start",
        Words.say("drawing.cut", "at", fit.cutAt()));
    double top = -nail.plateLength() - 3;
    return scene.build(
        -nail.width() * 0.95,
        top,
        nail.width() * 0.95 + right + 8.5,
        end - top + 1,
        Words.say("drawing.tip-above", "number", fit.tip().number(), "finger", nail.finger()),
        Words.say("drawing.tip-above.about", "well", well, "at", fit.cutAt()));
  }

  /** The nail with what is built on it and nothing under it. */
  public static Scene onTheNail(NailPlan plan) {
    Nail nail = plan.nail();
    Scene.Builder scene = new Scene.Builder(1.05);
    new NailFromAbove(nail, 0, 0, 90).drawOn(scene, 3, plan.build().outline());
    double beyond = Math.max(plan.extension(), nail.overhang()) + 1.5;
    double beside = nail.width() * 0.75 + 0.6;
    scene.dimensionDown(beside, 0, plan.extension(), true, Numbers.mm(plan.extension()));
    double top = -nail.plateLength() - 3;
    return scene.build(
        -nail.width() * 1.6,
        top,
        nail.width() * 3.2,
        beyond - top,
        Words.say("drawing.built", "finger", nail.finger(), "way", plan.fit().way()),
        Words.say("drawing.built.about", "length", plan.extension()));
  }

  /**
   * A band along a curve between two arc lengths from the crown, from one height over it to
   * another.
   */
  private static List<Point> band(
      CrossCurve curve, double from, double to, double inner, double outer) {
    List<Point> points = new ArrayList<>(arc(curve, from, to, outer));
    points.addAll(arc(curve, to, from, inner));
    return points;
  }

  private static List<Point> arc(CrossCurve curve, double from, double to, double height) {
    double radius = curve.radius();
    if (Double.isInfinite(radius)) {
      return List.of(new Point(from, -height), new Point(to, -height));
    }
    return Scene.sampled(
        from,
        to,
        STEPS,
        s -> (radius + height) * Math.sin(s / radius),
        s -> radius - (radius + height) * Math.cos(s / radius));
  }
}
