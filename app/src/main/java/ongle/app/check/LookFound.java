package ongle.app.check;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import ongle.core.check.Look;
import ongle.core.nail.Finger;

/** What the eye found on one nail at one look. */
@Entity
class LookFound {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long setId;

  @Enumerated(EnumType.STRING)
  private Finger finger;

  @Enumerated(EnumType.STRING)
  private Look look;

  @Enumerated(EnumType.STRING)
  private Look.Found found;

  protected LookFound() {}

  LookFound(long setId, Finger finger, Look look) {
    this.setId = setId;
    this.finger = finger;
    this.look = look;
  }

  Finger finger() {
    return finger;
  }

  Look look() {
    return look;
  }

  Look.Found found() {
    return found;
  }

  void finds(Look.Found what) {
    found = what;
  }
}
