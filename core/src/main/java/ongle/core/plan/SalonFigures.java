package ongle.core.plan;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import ongle.core.Lookup;
import ongle.core.Range;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.FingerLoad;

/**
 * Planning figures a salon may have its own of: how much of the hand's work each finger takes, how
 * much more a hand's day asks, and the thinnest apex it builds.
 *
 * @param shares of a full press and pry, by finger; all five
 * @param factors on them by what the hand does; all activities
 * @param floor the longer, the higher
 */
public record SalonFigures(
    Map<Digit, Double> shares, Map<Activity, Double> factors, ApexFloor floor) {

  /** What a share or factor may be. */
  public static final Range RANGE = new Range(0.2, 3);

  /** Planning figures of our own. */
  public static final SalonFigures USUAL =
      new SalonFigures(
          Map.of(
              Digit.THUMB, 1.15,
              Digit.INDEX, 1.00,
              Digit.MIDDLE, 1.00,
              Digit.RING, 0.80,
              Digit.LITTLE, 0.60),
          usualFactors(),
          ApexFloor.USUAL);

  /**
   * @throws IllegalArgumentException if a digit or an activity is missing, or a figure is out of
   *     {@link #RANGE}
   */
  public SalonFigures {
    shares = checked(shares, Digit.class);
    factors = checked(factors, Activity.class);
    if (shares.size() < Digit.values().length || factors.size() < Activity.values().length) {
      throw new IllegalArgumentException("a share or factor is missing");
    }
  }

  private static <K extends Enum<K>> Map<K, Double> checked(Map<K, Double> given, Class<K> of) {
    Map<K, Double> copy = new EnumMap<>(of);
    copy.putAll(given);
    copy.forEach((key, value) -> RANGE.check(key.name(), value));
    return Collections.unmodifiableMap(copy);
  }

  private static Map<Activity, Double> usualFactors() {
    Map<Activity, Double> factors = new EnumMap<>(Activity.class);
    for (Activity activity : Activity.values()) {
      factors.put(activity, activity.usualLoadFactor());
    }
    return factors;
  }

  /** What this finger meets every day. */
  FingerLoad load(Finger finger, Wearer wearer) {
    return FingerLoad.of(
        Lookup.of(shares, finger.digit()) * Lookup.of(factors, wearer.of(finger.hand())));
  }
}
