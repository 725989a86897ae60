package ongle.core.check;

import java.util.EnumMap;
import java.util.Map;

/**
 * How far a salon lets a built nail be off its plan.
 *
 * @param set where it differs from the usual, in each one's unit
 */
public record Tolerances(Map<Tolerance, Double> set) {
  public static final Tolerances USUAL = new Tolerances(Map.of());

  /**
   * @throws IllegalArgumentException if one is out of its range
   */
  public Tolerances {
    Map<Tolerance, Double> held = new EnumMap<>(Tolerance.class);
    held.putAll(set);
    held.forEach(
        (tolerance, value) -> {
          if (!tolerance.range().allows(value)) {
            throw new IllegalArgumentException(tolerance + " of " + value);
          }
        });
    set = held;
  }

  public double of(Tolerance tolerance) {
    return set.getOrDefault(tolerance, tolerance.usual());
  }
}
