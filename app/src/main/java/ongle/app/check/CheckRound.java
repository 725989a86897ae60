package ongle.app.check;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDateTime;

/**
 * One time the ten were measured, as it stood when that was over: what was measured and what came
 * of it, as JSON. Never changed afterwards.
 */
@Entity
class CheckRound {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long setId;
  private int number;
  private LocalDateTime at;
  private boolean good;
  private String measured;
  private String looks;

  protected CheckRound() {}

  CheckRound(
      long setId, int number, LocalDateTime at, boolean good, String measured, String looks) {
    this.looks = looks;
    this.setId = setId;
    this.number = number;
    this.at = at;
    this.good = good;
    this.measured = measured;
  }

  boolean saysTheSameAs(CheckRound other) {
    return good == other.good && measured.equals(other.measured) && looks.equals(other.looks);
  }

  int number() {
    return number;
  }

  LocalDateTime at() {
    return at;
  }

  boolean isGood() {
    return good;
  }

  String measured() {
    return measured;
  }

  String looks() {
    return looks;
  }
}
