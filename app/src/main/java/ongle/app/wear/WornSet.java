package ongle.app.wear;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/** What became of a set's nails together, and until when it stays whole by chance. */
@Entity
class WornSet {
  @Id private long setId;
  @Version private Integer version;
  private int failed;
  private double nailWeeks;
  private LocalDate staysUntil;
  private Double staysWith;
  private LocalDate remindedOn;

  protected WornSet() {}

  WornSet(long setId) {
    this.setId = setId;
  }

  long getSetId() {
    return setId;
  }

  /** Nails known to have failed. */
  int getFailed() {
    return failed;
  }

  double getNailWeeks() {
    return nailWeeks;
  }

  /** Counts what is known of its nails, one note a nail. */
  void count(Collection<WearNote> known) {
    failed = (int) known.stream().filter(note -> !note.isFine()).count();
    nailWeeks = known.stream().mapToDouble(note -> Math.max(1, note.getDays()) / 7.0).sum();
  }

  /** The first day it stays whole with less than a share; empty until that is reckoned. */
  Optional<LocalDate> staysUntil(double share) {
    return Optional.ofNullable(staysUntil).filter(day -> staysWith != null && staysWith == share);
  }

  void stayUntil(LocalDate day, double share) {
    staysUntil = day;
    staysWith = share;
  }

  /** What was reckoned holds no longer. */
  void reckonAnew() {
    staysUntil = null;
  }

  Optional<LocalDate> remindedOn() {
    return Optional.ofNullable(remindedOn);
  }

  void remind(LocalDate day) {
    remindedOn = day;
  }
}
