package ongle.app.sets;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDateTime;

/**
 * A value of a nail with how, when and by whom it was taken.
 *
 * @param amount in the quantity's unit
 * @param how it was taken
 * @param takenAt when; null of values older than this record
 * @param takenBy who; null if nobody said
 */
@Embeddable
public record Taken(
    @Column(name = "amount") double amount,
    @Enumerated(EnumType.STRING) How how,
    LocalDateTime takenAt,
    String takenBy) {

  /** The ways a value gets onto the sheet. */
  public enum How {
    TYPED,
    CALLIPER,
    PHOTO,
    ESTIMATE,
    TWIN,
    FILE;

    /** Whether a measure in a picture, a few tenths of a mm wide, does not replace it. */
    public boolean surerThanPicture() {
      return this == TYPED || this == CALLIPER || this == FILE;
    }
  }

  Taken as(How now, LocalDateTime at, String by) {
    return new Taken(amount, now, at, by);
  }
}
