package ongle.core.structure;

/**
 * What a build has to get through: how well the plate was prepared, and how far it grows out until
 * the last day of the planned wear.
 *
 * @param prepQuality share of the full hold on the plate, above 0 to 1
 * @param growth mm by the last day, 0 or more
 */
public record Term(double prepQuality, double growth) {
  public Term {
    if (!(prepQuality > 0 && prepQuality <= 1)) {
      throw new IllegalArgumentException("prep quality is a share, is " + prepQuality);
    }
    if (!(growth >= 0) || Double.isInfinite(growth)) {
      throw new IllegalArgumentException("a nail does not grow back, by " + growth);
    }
  }
}
