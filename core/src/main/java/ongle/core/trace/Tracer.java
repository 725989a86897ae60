package ongle.core.trace;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ongle.core.Lookup;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.TraceFit.Picture;
import ongle.core.trace.View.Curve;

/**
 * Traces the edges of a built nail by itself: where the nail should be seen by its marks it looks
 * for edges, sees the nail anew by what it found, and looks closer.
 */
public final class Tracer {
  /** How far edges are looked for each time round, mm. */
  private static final double[] REACHES = {0.9, 0.6, 0.3, 0.2, 0.15};

  /** Where a picture that was traced before begins. */
  private static final int AGAIN_FROM = 2;

  /** Never farther than this share of the way to the edge beside it, and never nearer than, px. */
  private static final double HALF_WAY = 0.6;

  private static final double LEAST = 3;

  /** A point that is let go is drawn to an edge from this far, mm. */
  private static final double SNAP = 0.12;

  /** Edges that lie close beside another one. */
  private static final Map<Curve, Curve> BESIDE =
      Map.of(Curve.OUTER, Curve.INNER, Curve.INNER, Curve.OUTER);

  /** Edges that are not looked for before others have said how the nail is seen. */
  private static final Map<Curve, Integer> FIRST_ROUND =
      Map.of(Curve.LOWER_ARCH, 1, Curve.OUTER, 2);

  private Tracer() {}

  /**
   * Fills in the edges of one picture.
   *
   * @param pictures all of the nail, each with its marks
   * @param which of them is traced
   * @param pixels of that one
   * @param byHand points the technician set: they stay
   * @return points by edge and number along it
   * @throws TraceTrouble if the marks cannot be of this nail
   */
  public static Map<Curve, Map<Integer, Spot>> trace(
      NailPlan plan,
      List<Picture> pictures,
      View which,
      Pixels pixels,
      Map<Curve, ? extends Map<Integer, Spot>> byHand) {
    Picture traced =
        pictures.stream().filter(each -> each.view() == which).findFirst().orElseThrow();
    List<Picture> others = pictures.stream().filter(each -> each.view() != which).toList();
    Map<Curve, Map<Integer, Spot>> points = new EnumMap<>(Curve.class);
    traced.traced().forEach((curve, set) -> points.put(curve, new TreeMap<>(set)));
    byHand.forEach((curve, set) -> points.merge(curve, new TreeMap<>(set), Tracer::both));
    Map<Curve, Integer> rounds = new EnumMap<>(Curve.class);
    int again = traced.points() > 0 ? AGAIN_FROM : 0;
    which.curves().forEach(curve -> rounds.put(curve, again - FIRST_ROUND.getOrDefault(curve, 0)));
    while (rounds.values().stream().anyMatch(round -> round < REACHES.length)) {
      List<Picture> all = new ArrayList<>(others);
      all.add(new Picture(which, traced.camera(), traced.anchors(), points));
      Traced now = TraceFit.of(plan, all);
      double scale = Lookup.of(now.poses(), which).scale();
      for (Curve curve : which.curves()) {
        int round = rounds.merge(curve, 1, Integer::sum) - 1;
        if (round >= 0) {
          double reach = REACHES[Math.min(round, REACHES.length - 1)] * scale;
          Map<Integer, Spot> found = found(now, which, curve, pixels, reach);
          points.put(
              curve, both(found, byHand.containsKey(curve) ? Lookup.of(byHand, curve) : Map.of()));
        }
      }
    }
    return points;
  }

  /** A point set by hand, drawn to the edge beside it if there is one close by. */
  public static Spot snapped(Traced now, View view, Curve curve, Pixels pixels, Spot at) {
    Line line = new Line(now.line(view, curve));
    double reach = Math.max(LEAST, SNAP * Lookup.of(now.poses(), view).scale());
    return EdgeSearch.nearest(pixels, at, line.across(at), reach, 0).orElse(at);
  }

  private static Map<Integer, Spot> both(Map<Integer, Spot> found, Map<Integer, Spot> set) {
    found.putAll(set);
    return found;
  }

  private static Map<Integer, Spot> found(
      Traced now, View view, Curve curve, Pixels pixels, double reach) {
    Map<Integer, Spot> found = new TreeMap<>();
    List<Line.At> places = new Line(now.line(view, curve)).evenly(curve.points());
    Line beside =
        BESIDE.containsKey(curve) ? new Line(now.line(view, Lookup.of(BESIDE, curve))) : null;
    Spot middle = Lookup.of(now.poses(), view).sees(now.body().middle());
    for (int i = 0; i < places.size(); i++) {
      int number = i;
      Line.At at = places.get(i);
      double room =
          beside == null ? reach : Math.min(reach, HALF_WAY * Math.abs(beside.beside(at.spot())));
      int out = at.across().dot(at.spot().minus(middle)) > 0 ? 1 : -1;
      EdgeSearch.nearest(
              pixels, at.spot(), at.across(), Math.max(LEAST, room), out * curve.outermost())
          .ifPresent(spot -> found.put(number, spot));
    }
    return found;
  }
}
