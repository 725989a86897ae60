package ongle.core.portion;

/**
 * One portion of product and where it goes.
 *
 * @param place on the nail
 * @param volume mm³
 */
public record ProductPortion(Place place, double volume) {
  /** Where a portion goes. */
  public enum Place {
    FREE_EDGE,
    STRESS_ZONE,
    CUTICLE,
    FRAME,
    SLIP_LAYER,
    BODY,
    WHOLE
  }

  /** Diameter as a ball, mm: (6V/π)^⅓. */
  public double diameter() {
    return Math.cbrt(6 * volume / Math.PI);
  }
}
