package ongle.app.today;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDateTime;

/** A client coming at a time for a purpose. */
@Entity
public class Appointment {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private Long clientId;
  private LocalDateTime startsAt;
  private int minutes;
  private String purpose;
  private Long setId;

  protected Appointment() {}

  /**
   * @param minutes how long it takes
   * @param setId set planned for it; null if none yet
   */
  public Appointment(
      long clientId, LocalDateTime startsAt, int minutes, String purpose, Long setId) {
    this.clientId = clientId;
    this.startsAt = startsAt;
    this.minutes = minutes;
    this.purpose = purpose;
    this.setId = setId;
  }

  public Long getId() {
    return id;
  }

  /** Books it for another length, minutes. */
  void last(int wanted) {
    minutes = wanted;
  }

  public Long getClientId() {
    return clientId;
  }

  public LocalDateTime getStartsAt() {
    return startsAt;
  }

  public LocalDateTime getEndsAt() {
    return startsAt.plusMinutes(minutes);
  }

  public int getMinutes() {
    return minutes;
  }

  public String getPurpose() {
    return purpose;
  }

  public Long getSetId() {
    return setId;
  }
}
