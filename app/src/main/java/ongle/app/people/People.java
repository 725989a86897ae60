package ongle.app.people;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Who works in the salon, what they may do, and by what they are known. */
@Service
public class People {
  /** As long as a name may be. */
  public static final int LONGEST_NAME = 60;

  /** What nobody's secret is: an unknown name takes as long to refuse as a known one. */
  private static final String NOBODYS = Secret.hashed(UUID.randomUUID().toString());

  private final PersonRepository people;
  private final ApplicationEventPublisher tell;
  private final TransactionTemplate change;
  private volatile boolean owned;

  People(
      PersonRepository people, ApplicationEventPublisher tell, PlatformTransactionManager changes) {
    this.people = people;
    this.tell = tell;
    change = new TransactionTemplate(changes);
  }

  /**
   * Somebody's rights or secret changed, or they left: whoever is signed in as them is no longer.
   */
  public record Changed(long id) {}

  /** What comes of trying to sign in. */
  public sealed interface Tried {
    record In(Who who) implements Tried {}

    record Wrong() implements Tried {}

    /**
     * Too often wrong.
     *
     * @param pause until it may be tried again; empty where only the owner can help
     */
    record Barred(Optional<Duration> pause) implements Tried {}
  }

  /** Those who work here now, by name. */
  @Transactional(readOnly = true)
  public List<Person> all() {
    return people.findByPutAwayFalseOrderByName();
  }

  /** Whether there is or was somebody of that id. */
  @Transactional(readOnly = true)
  public boolean knows(long id) {
    return people.existsById(id);
  }

  /** Whether somebody of that id signs in by a PIN, or is nobody. */
  @Transactional(readOnly = true)
  public boolean hasPin(long id) {
    return people.findById(id).filter(person -> person.getRole().hasPassword()).isEmpty();
  }

  /** Whether nobody owns this salon yet. */
  @Transactional(readOnly = true)
  public boolean ownerless() {
    return people.countByRoleAndPutAwayFalse(Role.OWNER) == 0;
  }

  /** Whether somebody does; asked before every sign-in, and once true it stays so. */
  public boolean owned() {
    if (!owned) {
      owned = !ownerless();
    }
    return owned;
  }

  /**
   * The first owner, who makes all others.
   *
   * @throws NotAllowed if there is one
   */
  @Transactional
  public Who begin(UUID formKey, String name, String password) {
    if (!ownerless()) {
      throw new NotAllowed(Right.SALON);
    }
    return made(formKey, name, Role.OWNER, password).who();
  }

  /** Adds somebody; the same form key adds them once. */
  @Needs(Right.SALON)
  @Transactional
  public Person add(UUID formKey, String name, Role role, String secret) {
    return people.findByFormKey(formKey).orElseGet(() -> made(formKey, name, role, secret));
  }

  private Person made(UUID formKey, String name, Role role, String secret) {
    Person person = new Person(formKey, name.strip(), role);
    person.knownBy(Secret.hashed(secret));
    return people.save(person);
  }

  /**
   * Makes somebody something else, with a secret that suits it.
   *
   * @return whether that was possible: a salon keeps an owner
   */
  @Needs(Right.SALON)
  @Transactional
  public boolean change(long id, Role role, String secret) {
    Person person = people.findById(id).orElseThrow();
    if (role != Role.OWNER && lastOwner(person)) {
      return false;
    }
    person.is(role);
    person.knownBy(Secret.hashed(secret));
    // Whoever lost their phone asks another owner, or ./ongle password.
    person.codesBy(null);
    tell.publishEvent(new Changed(id));
    return true;
  }

  /**
   * Who has left is asked about no more; what they did stays.
   *
   * @return whether that was possible: a salon keeps an owner
   */
  @Needs(Right.SALON)
  @Transactional
  public boolean gone(long id) {
    Optional<Person> person = people.findById(id);
    if (person.filter(this::lastOwner).isPresent()) {
      return false;
    }
    person.ifPresent(left -> left.putAway(true));
    tell.publishEvent(new Changed(id));
    return true;
  }

  private boolean lastOwner(Person person) {
    return person.getRole() == Role.OWNER
        && !person.putAway()
        && people.countByRoleAndPutAwayFalse(Role.OWNER) == 1;
  }

  /** Why this is no secret for somebody of that role, as a key of the words; empty if it is one. */
  public static Optional<String> fault(Role role, String secret) {
    return Secret.fault(role, secret);
  }

  /**
   * Tries a password or PIN. Each try is counted before it is looked at, so that many at once are
   * no more than one after the other.
   *
   * @param code of their phone; counts only where they have one set up
   */
  public Tried tryIn(long id, String secret, String code) {
    return tried(id, secret, person -> person.useCode(code, Instant.now()));
  }

  /** The same of whoever is signed in: their phone was asked then. */
  public Tried again(String secret) {
    return tried(me(), secret, person -> true);
  }

  private Tried tried(long id, String secret, Predicate<Person> andThen) {
    LocalDateTime now = LocalDateTime.now();
    Optional<Person> person =
        change.execute(
            status -> people.findById(id).filter(Person::isKnown).map(p -> count(p, now)));
    boolean right = Secret.matches(secret, person.flatMap(Person::secret).orElse(NOBODYS));
    if (person.isEmpty() || person.get().putAway()) {
      return new Tried.Wrong();
    }
    Person known = person.get();
    if (Barring.forGood(known.getRole(), known.wrong())) {
      return new Tried.Barred(Optional.empty());
    }
    Optional<LocalDateTime> until = known.barredUntil().filter(now::isBefore);
    if (until.isPresent()) {
      return new Tried.Barred(Optional.of(Duration.between(now, until.get())));
    }
    if (!right) {
      return new Tried.Wrong();
    }
    boolean in =
        change.execute(
            status -> {
              Optional<Person> them = people.findById(id).filter(andThen);
              them.ifPresent(Person::right);
              return them.isPresent();
            });
    return in ? new Tried.In(known.who()) : new Tried.Wrong();
  }

  /**
   * Gives whoever is signed in another secret of their own wish. They sign in with the new one at
   * every browser.
   */
  @Transactional
  public void changeOwn(String wanted) {
    changeMe(person -> person.knownBy(Secret.hashed(wanted)));
  }

  /**
   * Has the phone of whoever is signed in asked for a code, too, from now on, or no longer. They
   * sign in anew at every browser.
   *
   * @param key the phone has; empty for no longer
   */
  @Transactional
  public void askPhone(Optional<String> key) {
    changeMe(person -> person.codesBy(key.orElse(null)));
  }

  private void changeMe(Consumer<Person> to) {
    people.findById(me()).ifPresent(to);
    tell.publishEvent(new Changed(me()));
  }

  private static long me() {
    return Present.who().orElseThrow().id();
  }

  /** Whether a phone that has this key shows this code now. */
  public static boolean codeOf(String key, String code) {
    return PhoneCode.step(key, code, Instant.now()).isPresent();
  }

  /** A key for a phone, as text of 32 letters and figures. */
  public static String newKey() {
    return PhoneCode.key();
  }

  /** Whether this is such a key. */
  public static boolean isKey(String text) {
    return PhoneCode.isKey(text);
  }

  /** As they were when they tried; the try is counted, unless they are barred already. */
  private Person count(Person person, LocalDateTime now) {
    Person before = person.copy();
    boolean barred = person.barredUntil().filter(now::isBefore).isPresent();
    if (!barred && !Barring.forGood(person.getRole(), person.wrong())) {
      Duration wait = Barring.after(person.wrong() + 1);
      person.wrong(wait.isZero() ? null : now.plus(wait));
    }
    return before;
  }
}
