package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormFit;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Arches;

/** A form under a nail's free edge, from above and from the side, and the template to cut it by. */
public final class FormDrawing {
  private static final double TYPE = 1.05;
  private static final int STEPS = 40;

  /** How much of the sheet beside the nail is drawn, mm. */
  private static final double BESIDE = 5;

  private FormDrawing() {}

  /** From above: the mouth with what is cut away, the marks, and where to build to. */
  public static Scene fromAbove(NailPlan plan, FormFit fit) {
    Nail nail = plan.nail();
    Form form = fit.form();
    Scene.Builder scene = new Scene.Builder(TYPE);
    NailFromAbove view = new NailFromAbove(nail, 0, 0, 90);
    scene.open("skin", view.fingertip(3));
    double half = Math.min(form.sheetWidth() / 2, nail.width() / 2 + BESIDE);
    double buildTo = form.distanceOf(fit.buildToMark());
    double end = Math.max(buildTo, plan.extension() + fit.closeBeyond().orElse(0)) + 2;
    CrossCurve edge = new CrossCurve(nail.width(), nail.freeEdgeDepth());
    CrossCurve mouth = new CrossCurve(form.mouthWidth(), form.mouthDepth());
    List<Point> sheet = new ArrayList<>();
    sheet.add(view.at(end, -half));
    sheet.add(view.at(-1.5, -half));
    sheet.addAll(
        curve(view, form.rigid() ? mouth : edge, form.rigid() ? mouth.chord() : nail.width()));
    sheet.add(view.at(-1.5, half));
    sheet.add(view.at(end, half));
    scene.closed("form", sheet);
    if (fit.cutDepth() > 0) {
      List<Point> cut = new ArrayList<>(curve(view, edge, nail.width()));
      List<Point> old = new ArrayList<>(curve(view, mouth, nail.width()));
      java.util.Collections.reverse(old);
      cut.addAll(old);
      scene.closed("remove", cut);
    }
    scene.closed("plate", view.plate());
    for (int mark = 1; form.distanceOf(mark) < end - 0.5; mark++) {
      double at = form.distanceOf(mark);
      scene.line("form-mark", view.at(at, -half + 1), view.at(at, half - 1));
      scene.text("note", -half - 0.4, at + 0.35, 0.8, "end", String.valueOf(mark));
    }
    scene.closed("wanted", view.extension(plan.build().outline()));
    scene.line("stress", view.at(0, -nail.width() * 0.75), view.at(0, nail.width() * 0.75));
    scene.line("cut", view.at(buildTo, -half), view.at(buildTo, half));
    double right = half + 0.8;
    scene.text(
        "dim-figure",
        right,
        buildTo + 0.3,
        "start",
        Words.say("drawing.mark", "mark", fit.buildToMark()));
    if (fit.cutDepth() > 0) {
      scene.text(
          "warn-figure", right, 1.8, "start", Words.say("drawing.cut", "at", fit.cutDepth()));
    }
    double top = -nail.plateLength() - 3;
    return scene.build(
        -half - 3,
        top,
        2 * half + 11,
        end - top + 1,
        Words.say("drawing.form-above", "number", form.number(), "finger", nail.finger()),
        Words.say("drawing.form-above.about", "depth", fit.cutDepth(), "mark", fit.buildToMark()));
  }

  private static List<Point> curve(NailFromAbove view, CrossCurve curve, double width) {
    return Scene.sampled(
        -width / 2,
        width / 2,
        STEPS,
        across -> view.at(curve.heightAt(across), across).x(),
        across -> view.at(curve.heightAt(across), across).y());
  }

  /** From the side: plate, build, and the form in place under it. */
  public static Scene fromSide(NailPlan plan, FormFit fit) {
    return fromSide(plan, fit, true);
  }

  /**
   * @param built whether the build is on it; else the form waits under the bare nail
   */
  static Scene fromSide(NailPlan plan, FormFit fit, boolean built) {
    Arches arches = plan.arches();
    double length = plan.build().profile().length();
    double plate = plan.nail().plateLength();
    double end = length + fit.closeBeyond().orElse(2) + 1;
    Scene.Builder scene = new Scene.Builder(TYPE);
    double high = 0;
    double low = 0;
    for (double x : new double[] {0, plate, length, end}) {
      high = Math.max(high, arches.lowerAt(x) + 2.5);
      low = Math.min(low, arches.lowerAt(x));
    }
    FingerFromSide.draw(scene, plan.nail(), arches);
    List<Point> build =
        new ArrayList<>(Scene.sampled(0, length, STEPS, x -> x, x -> -arches.upperAt(x)));
    build.addAll(Scene.sampled(length, 0, STEPS, x -> x, x -> -arches.lowerAt(x)));
    if (built) {
      scene.closed("product", build);
    }
    scene.line("plate-line", 0, 0.2, plate, -arches.lowerAt(plate) + 0.2);
    scene.line("form-line", plate, -arches.lowerAt(plate) + 0.35, end, -arches.lowerAt(end) + 0.35);
    // The plate's own line, to see the tilt against it.
    double pitch = Math.tan(Math.toRadians(plan.nail().growthPitch()));
    scene.line("axis", plate, -plate * pitch, end, -end * pitch);
    scene.text(
        "dim-figure",
        end + 0.5,
        (-arches.lowerAt(end) - end * pitch) / 2 + 0.5,
        "start",
        Numbers.signed(fit.tilt(), 0) + "°");
    scene.line("stress", plate, -arches.lowerAt(plate) - 3, plate, -arches.lowerAt(plate) + 4);
    double top = -Math.max(high, end * pitch + 1) - 1;
    double bottom = Math.max(4.5, Math.max(-low, -end * pitch) + 1);
    return scene.build(
        -4,
        top,
        end + 7.5,
        bottom - top,
        Words.say("drawing.form-side", "number", fit.form().number()),
        Words.say("drawing.form-side.about", "tilt", fit.tilt()));
  }

  /** The nail's own free edge laid flat, at true size, to cut a form's mouth along. */
  public static Scene template(Nail nail, CuttingTemplate template) {
    Scene.Builder scene = new Scene.Builder(2.6);
    double half = template.width() / 2;
    double margin = 6;
    List<Point> piece = new ArrayList<>();
    piece.add(new Point(-half - margin, 14));
    piece.add(new Point(-half - margin, 0));
    template.line().forEach(point -> piece.add(new Point(point.across(), point.out())));
    piece.add(new Point(half + margin, 0));
    piece.add(new Point(half + margin, 14));
    scene.closed("template", piece);
    scene.line("axis", 0, -1, 0, 14);
    scene.text("note", 0, 11.5, "middle", nail.finger().name());
    scene.text(
        "note",
        0,
        -1.6,
        0.85,
        "middle",
        Numbers.format(template.width(), 1) + " × " + Numbers.mm(template.depth()));
    return scene.build(
        -half - margin - 1,
        -5,
        2 * (half + margin + 1),
        20,
        Words.say("drawing.template", "finger", nail.finger()),
        Words.say("drawing.template.about", "width", template.width(), "depth", template.depth()));
  }

  /** Five centimetres to check a print against. */
  public static Scene ruler() {
    Scene.Builder scene = new Scene.Builder(3);
    scene.line("ruler", 0, 0, 50, 0);
    for (int mm = 0; mm <= 50; mm++) {
      scene.line("ruler", mm, 0, mm, mm % 10 == 0 ? 5 : mm % 5 == 0 ? 3.5 : 2.2);
    }
    scene.text("note", 0.6, 9, "start", "0");
    scene.text("note", 50, 9, "end", "50 mm");
    return scene.build(
        -0.5, -1, 51, 11, Words.say("drawing.ruler"), Words.say("drawing.ruler.about"));
  }
}
