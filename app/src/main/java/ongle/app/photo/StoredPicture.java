package ongle.app.photo;

import jakarta.persistence.Basic;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A picture of a set while it is marked, and after that if the technician keeps it. */
@MappedSuperclass
abstract class StoredPicture {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private long setId;
  private LocalDateTime takenAt;
  private int width;
  private int height;
  private double focalLength;
  private boolean kept;

  @JdbcTypeCode(SqlTypes.LONG32VARBINARY)
  @Basic(fetch = FetchType.LAZY)
  private byte[] jpeg;

  protected StoredPicture() {}

  StoredPicture(long setId, LocalDateTime takenAt, Picture picture) {
    this.setId = setId;
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

  LocalDateTime getTakenAt() {
    return takenAt;
  }

  int getWidth() {
    return width;
  }

  int getHeight() {
    return height;
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

  /** Held to the picture. */
  Spot within(Spot at) {
    return new Spot(Math.max(0, Math.min(width, at.x())), Math.max(0, Math.min(height, at.y())));
  }

  /**
   * Keeps it with the visit, smaller.
   *
   * @return by how much: marks move along
   */
  double keep(Picture smaller) {
    double scale = (double) smaller.width() / width;
    show(smaller);
    kept = true;
    return scale;
  }
}
