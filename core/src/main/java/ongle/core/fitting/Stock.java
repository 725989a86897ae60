package ongle.core.fitting;

import java.util.Map;
import java.util.OptionalInt;

/**
 * How many of each number of a kit are left. A number nobody counts is taken to be there.
 *
 * @param left pieces by number, 0 or more
 */
public record Stock(Map<String, Integer> left) {
  /** Of a kit whose pieces nobody counts. */
  public static final Stock UNCOUNTED = new Stock(Map.of());

  /**
   * @throws IllegalArgumentException if fewer than 0 pieces are left of a number
   */
  public Stock {
    left = Map.copyOf(left);
    left.forEach(
        (number, pieces) -> {
          if (pieces < 0) {
            throw new IllegalArgumentException("number " + number + " cannot have " + pieces);
          }
        });
  }

  /** Pieces left; empty when not counted. */
  public OptionalInt of(String number) {
    Integer pieces = left.get(number);
    return pieces == null ? OptionalInt.empty() : OptionalInt.of(pieces);
  }

  public boolean has(String number) {
    return left.getOrDefault(number, 1) > 0;
  }
}
