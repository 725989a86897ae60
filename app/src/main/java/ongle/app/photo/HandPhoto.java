package ongle.app.photo;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.photo.CardView;
import ongle.core.photo.NailMarks;
import ongle.core.photo.Spot;
import org.hibernate.annotations.DynamicUpdate;

/**
 * A picture of one hand of a set with the marks set in it; setting one does not write the picture.
 */
@Entity
@DynamicUpdate
class HandPhoto extends StoredPicture {
  @Enumerated(EnumType.STRING)
  private Hand hand;

  private boolean onTable;

  @ElementCollection(fetch = FetchType.EAGER)
  @CollectionTable(name = "hand_photo_mark", joinColumns = @JoinColumn(name = "photo_id"))
  @MapKeyColumn(name = "spot")
  private Map<String, MarkedAt> marks = new HashMap<>();

  /** A mark, px. */
  @jakarta.persistence.Embeddable
  record MarkedAt(double x, double y) {
    Spot spot() {
      return new Spot(x, y);
    }
  }

  protected HandPhoto() {}

  HandPhoto(long setId, Hand hand, LocalDateTime takenAt, Picture picture) {
    super(setId, takenAt, picture);
    this.hand = hand;
  }

  Hand getHand() {
    return hand;
  }

  /** Whether the card lies on the table, below the nails. */
  boolean isOnTable() {
    return onTable;
  }

  /** How far the nails lie above the card, mm. */
  double above() {
    return onTable ? CardView.NAILS_ABOVE_TABLE : 0;
  }

  /** All marks by name, in the order of the names. */
  Map<String, Spot> marks() {
    Map<String, Spot> all = new TreeMap<>();
    marks.forEach((name, at) -> all.put(name, at.spot()));
    return all;
  }

  /** The corners marked so far. */
  List<Spot> corners() {
    return IntStream.rangeClosed(1, MarkName.CORNERS)
        .mapToObj(number -> marks.get(MarkName.corner(number)))
        .filter(java.util.Objects::nonNull)
        .map(MarkedAt::spot)
        .toList();
  }

  Optional<Spot> mark(Finger finger, NailSpot spot) {
    return Optional.ofNullable(marks.get(MarkName.of(finger, spot))).map(MarkedAt::spot);
  }

  /** The marks of a nail; empty while one that is needed is missing. */
  Optional<NailMarks> nail(Finger finger) {
    for (NailSpot spot : NailSpot.values()) {
      if (spot.needed() && mark(finger, spot).isEmpty()) {
        return Optional.empty();
      }
    }
    return Optional.of(
        new NailMarks(
            mark(finger, NailSpot.GROWTH_POINT).orElseThrow(),
            mark(finger, NailSpot.OTHER_GROWTH_POINT).orElseThrow(),
            mark(finger, NailSpot.CUTICLE).orElseThrow(),
            mark(finger, NailSpot.EDGE).orElseThrow(),
            mark(finger, NailSpot.KNUCKLE)));
  }

  void mark(String name, Spot at) {
    Spot held = within(at);
    marks.put(name, new MarkedAt(held.x(), held.y()));
  }

  void unmark(String name) {
    marks.remove(name);
  }

  void cardOnTable(boolean now) {
    onTable = now;
  }

  /** Keeps it with the visit, smaller; the marks move along. */
  void keepSmaller(Picture smaller) {
    double scale = keep(smaller);
    marks.replaceAll((name, at) -> new MarkedAt(at.x() * scale, at.y() * scale));
  }
}
