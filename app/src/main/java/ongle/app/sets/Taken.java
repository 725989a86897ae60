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
    TYPED("typed"),
    CALLIPER("by calliper"),
    PHOTO("from a picture"),
    ESTIMATE("an estimate, confirmed"),
    TWIN("copied from the twin"),
    FILE("from a file");

    private final String label;

    How(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }

    /** Whether a measure in a picture, a few tenths of a mm wide, does not replace it. */
    boolean surerThanPicture() {
      return this == TYPED || this == CALLIPER || this == FILE;
    }
  }

  Taken as(How now, LocalDateTime at, String by) {
    return new Taken(amount, now, at, by);
  }
}
