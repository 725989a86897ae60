package ongle.core.nail;

/**
 * A value of a nail and how it is known.
 *
 * @param value in the quantity's unit
 * @param source where it comes from
 */
public record Reading(double value, Source source) {

  /** Where a value comes from, the surest first. */
  public enum Source {
    MEASURED("measured"),
    LAST_VISIT("as at the last visit"),
    TWIN("estimated from the twin"),
    HAND("estimated from the nails measured"),
    USUAL("the usual figure");

    private final String label;

    Source(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  public boolean measured() {
    return source == Source.MEASURED;
  }
}
