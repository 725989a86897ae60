package ongle.core.cure;

/**
 * One button of a lamp.
 *
 * @param label on the button
 * @param seconds it runs, 1 to 300
 * @param power share of the lamp's full light, above 0 to 1; low-heat programmes shine weaker
 */
public record Programme(String label, int seconds, double power) {
  public static final int SHORTEST = 1;
  public static final int LONGEST = 300;

  public Programme {
    if (seconds < SHORTEST || seconds > LONGEST) {
      throw new IllegalArgumentException(
          "a programme runs " + SHORTEST + " to " + LONGEST + " s, not " + seconds);
    }
    if (!(power > 0 && power <= 1)) {
      throw new IllegalArgumentException("a programme shines with a share of 0 to 1");
    }
  }

  /** Whether it starts gently, for thin plates and thick layers. */
  public boolean lowHeat() {
    return power < 1;
  }
}
