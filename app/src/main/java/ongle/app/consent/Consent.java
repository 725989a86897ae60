package ongle.app.consent;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One signed agreement; it is never changed, only withdrawn. */
@Entity
public class Consent {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private UUID formKey;
  private long clientId;

  @Enumerated(EnumType.STRING)
  private Agreement kind;

  private String words;
  private String signedBy;
  private boolean asGuardian;
  private String signature;
  private LocalDateTime signedAt;
  private String takenBy;
  private LocalDateTime withdrawnAt;

  protected Consent() {}

  /**
   * @param formKey of the form it was signed on, so that one sent twice is one
   * @param by who signed to what
   * @param words what was read and signed
   * @param takenBy who sat at the desk
   */
  Consent(UUID formKey, long clientId, Signed by, String words, LocalDateTime at, String takenBy) {
    this.formKey = formKey;
    this.clientId = clientId;
    kind = by.to();
    this.words = words;
    signedBy = by.name();
    asGuardian = by.guardian();
    signature = by.signature();
    signedAt = at;
    this.takenBy = takenBy;
  }

  void withdraw(LocalDateTime at) {
    if (withdrawnAt == null) {
      withdrawnAt = at;
    }
  }

  public Long getId() {
    return id;
  }

  public Agreement getKind() {
    return kind;
  }

  public String getWords() {
    return words;
  }

  public String getSignedBy() {
    return signedBy;
  }

  public boolean isAsGuardian() {
    return asGuardian;
  }

  public String getSignature() {
    return signature;
  }

  public LocalDateTime getSignedAt() {
    return signedAt;
  }

  public String getTakenBy() {
    return takenBy;
  }

  /** Null while it stands. */
  public @Nullable LocalDateTime getWithdrawnAt() {
    return withdrawnAt;
  }
}
