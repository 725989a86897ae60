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
    MEASURED,
    LAST_VISIT,
    TWIN,
    HAND,
    USUAL,
    LEARNED
  }

  public boolean measured() {
    return source == Source.MEASURED;
  }
}
