package ongle.core.bench;

import java.util.Set;
import ongle.core.product.LightCure;

/**
 * What goes over the build.
 *
 * @param colour of the coats
 * @param coats 0 for clear, else 1 to {@link #MOST_COATS}
 */
public record Finish(Colour colour, int coats) {
  public static final int MAX_COATS = 3;
  public static final Finish CLEAR = new Finish(Colour.CLEAR, 0);

  private static final Set<Integer> EITHER = Set.of(365, 405);

  /** Kinds of colour; dark ones let less light through. */
  public enum Colour {
    CLEAR(0, 1.2),
    PALE(2, 1.2),
    DARK(3, 2.4);
    private final int usualCoats;
    private final double dose;

    Colour(int usualCoats, double dose) {
      this.usualCoats = usualCoats;
      this.dose = dose;
    }

    /** Coats it takes to cover. */
    public int usualCoats() {
      return usualCoats;
    }
  }

  /**
   * @throws IllegalArgumentException if a clear one has coats, or another none or more than {@link
   *     #MAX_COATS}
   */
  public Finish {
    if (colour == Colour.CLEAR ? coats != 0 : coats < 1 || coats > MAX_COATS) {
      throw new IllegalArgumentException(
          "clear has no coats of colour, colour has 1 to " + MAX_COATS + ", not " + coats);
    }
  }

  /** In as many coats as it usually takes. */
  public static Finish of(Colour colour) {
    return new Finish(colour, colour.usualCoats());
  }

  /** What one coat of it needs of a lamp. */
  public LightCure cure() {
    return new LightCure(0.12, 0.08, colour.dose, 0.3, EITHER, 0.5);
  }
}
