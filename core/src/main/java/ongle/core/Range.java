package ongle.core;

/**
 * From one figure to another, both included.
 *
 * @param min lowest that is believed
 * @param max highest, not below min
 */
public record Range(double min, double max) {
  /**
   * @throws IllegalArgumentException if it ends before it begins, or has no bounds
   */
  public Range {
    if (!(min <= max)) {
      throw new IllegalArgumentException("no range from " + min + " to " + max);
    }
  }

  /** Whether a figure lies in it; what is no number does not. */
  public boolean allows(double value) {
    return value >= min && value <= max;
  }

  /** The figure, or the bound nearest to it. */
  public double held(double value) {
    return Math.max(min, Math.min(max, value));
  }

  /**
   * @param what is out of it, for the message
   * @throws IllegalArgumentException if it is
   */
  public double check(String what, double value) {
    if (!allows(value)) {
      throw new IllegalArgumentException(what + " is " + min + " to " + max + ", not " + value);
    }
    return value;
  }
}
