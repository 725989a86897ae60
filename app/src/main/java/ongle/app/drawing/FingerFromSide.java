package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.core.nail.Nail;
import ongle.core.structure.Arches;

/** The fingertip under a nail, seen from the side; the cuticle at 0, the tip to the right. */
final class FingerFromSide {
  private static final double USUAL_BEHIND = 4.5;
  private static final double USUAL_DEEP = 3.6;

  /** Where the finger ends below: so many bands, over this share of what is seen. */
  private static final int FADES = 5;

  private static final double FADE = 0.4;

  private FingerFromSide() {}

  /** As much of it as a small drawing shows. */
  static void draw(Scene.Builder scene, Nail nail, Arches arches) {
    draw(scene, nail, arches, USUAL_BEHIND, USUAL_DEEP);
  }

  /**
   * Draws it with the cuticle at the origin.
   *
   * @param arches whose lower arch lies on the plate
   * @param behind how much is seen behind the cuticle, mm
   * @param deep how far down it is seen, mm; paler and paler there
   */
  static void draw(Scene.Builder scene, Nail nail, Arches arches, double behind, double deep) {
    double solid = deep * (1 - FADE);
    List<Point> top = new ArrayList<>();
    double thick = nail.condition().thickness();
    double end = nail.plateLength();
    double under = thick - arches.lowerAt(end);
    // The fold rises a little over the plate it covers, and the finger goes on behind it.
    top.add(new Point(-behind, -0.5 - 0.02 * behind));
    top.add(new Point(-0.35 * behind, -0.5));
    top.add(new Point(-0.6, -0.42));
    top.add(new Point(-0.1, -0.2));
    top.add(new Point(0.25, 0.02));
    top.add(new Point(0.25, thick));
    top.add(new Point(end, under));
    double tip = Math.max(0.4, nail.overhang());
    double round = Math.max(deep, 1.6 * tip) - under;
    List<Point> all = new ArrayList<>(top);
    all.addAll(round(end, under, tip, round, solid));
    all.add(new Point(-behind, solid));
    scene.closed("skin-fill", all);
    List<Point> outline = new ArrayList<>(top);
    outline.addAll(round(end, under, tip, round, solid));
    scene.open("skin-line", outline);
    for (int i = 0; i < FADES; i++) {
      double from = solid + (deep - solid) * i / FADES;
      double to = solid + (deep - solid) * (i + 1) / FADES;
      scene.closed(
          "fade fade-" + i,
          List.of(
              new Point(-behind, from),
              new Point(end + reach(from - under, tip, round), from),
              new Point(end + reach(to - under, tip, round), to),
              new Point(-behind, to)));
    }
  }

  /** The round of the tip from the plate's end down to a depth. */
  private static List<Point> round(
      double end, double under, double tip, double round, double solid) {
    List<Point> points = new ArrayList<>();
    for (int i = 1; i <= 14; i++) {
      double y = under + (solid - under) * i * i / 196;
      points.add(new Point(end + reach(y - under, tip, round), y));
    }
    return points;
  }

  /** How far the tip stands out, this far below the plate; a quarter of an ellipse. */
  private static double reach(double down, double tip, double round) {
    double left = 1 - Math.max(0, Math.min(1, down / round));
    return tip * Math.sqrt(1 - left * left);
  }
}
