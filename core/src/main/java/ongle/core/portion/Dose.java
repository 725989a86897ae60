package ongle.core.portion;

/**
 * One helping of product and where it goes.
 *
 * @param place on the nail
 * @param volume mm³
 */
public record Dose(Place place, double volume) {
  /** Where a helping goes. */
  public enum Place {
    FREE_EDGE("free edge"),
    STRESS_ZONE("stress zone"),
    CUTICLE("cuticle"),
    FRAME("frame"),
    SLIP_LAYER("slip layer"),
    BODY("body"),
    WHOLE("whole nail");

    private final String label;

    Place(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** Diameter as a ball, mm: (6V/π)^⅓. */
  public double diameter() {
    return Math.cbrt(6 * volume / Math.PI);
  }
}
