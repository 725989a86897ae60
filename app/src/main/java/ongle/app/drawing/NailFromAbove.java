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
  private static final int CORNER_STEPS = 5;

  /** Fingertip over plate, in width. */
  private static final double FLESH = 0.64;

  /** From the cuticle back to the first joint, and how far it is to be seen, mm. */
  private static final double JOINT = 13;

  private static final double JOINT_LONG = 5;

  /** Where a finger ends in a drawing: so many bands, each so long, mm. */
  private static final int FADES = 5;

  private static final double FADE = 0.8;

  /** The moon: its reach over the plate length, its width over the plate's. */
  private static final double MOON_LONG = 0.17;

  private static final double MOON_WIDE = 0.62;

  /** Where a build catches the light: from and to over its length, and how far from its middle. */
  private static final double GLOSS_FROM = 0.14;

  private static final double GLOSS_TO = 0.66;
  private static final double GLOSS_ASIDE = 0.5;

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

  /** The finger from {@code behind} mm behind the cuticle, round its tip; open behind. */
  public List<Point> fingertip(double behind) {
    double half = FLESH * nail.width();
    double tip = nail.overhang();
    double rounded = Math.min(1.25 * half, nail.plateLength());
    double back = -nail.plateLength() - behind;
    List<Point> right = new ArrayList<>();
    List<Point> left = new ArrayList<>();
    for (int i = 0; i <= SIDE_STEPS; i++) {
      double along = back + (tip - rounded - back) * i / SIDE_STEPS;
      right.add(at(along, half * swelling(along)));
      left.add(0, at(along, -half * swelling(along)));
    }
    for (int i = 1; i < 2 * SIDE_STEPS; i++) {
      double angle = Math.PI / 2 - Math.PI * i / (2 * SIDE_STEPS);
      right.add(at(tip - rounded + rounded * Math.cos(angle), half * Math.sin(angle)));
    }
    right.addAll(left);
    return right;
  }

  /** Half width of a finger at a place over that of its tip: wider at the joint. */
  private double swelling(double along) {
    double fromJoint = (along + nail.plateLength() + JOINT) / JOINT_LONG;
    double back = Math.max(0, -along) / (nail.plateLength() + JOINT);
    return 1 + 0.05 * Math.min(1, back) + 0.06 * Math.exp(-fromJoint * fromJoint);
  }

  /** The creases over the joint. */
  private List<Point> crease(double off) {
    double half = FLESH * nail.width();
    return Scene.sampled(
        -1,
        1,
        8,
        t -> at(-nail.plateLength() - JOINT - off + 0.7 * t * t, 0.62 * half * t).x(),
        t -> at(-nail.plateLength() - JOINT - off + 0.7 * t * t, 0.62 * half * t).y());
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
      right.add(onPlate(from, half));
      left.add(0, onPlate(from, -half));
    }
    if (nail.freeEdge() > 0) {
      double half = nail.width() / 2;
      double corner = Math.min(0.45 * half, nail.freeEdge());
      for (int i = 0; i <= CORNER_STEPS; i++) {
        double angle = Math.PI / 2 * i / CORNER_STEPS;
        double along = nail.freeEdge() - corner * (1 - Math.sin(angle));
        double across = half - corner * (1 - Math.cos(angle));
        right.add(at(along, across));
        left.add(0, at(along, -across));
      }
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

  /** The finger goes on, paler and paler. */
  private void fade(Scene.Builder scene, double back) {
    for (int i = 0; i < FADES; i++) {
      double from = back - FADE * i;
      double to = from - FADE;
      double half = FLESH * nail.width() * swelling(from);
      scene.closed(
          "fade fade-" + i, List.of(at(from, half), at(to, half), at(to, -half), at(from, -half)));
    }
  }

  /** The pale moon at the cuticle; it leans with the plate. */
  private List<Point> moon() {
    double wide = MOON_WIDE * nail.width() / 2;
    List<Point> points = new ArrayList<>();
    for (int i = -SIDE_STEPS; i <= SIDE_STEPS; i++) {
      double across = wide * i / SIDE_STEPS;
      double share = across / wide;
      double front =
          cuticleAt(wide) + MOON_LONG * nail.plateLength() * Math.sqrt(1 - share * share);
      points.add(onPlate(front, across));
    }
    for (int i = SIDE_STEPS; i >= -SIDE_STEPS; i--) {
      double across = wide * i / SIDE_STEPS;
      points.add(onPlate(cuticleAt(across), across));
    }
    return points;
  }

  private Point onPlate(double fromCuticle, double across) {
    return at(fromCuticle - nail.plateLength(), across + leanAt(fromCuticle));
  }

  /** How far the edge of the cuticle lies before its middle, this far across; mm. */
  private double cuticleAt(double across) {
    double share = across / (nail.width() / 2);
    return Nail.CUTICLE_ROUNDING * nail.width() * (1 - Math.sqrt(1 - share * share));
  }

  /** The natural nail on its finger. */
  void drawNatural(Scene.Builder scene, double behind) {
    scene.open("skin", fingertip(behind));
    if (behind > JOINT) {
      scene.open("crease", crease(0)).open("crease", crease(1.6));
      fade(scene, -nail.plateLength() - behind);
    }
    scene.closed("plate", plate());
    scene.closed("moon", moon());
  }

  /** What is built beyond the stress line. */
  void drawExtension(Scene.Builder scene, Outline outline) {
    double extension = outline.extension();
    scene.open("product", extension(outline));
    scene.open(
        "gloss",
        Scene.sampled(
            GLOSS_FROM * extension,
            GLOSS_TO * extension,
            8,
            beyond -> at(beyond, -GLOSS_ASIDE * outline.halfWidthAt(beyond)).x(),
            beyond -> at(beyond, -GLOSS_ASIDE * outline.halfWidthAt(beyond)).y()));
  }

  /** Finger, plate, extension and smile line in one go. */
  public void drawOn(Scene.Builder scene, double behind, Outline outline) {
    drawNatural(scene, behind);
    if (outline != null && outline.extension() > 0) {
      drawExtension(scene, outline);
    }
    scene.open("smile", smileLine());
  }
}
