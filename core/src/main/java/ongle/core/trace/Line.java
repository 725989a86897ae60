package ongle.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ongle.core.photo.Spot;

/** A line of points in a picture, px. */
record Line(List<Spot> points) {
  /** A place on it with the direction across, of length 1. */
  record At(Spot spot, Spot across) {}

  /** How far a place lies beside it, px; minus on the one side, plus on the other. */
  double beside(Spot spot) {
    double nearest = Double.POSITIVE_INFINITY;
    double beside = 0;
    Spot from = points.get(0);
    for (int i = 1; i < points.size(); i++) {
      Spot end = points.get(i);
      double alongX = end.x() - from.x();
      double alongY = end.y() - from.y();
      double toX = spot.x() - from.x();
      double toY = spot.y() - from.y();
      double length = alongX * alongX + alongY * alongY;
      if (length > 1e-18) {
        double share = Math.max(0, Math.min(1, (alongX * toX + alongY * toY) / length));
        double apartX = toX - share * alongX;
        double apartY = toY - share * alongY;
        double apart = apartX * apartX + apartY * apartY;
        if (apart < nearest) {
          nearest = apart;
          beside = (alongX * toY - alongY * toX) / Math.sqrt(length);
        }
      }
      from = end;
    }
    return beside;
  }

  /** The direction across it where it is nearest to a place, of length 1. */
  Spot across(Spot spot) {
    List<At> places = evenly(4 * points.size());
    return places.stream()
        .min(Comparator.comparingDouble(at -> at.spot().minus(spot).length()))
        .map(At::across)
        .orElse(new Spot(0, 1));
  }

  /** Places evenly along it, none at its very ends. */
  List<At> evenly(int count) {
    double whole = 0;
    for (int i = 1; i < points.size(); i++) {
      whole += points.get(i).minus(points.get(i - 1)).length();
    }
    List<At> places = new ArrayList<>();
    double gone = 0;
    int next = 0;
    for (int i = 1; i < points.size() && next < count; i++) {
      Spot along = points.get(i).minus(points.get(i - 1));
      double length = along.length();
      while (next < count && length > 0 && (next + 0.5) / count * whole <= gone + length) {
        double share = ((next + 0.5) / count * whole - gone) / length;
        places.add(
            new At(
                points.get(i - 1).plus(along.times(share)), along.turnedRight().times(1 / length)));
        next++;
      }
      gone += length;
    }
    return places;
  }
}
