package ongle.app.wear;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ongle.app.words.Numbers;
import ongle.core.cause.Cause;
import ongle.core.cause.Finding;
import ongle.core.check.NailCheck;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.wear.LoadFactor;

/** What was seen of one worn nail on one day: whole, or what happened to it. */
@Entity
class WearNote {
  /** A margin no day wears down. */
  private static final double MOST = 99;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Version private int version;
  private long setId;

  @Enumerated(EnumType.STRING)
  private Finger finger;

  private LocalDate seenOn;

  @Enumerated(EnumType.STRING)
  private Finding.Kind kind;

  @Enumerated(EnumType.STRING)
  private Finding.Place place;

  private double far;
  private LocalDate wholeOn;

  @Enumerated(EnumType.STRING)
  @Column(name = "after_what")
  private Finding.After after = Finding.After.NOTHING_KNOWN;

  private String said;

  @Enumerated(EnumType.STRING)
  private Cause ownCause;

  private int days;
  private double foretold = 1;
  private String margins = "";
  private int beyond;
  private boolean told;
  private boolean counts;
  private String product;
  private String shape;
  private String way;
  private String technician;
  private boolean leftOut;

  protected WearNote() {}

  /** Seen whole. */
  WearNote(long setId, Finger finger, LocalDate seenOn) {
    this.setId = setId;
    this.finger = finger;
    this.seenOn = seenOn;
  }

  WearNote(long setId, Finger finger, LocalDate seenOn, WearForm form) {
    this(setId, finger, seenOn);
    kind = form.kind();
    place = form.place();
    far = form.far();
    wholeOn = form.whole().orElse(null);
    after = form.after();
    said = form.said();
    told = form.told();
  }

  /**
   * What the salon's own figures are counted by.
   *
   * @param chance it was foretold to be whole until that day, 0 to 1
   * @param nail as it was built
   */
  void count(NailCheck nail, int day, double chance, String by) {
    NailPlan plan = nail.plan();
    margins =
        Arrays.stream(nail.course().margins())
            .mapToObj(margin -> Numbers.plain(Math.min(MOST, margin), 3))
            .collect(Collectors.joining(" "));
    beyond = (int) Math.round(plan.extension());
    days = day;
    foretold = chance;
    product = plan.build().product().code();
    shape = plan.shape().name();
    way = plan.fit().way().name();
    technician = by;
    leftOut = !plan.wearing().skipped().isEmpty();
  }

  /** Crack margins week by week, as they were to fall; empty where nothing was planned. */
  Optional<LoadFactor.Course> course() {
    if (margins.isEmpty()) {
      return Optional.empty();
    }
    double[] read = Arrays.stream(margins.split(" ")).mapToDouble(Double::parseDouble).toArray();
    double[] weeks = IntStream.range(0, read.length).mapToDouble(week -> 7.0 * week).toArray();
    return Optional.of(new LoadFactor.Course(weeks, read));
  }

  /** Day it was last seen whole, counted from the day it was built; 0 where nobody looked. */
  int wholeDay() {
    return wholeOn == null ? 0 : Math.max(0, days - days(wholeOn, seenOn));
  }

  int getDays() {
    return days;
  }

  /** What happened; null where it was whole. */
  Finding.Kind getKind() {
    return kind;
  }

  /** Chance it was foretold to be whole until that day, 0 to 1. */
  double getForetold() {
    return foretold;
  }

  /** What the salon's own figures are counted by. */
  Tally.Alike alike() {
    return new Tally.Alike(
        Math.min(9, (int) (10 * foretold)),
        orEmpty(product),
        orEmpty(shape),
        orEmpty(way),
        orEmpty(technician),
        leftOut,
        beyond);
  }

  private static String orEmpty(String text) {
    return text == null ? "" : text;
  }

  /** Whether a step of the preparation was left out. */
  boolean isLeftOut() {
    return leftOut;
  }

  /** Whether the client told it by phone. */
  boolean isTold() {
    return told;
  }

  /** Whether it is what is known of this nail in the end. */
  boolean isCounted() {
    return counts;
  }

  void countIt(boolean it) {
    counts = it;
  }

  Long getId() {
    return id;
  }

  long getSetId() {
    return setId;
  }

  Finger getFinger() {
    return finger;
  }

  LocalDate getSeenOn() {
    return seenOn;
  }

  String getSaid() {
    return said;
  }

  /** What the technician holds for the cause, beside what is reckoned. */
  Optional<Cause> ownCause() {
    return Optional.ofNullable(ownCause);
  }

  void hold(Cause cause) {
    ownCause = cause;
  }

  boolean isFine() {
    return kind == null;
  }

  /**
   * As found.
   *
   * @param built the day the set was built
   * @return empty where the nail was whole
   */
  Optional<Finding> finding(LocalDate built) {
    return isFine()
        ? Optional.empty()
        : Optional.of(
            new Finding(
                finger,
                kind,
                place,
                far,
                days(built, seenOn),
                wholeOn == null ? OptionalInt.empty() : OptionalInt.of(days(built, wholeOn)),
                after));
  }

  static int days(LocalDate built, LocalDate day) {
    return (int) ChronoUnit.DAYS.between(built, day);
  }
}
