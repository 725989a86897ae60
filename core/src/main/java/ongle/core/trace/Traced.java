package ongle.core.trace;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.check.Body;
import ongle.core.nail.Quantity;
import ongle.core.photo.Spot;
import ongle.core.trace.View.Curve;

/**
 * A built nail as its pictures show it.
 *
 * @param body that looks like them
 * @param poses where the camera stood in each
 * @param values what they tell, in each quantity's unit; what they do not is left out
 * @param bands how far each may be off, in its unit, 19 times in 20
 * @param off how far the points of each edge lie beside it on average, mm
 * @param start where a search may begin when a point has moved
 */
public record Traced(
    Body body,
    Map<View, Pose> poses,
    Map<Quantity, Double> values,
    Map<Quantity, Double> bands,
    Map<View, Map<Curve, Double>> off,
    TraceFit.Start start) {
  public Traced {
    values = Collections.unmodifiableMap(new EnumMap<>(values));
    bands = Collections.unmodifiableMap(new EnumMap<>(bands));
  }

  /** An edge as the body shows it in a picture, px; empty without that picture. */
  public List<Spot> line(View view, Curve curve) {
    Pose pose = poses.get(view);
    return pose == null ? List.of() : new Silhouette(body, pose, view).line(curve);
  }
}
