package ongle.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody who works in the salon. */
@Entity
public class Person {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private long version;
  private UUID formKey;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  /** Password or PIN, hashed; empty while nobody has given them one. */
  private @Nullable String secret;

  /** How often a wrong one was typed since the last right one. */
  private int wrong;

  private @Nullable LocalDateTime barredUntil;
  private boolean putAway;

  /** What their phone makes codes from; empty while it is not asked. */
  private @Nullable String codeKey;

  /** The step of time of the last code taken: each is good once. */
  private @Nullable Long codeStep;

  protected Person() {}

  Person(UUID formKey, String name, Role role) {
    this.formKey = formKey;
    this.name = name;
    this.role = role;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public Role getRole() {
    return role;
  }

  /** Whether they can sign in at all. */
  public boolean isKnown() {
    return secret != null;
  }

  boolean putAway() {
    return putAway;
  }

  Optional<String> secret() {
    return Optional.ofNullable(secret);
  }

  Optional<LocalDateTime> barredUntil() {
    return Optional.ofNullable(barredUntil);
  }

  int wrong() {
    return wrong;
  }

  Who who() {
    return new Who(id, name, role);
  }

  void is(Role other) {
    role = other;
  }

  void knownBy(String hashed) {
    secret = hashed;
    right();
  }

  /** Whether their phone is asked for a code, too. */
  public boolean isAskedForCode() {
    return codeKey != null;
  }

  void codesBy(@Nullable String key) {
    codeKey = key;
    codeStep = null;
  }

  /**
   * Uses up a code of their phone.
   *
   * @return whether it is the one of now and was not used before; of any, where no phone is asked
   */
  boolean useCode(String code, Instant at) {
    if (codeKey == null) {
      return true;
    }
    Optional<Long> step =
        PhoneCode.step(codeKey, code, at).filter(now -> codeStep == null || now > codeStep);
    step.ifPresent(now -> codeStep = now);
    return step.isPresent();
  }

  void right() {
    wrong = 0;
    barredUntil = null;
  }

  void wrong(@Nullable LocalDateTime until) {
    wrong++;
    barredUntil = until;
  }

  /** As they stand now. */
  Person copy() {
    Person copy = new Person(formKey, name, role);
    copy.id = id;
    copy.secret = secret;
    copy.wrong = wrong;
    copy.barredUntil = barredUntil;
    copy.putAway = putAway;
    return copy;
  }

  void putAway(boolean away) {
    putAway = away;
  }
}
