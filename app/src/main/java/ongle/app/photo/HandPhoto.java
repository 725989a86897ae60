package ongle.app.photo;

import jakarta.persistence.Basic;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.photo.Camera;
import ongle.core.photo.CardView;
import ongle.core.photo.NailMarks;
import ongle.core.photo.Spot;
import org.hibernate.annotations.DynamicUpdate;

/**
 * A picture of one hand of a set with the marks set in it; setting one does not write the picture.
 */
@Entity
@DynamicUpdate
class HandPhoto {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private long setId;

  @Enumerated(EnumType.STRING)
  private Hand hand;

  private LocalDateTime takenAt;
  private int width;
  private int height;
  private double focalLength;
  private boolean onTable;
  private boolean kept;

  @Lob
  @Basic(fetch = FetchType.LAZY)
  private byte[] jpeg;

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
    this.setId = setId;
    this.hand = hand;
    this.takenAt = takenAt;
    show(picture);
  }

  private void show(Picture picture) {
    width = picture.width();
    height = picture.height();
    focalLength = picture.focalLength();
    jpeg = picture.jpeg();
  }

  Long getId() {
    return id;
  }

  int getVersion() {
    return version;
  }

  Hand getHand() {
    return hand;
  }

  LocalDateTime getTakenAt() {
    return takenAt;
  }

  int getWidth() {
    return width;
  }

  int getHeight() {
    return height;
  }

  /** Whether the card lies on the table, below the nails. */
  boolean isOnTable() {
    return onTable;
  }

  /** Whether it stays with the visit. */
  boolean isKept() {
    return kept;
  }

  byte[] getJpeg() {
    return jpeg;
  }

  Picture picture() {
    return new Picture(jpeg, width, height, focalLength);
  }

  Camera camera() {
    return new Camera(width, height, focalLength);
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
    marks.put(
        name,
        new MarkedAt(Math.max(0, Math.min(width, at.x())), Math.max(0, Math.min(height, at.y()))));
  }

  void unmark(String name) {
    marks.remove(name);
  }

  void cardOnTable(boolean now) {
    onTable = now;
  }

  /** Keeps it with the visit, smaller; the marks move along. */
  void keep(Picture smaller) {
    double scale = (double) smaller.width() / width;
    marks.replaceAll((name, at) -> new MarkedAt(at.x() * scale, at.y() * scale));
    show(smaller);
    kept = true;
  }
}
