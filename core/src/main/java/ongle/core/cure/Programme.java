package ongle.core.cure;

import ongle.core.Range;

/**
 * One button of a lamp.
 *
 * @param label on the button
 * @param seconds it runs, 1 to 300
 * @param power share of the lamp's full light, above 0 to 1; low-heat programmes shine weaker
 */
public record Programme(String label, int seconds, double power) {
  /** How long a button runs, s. */
  public static final Range SECONDS = new Range(1, 300);

  /**
   * @throws IllegalArgumentException if the seconds are out of {@link #SECONDS}, or the power not
   *     above 0 and at most 1
   */
  public Programme {
    SECONDS.check("seconds", seconds);
    if (!(power > 0 && power <= 1)) {
      throw new IllegalArgumentException("a programme shines with a share of 0 to 1");
    }
  }

  /** Whether it starts gently, for thin plates and thick layers. */
  public boolean lowHeat() {
    return power < 1;
  }
}
