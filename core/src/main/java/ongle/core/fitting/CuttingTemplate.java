package ongle.core.fitting;

import java.util.ArrayList;
import java.util.List;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;

/**
 * The nail's own free edge laid flat at true size, to cut a form's mouth along.
 *
 * <p>The free edge is a circular arc from growth point to growth point as seen from above, and the
 * plate is a cylinder of the nail's cross curve. Rolled off that cylinder a point at angle φ from
 * the middle lands at R·φ across, so the template is as wide as the nail's arc and not as its
 * chord: cut from the chord, a form would be too narrow by the difference.
 *
 * @param line from one growth point to the other, at least 3 points
 */
public record CuttingTemplate(List<Point> line) {
  public CuttingTemplate {
    line = List.copyOf(line);
  }

  private static final int POINTS = 61;

  /**
   * @param across mm from the middle, along the flat sheet
   * @param out mm beyond the line between the growth points
   */
  public record Point(double across, double out) {}

  public static CuttingTemplate of(Nail nail) {
    CrossCurve plate = nail.crossCurve();
    CrossCurve edge = new CrossCurve(nail.width(), nail.freeEdgeDepth());
    double arc = plate.arcLength();
    List<Point> line = new ArrayList<>();
    for (int i = 0; i < POINTS; i++) {
      double across = arc * (i / (POINTS - 1.0) - 0.5);
      double seenFromAbove =
          Double.isInfinite(plate.radius())
              ? across
              : plate.radius() * Math.sin(across / plate.radius());
      line.add(new Point(across, edge.heightAt(seenFromAbove)));
    }
    return new CuttingTemplate(List.copyOf(line));
  }

  /** From growth point to growth point along the flat sheet, mm. */
  public double width() {
    return line.get(line.size() - 1).across() - line.get(0).across();
  }

  /** How far its middle stands out, mm. */
  public double depth() {
    return line.get(line.size() / 2).out();
  }
}
