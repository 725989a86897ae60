package ongle.app.drawing;

import java.util.ArrayList;
import java.util.List;
import ongle.app.drawing.Scene.Point;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Seat;
import ongle.core.shape.Outline;

/**
 * One nail from above on its fingertip, placed and turned into a drawing. Along runs from the
 * cuticle to the tip with 0 at the stress line; across runs to the little finger's side.
 *
 * @param nail natural nail
 * @param x of the middle of the stress line in the drawing, mm
 * @param y of the middle of the stress line in the drawing, mm
 * @param turned direction of the tip, degrees clockwise from pointing right
 */
public record NailFromAbove(Nail nail, double x, double y, double turned) {
  private static final int SIDE_STEPS = 16;

  /** Fingertip over plate, in width. */
  private static final double FLESH = 0.64;

  public static NailFromAbove upright(Nail nail, Seat seat, double x, double y) {
    return new NailFromAbove(nail, x, y, seat == Seat.OPPOSITE ? 90 : -90);
  }

  public Point at(double along, double across) {
    double angle = Math.toRadians(turned);
    double side = nail.finger().hand() == Hand.RIGHT ? across : -across;
    return new Point(
        x + along * Math.cos(angle) - side * Math.sin(angle),
        y + along * Math.sin(angle) + side * Math.cos(angle));
  }

  /** The fingertip from {@code behind} mm behind the cuticle. */
  public List<Point> fingertip(double behind) {
    double half = FLESH * nail.width();
    double tip = nail.overhang();
    double rounded = Math.min(1.25 * half, nail.plateLength());
    List<Point> points = new ArrayList<>();
    points.add(at(-nail.plateLength() - behind, half * 1.06));
    for (int i = 0; i <= 2 * SIDE_STEPS; i++) {
      double angle = Math.PI / 2 - Math.PI * i / (2 * SIDE_STEPS);
      points.add(at(tip - rounded + rounded * Math.cos(angle), half * Math.sin(angle)));
    }
    points.add(at(-nail.plateLength() - behind, -half * 1.06));
    return points;
  }

  /** The natural plate with its free edge; it leans, the build does not. */
  public List<Point> plate() {
    double length = nail.plateLength();
    List<Point> right = new ArrayList<>();
    List<Point> left = new ArrayList<>();
    for (int i = 0; i <= SIDE_STEPS; i++) {
      // Closer together where the cuticle rounds.
      double share = (double) i / SIDE_STEPS;
      double from = length * share * share;
      double half = nail.halfWidthAt(from);
      right.add(at(from - length, half + leanAt(from)));
      left.add(0, at(from - length, -half + leanAt(from)));
    }
    if (nail.freeEdge() > 0) {
      double half = nail.width() / 2;
      double corner = Math.min(0.3 * half, nail.freeEdge());
      right.add(at(nail.freeEdge() - corner, half));
      right.add(at(nail.freeEdge(), half - corner));
      left.add(0, at(nail.freeEdge() - corner, -half));
      left.add(0, at(nail.freeEdge(), -half + corner));
    }
    right.addAll(left);
    return right;
  }

  private double leanAt(double fromCuticle) {
    return Math.tan(Math.toRadians(nail.lean())) * (fromCuticle - nail.plateLength());
  }

  /** The free edge from growth point to growth point. */
  public List<Point> edgeCurve() {
    CrossCurve edge = new CrossCurve(nail.width(), nail.freeEdgeDepth());
    double half = nail.width() / 2;
    return Scene.sampled(
        -half,
        half,
        24,
        across -> at(edge.heightAt(across), across).x(),
        across -> at(edge.heightAt(across), across).y());
  }

  /** Border of bed and free edge; curved like the free edge before it. */
  public List<Point> smileLine() {
    double half = nail.width() / 2;
    return Scene.sampled(
        -1,
        1,
        12,
        t -> at(-nail.freeEdgeDepth() * t * t, half * t).x(),
        t -> at(-nail.freeEdgeDepth() * t * t, half * t).y());
  }

  /** The extension beyond the stress line. */
  public List<Point> extension(Outline outline) {
    List<Point> right = new ArrayList<>();
    List<Point> left = new ArrayList<>();
    for (Outline.Point point : outline.side(36)) {
      right.add(at(point.beyond(), point.half()));
      left.add(0, at(point.beyond(), -point.half()));
    }
    right.addAll(left);
    return right;
  }

  /** Fingertip, plate, extension and smile line in one go. */
  public void drawOn(Scene.Builder scene, double behind, Outline outline) {
    scene.closed("skin", fingertip(behind));
    scene.closed("plate", plate());
    if (outline != null && outline.extension() > 0) {
      scene.closed("product", extension(outline));
    }
    scene.open("smile", smileLine());
  }
}
