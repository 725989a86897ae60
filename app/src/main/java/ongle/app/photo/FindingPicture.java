package ongle.app.photo;

import jakarta.persistence.Entity;
import java.time.LocalDateTime;

/** A picture of something that happened to a worn nail. */
@Entity
class FindingPicture extends StoredPicture {
  private long noteId;

  protected FindingPicture() {}

  FindingPicture(long setId, long noteId, LocalDateTime takenAt, Picture picture) {
    super(setId, takenAt, picture);
    this.noteId = noteId;
    keep(picture);
  }

  long getNoteId() {
    return noteId;
  }
}
