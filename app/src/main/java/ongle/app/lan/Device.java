package ongle.app.lan;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDateTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A tablet, a telephone or another computer of the salon's. */
@Entity
public class Device {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  /** Of what it keeps; empty until it came by its code. */
  private @Nullable String hash;

  /** Of the code it comes by, once. */
  private @Nullable String codeHash;

  private LocalDateTime codeUntil;
  private String letInBy;
  private @Nullable LocalDateTime cameAt;
  private boolean gone;

  protected Device() {}

  Device(String name, String codeHash, LocalDateTime codeUntil, String by) {
    this.name = name;
    this.codeHash = codeHash;
    this.codeUntil = codeUntil;
    letInBy = by;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public String getLetInBy() {
    return letInBy;
  }

  /** When it came by its code. */
  public Optional<LocalDateTime> cameAt() {
    return Optional.ofNullable(cameAt);
  }

  boolean waits(LocalDateTime now) {
    return codeHash != null && now.isBefore(codeUntil);
  }

  void came(String hashed, LocalDateTime at) {
    hash = hashed;
    codeHash = null;
    cameAt = at;
  }

  void shutOut() {
    gone = true;
  }
}
