package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.core.nail.Nail;
import ongle.core.structure.Arches;

/** The fingertip under a nail, seen from the side; the cuticle at 0, the tip to the right. */
final class FingerFromSide {
  private FingerFromSide() {}

  /**
   * @param arches whose lower arch lies on the plate
   * @param ground height of the cuticle in the drawing, mm
   */
  static List<Point> of(Nail nail, Arches arches, double ground) {
    double thick = nail.condition().thickness();
    double tip = nail.plateLength() + Math.max(0.4, nail.overhang());
    double deep = 3.6;
    List<Point> points = new ArrayList<>();
    points.add(new Point(-4.5, ground - 0.45));
    points.add(new Point(-0.6, ground - 0.4));
    points.add(new Point(0.2, ground));
    points.add(new Point(0.2, ground + thick));
    points.add(new Point(nail.plateLength(), ground - arches.lowerAt(nail.plateLength()) + thick));
    double startY = ground - arches.lowerAt(nail.plateLength()) + thick;
    for (int i = 1; i <= 12; i++) {
      double angle = Math.PI / 2 * i / 12;
      points.add(
          new Point(
              nail.plateLength() + (tip - nail.plateLength()) * Math.sin(angle),
              startY + (deep - thick) * (1 - Math.cos(angle))));
    }
    points.add(new Point(tip - 0.6, startY + deep));
    points.add(new Point(-4.5, Math.max(startY, ground) + deep));
    return points;
  }
}
