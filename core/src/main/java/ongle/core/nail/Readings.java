package ongle.core.nail;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import ongle.core.nail.Reading.Source;

/**
 * What has been measured so far on up to ten fingers, and the rest estimated: from the last visit
 * if it was measured then, else from the twin if that was measured, else from the usual proportions
 * of a hand scaled to the nails that were, else the usual figure. An estimate is never taken from
 * another estimate, so the order of measuring does not matter.
 */
public final class Readings {
  /** What is measured on every plate, in the order it is measured. */
  public static final Set<Quantity> OF_A_PLATE =
      Collections.unmodifiableSet(EnumSet.range(Quantity.WIDTH, Quantity.OVERHANG));

  /** Overhang where nothing is known, mm. */
  private static final double USUAL_OVERHANG = 1.5;

  /** Edge curve over width where nothing is known. */
  private static final double USUAL_EDGE_CURVE = 0.15;

  /**
   * As much as a plate changes between two visits, in each quantity's unit; a judgement of ours.
   */
  private static final Map<Quantity, Double> LIKELY_CHANGE =
      Map.of(
          Quantity.WIDTH, 0.5,
          Quantity.PLATE_LENGTH, 1.5,
          Quantity.ARCH_DEPTH, 0.5,
          Quantity.GROWTH_PITCH, 4.0,
          Quantity.LEAN, 4.0);

  private static final double NO_LIMIT = Double.POSITIVE_INFINITY;
  private static final double HAIR = 1e-9;

  private final Map<Finger, Map<Quantity, Double>> measured;
  private final Map<Finger, Map<Quantity, Double>> lastVisit;

  /**
   * @param measured values in each quantity's unit; fingers and quantities may be missing
   * @throws OutOfRange if a value is outside its range
   */
  public Readings(Map<Finger, Map<Quantity, Double>> measured) {
    this(measured, Map.of());
  }

  /**
   * @param lastVisit what was measured at the visit before, likewise
   */
  public Readings(
      Map<Finger, Map<Quantity, Double>> measured, Map<Finger, Map<Quantity, Double>> lastVisit) {
    this.measured = checked(measured);
    this.lastVisit = checked(lastVisit);
  }

  private static Map<Finger, Map<Quantity, Double>> checked(
      Map<Finger, Map<Quantity, Double>> given) {
    Map<Finger, Map<Quantity, Double>> copy = new EnumMap<>(Finger.class);
    given.forEach(
        (finger, values) -> {
          Map<Quantity, Double> checked = new EnumMap<>(Quantity.class);
          values.forEach((quantity, value) -> checked.put(quantity, quantity.check(value)));
          copy.put(finger, checked);
        });
    return copy;
  }

  /** What may be estimated otherwise once a quantity was measured; arches follow the width. */
  public static Set<Quantity> followers(Quantity measured) {
    return measured == Quantity.WIDTH
        ? EnumSet.of(Quantity.WIDTH, Quantity.ARCH_DEPTH, Quantity.FREE_EDGE_DEPTH)
        : OF_A_PLATE.contains(measured) ? EnumSet.of(measured) : EnumSet.noneOf(Quantity.class);
  }

  /** Measured or estimated value of one quantity of one finger. */
  public Reading of(Finger finger, Quantity quantity) {
    Optional<Double> own = value(finger, quantity);
    if (own.isPresent()) {
      return new Reading(own.get(), Source.MEASURED);
    }
    Reading estimate =
        before(finger, quantity)
            .map(last -> new Reading(last, Source.LAST_VISIT))
            .or(() -> value(finger.twin(), quantity).map(twin -> new Reading(twin, Source.TWIN)))
            .orElseGet(() -> fromHand(finger, quantity));
    return quantity == Quantity.ARCH_DEPTH || quantity == Quantity.FREE_EDGE_DEPTH
        ? withinHalfCircle(finger, quantity, estimate)
        : estimate;
  }

  /** The whole nail; what was not measured is estimated. */
  public Nail nail(Finger finger, PlateCondition condition, SkinState skin) {
    BiFunction<Finger, Quantity, Double> value = (f, q) -> of(f, q).value();
    return new Nail(
        finger,
        value.apply(finger, Quantity.WIDTH),
        value.apply(finger, Quantity.PLATE_LENGTH),
        value.apply(finger, Quantity.ARCH_DEPTH),
        value.apply(finger, Quantity.FREE_EDGE),
        value.apply(finger, Quantity.FREE_EDGE_DEPTH),
        value.apply(finger, Quantity.GROWTH_PITCH),
        value.apply(finger, Quantity.LEAN),
        value.apply(finger, Quantity.OVERHANG),
        condition,
        skin);
  }

  /** Of the last visit; a free edge is grown or shortened since, so it says nothing. */
  private Optional<Double> before(Finger finger, Quantity quantity) {
    return quantity == Quantity.FREE_EDGE
        ? Optional.empty()
        : Optional.ofNullable(lastVisit.getOrDefault(finger, Map.of()).get(quantity));
  }

  /**
   * Whether a plate has changed more since the last visit than plates do, so that the measure is
   * worth taking again; never while something is estimated.
   */
  public boolean unlikelySinceLastVisit(Finger finger, Quantity quantity) {
    Optional<Double> now = value(finger, quantity);
    Optional<Double> then = before(finger, quantity);
    return now.isPresent()
        && then.isPresent()
        && Math.abs(now.get() - then.get()) > LIKELY_CHANGE.getOrDefault(quantity, NO_LIMIT) + HAIR;
  }

  private Optional<Double> value(Finger finger, Quantity quantity) {
    return Optional.ofNullable(measured.getOrDefault(finger, Map.of()).get(quantity));
  }

  private Reading fromHand(Finger finger, Quantity quantity) {
    double usual = usual(finger, quantity);
    double sum = 0;
    int count = 0;
    for (Finger other : Finger.values()) {
      Optional<Double> value = value(other, quantity);
      if (value.isPresent()) {
        sum += scales(quantity) ? value.get() / usual(other, quantity) : value.get();
        count++;
      }
    }
    if (count == 0 || isOwnToEachNail(quantity)) {
      return new Reading(usual, Source.USUAL);
    }
    double mean = sum / count;
    double estimate = scales(quantity) ? mean * usual : mean;
    return new Reading(quantity.range().held(estimate), Source.HAND);
  }

  private static boolean scales(Quantity quantity) {
    return quantity == Quantity.WIDTH
        || quantity == Quantity.PLATE_LENGTH
        || quantity == Quantity.ARCH_DEPTH
        || quantity == Quantity.FREE_EDGE_DEPTH;
  }

  /** Pitch and lean are no trait of the hand; one crooked nail says nothing of its neighbour. */
  private static boolean isOwnToEachNail(Quantity quantity) {
    return quantity == Quantity.GROWTH_PITCH || quantity == Quantity.LEAN;
  }

  private double usual(Finger finger, Quantity quantity) {
    Digit digit = finger.digit();
    return switch (quantity) {
      case WIDTH -> digit.usualWidth();
      case PLATE_LENGTH -> digit.usualPlateLength();
      case ARCH_DEPTH -> digit.usualDepthRatio() * of(finger, Quantity.WIDTH).value();
      case FREE_EDGE_DEPTH -> USUAL_EDGE_CURVE * of(finger, Quantity.WIDTH).value();
      case OVERHANG -> USUAL_OVERHANG;
      default -> 0;
    };
  }

  private Reading withinHalfCircle(Finger finger, Quantity quantity, Reading depth) {
    double max = Math.min(of(finger, Quantity.WIDTH).value() / 2, quantity.max());
    return depth.value() <= max ? depth : new Reading(max, depth.source());
  }
}
