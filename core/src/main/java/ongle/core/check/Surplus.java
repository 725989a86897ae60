package ongle.core.check;

/**
 * Product over the plan in one zone, and what is lacking there.
 *
 * @param over mm³ over the plan
 * @param lacking mm³ under it
 */
public record Surplus(double over, double lacking) {
  static final Surplus NONE = new Surplus(0, 0);
}
