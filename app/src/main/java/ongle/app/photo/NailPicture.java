package ongle.app.photo;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ongle.core.nail.Finger;
import ongle.core.photo.Spot;
import ongle.core.trace.TraceFit;
import ongle.core.trace.View;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;
import org.hibernate.annotations.DynamicUpdate;

/** A picture of one built nail, with what the technician marked and what was traced beside it. */
@Entity
@DynamicUpdate
class NailPicture extends StoredPicture {
  @Enumerated(EnumType.STRING)
  private Finger finger;

  @Enumerated(EnumType.STRING)
  private View view;

  @ElementCollection(fetch = FetchType.EAGER)
  @CollectionTable(name = "nail_picture_mark", joinColumns = @JoinColumn(name = "picture_id"))
  @MapKeyColumn(name = "spot")
  private Map<String, Marked> marks = new HashMap<>();

  /**
   * A mark, px.
   *
   * @param byHand whether the technician set it; else it was found
   */
  @Embeddable
  record Marked(double x, double y, boolean byHand) {
    Spot spot() {
      return new Spot(x, y);
    }
  }

  protected NailPicture() {}

  NailPicture(long setId, Finger finger, View view, LocalDateTime takenAt, Picture picture) {
    super(setId, takenAt, picture);
    this.finger = finger;
    this.view = view;
  }

  Finger getFinger() {
    return finger;
  }

  View getView() {
    return view;
  }

  /** What a traced point is called. */
  static String name(Curve curve, int number) {
    return curve.name() + "-" + number;
  }

  /** The edge a point of this name lies on; empty for a mark of the technician's. */
  static Optional<Curve> curve(String name) {
    int dash = name.indexOf('-');
    return dash < 0 ? Optional.empty() : Optional.of(Curve.valueOf(name.substring(0, dash)));
  }

  /** Whether a mark of this name can be in such a picture. */
  static boolean knows(View view, String name) {
    return view.anchors().stream().anyMatch(anchor -> anchor.name().equals(name))
        || view.curves().stream()
            .anyMatch(
                curve -> {
                  for (int i = 0; i < curve.points(); i++) {
                    if (name(curve, i).equals(name)) {
                      return true;
                    }
                  }
                  return false;
                });
  }

  Optional<Spot> mark(String name) {
    return Optional.ofNullable(marks.get(name)).map(Marked::spot);
  }

  void mark(String name, Spot at) {
    Spot held = within(at);
    marks.put(name, new Marked(held.x(), held.y(), true));
  }

  void unmark(String name) {
    marks.remove(name);
  }

  Map<Anchor, Spot> anchors() {
    Map<Anchor, Spot> anchors = new EnumMap<>(Anchor.class);
    view.anchors().forEach(anchor -> mark(anchor.name()).ifPresent(at -> anchors.put(anchor, at)));
    return anchors;
  }

  /**
   * Points by edge and number along it.
   *
   * @param byHand only those the technician set
   */
  Map<Curve, Map<Integer, Spot>> traced(boolean byHand) {
    Map<Curve, Map<Integer, Spot>> traced = new EnumMap<>(Curve.class);
    for (Curve curve : view.curves()) {
      Map<Integer, Spot> points = new TreeMap<>();
      for (int i = 0; i < curve.points(); i++) {
        Marked at = marks.get(name(curve, i));
        if (at != null && (at.byHand() || !byHand)) {
          points.put(i, at.spot());
        }
      }
      if (!points.isEmpty()) {
        traced.put(curve, points);
      }
    }
    return traced;
  }

  /** Puts what was found in the place of what was found before. */
  void trace(Map<Curve, Map<Integer, Spot>> found) {
    marks.entrySet().removeIf(mark -> !mark.getValue().byHand());
    found.forEach(
        (curve, points) ->
            points.forEach(
                (number, at) ->
                    marks.computeIfAbsent(
                        name(curve, number),
                        name -> new Marked(within(at).x(), within(at).y(), false))));
  }

  TraceFit.Picture asTraced() {
    return new TraceFit.Picture(view, camera(), anchors(), traced(false));
  }

  boolean isMarked() {
    return anchors().keySet().containsAll(view.anchors());
  }

  /** Keeps it with the visit, smaller; the marks move along. */
  void keepSmaller(Picture smaller) {
    double scale = keep(smaller);
    marks.replaceAll((name, at) -> new Marked(at.x() * scale, at.y() * scale, at.byHand()));
  }
}
