package ongle.core.fitting;

/**
 * One size of form, to be set under the free edge and built on.
 *
 * @param number printed on it
 * @param mouthWidth of the opening for the finger, mm; of a paper form as it lies flat
 * @param mouthDepth how far the opening's curve stands back in its middle, mm, at most half its
 *     width
 * @param markSpacing between two length marks, mm
 * @param firstMark from the mouth to the first mark, mm
 * @param sheetWidth mm
 * @param longest extension it carries, mm
 * @param rigid a reusable form that keeps its own curve and cannot be cut; else paper
 */
public record Form(
    String number,
    double mouthWidth,
    double mouthDepth,
    double markSpacing,
    double firstMark,
    double sheetWidth,
    double longest,
    boolean rigid) {

  /**
   * @throws IllegalArgumentException if a size is not above 0, the sheet narrower than its mouth,
   *     or the mouth deeper than half its width
   */
  public Form {
    if (number.isBlank()) {
      throw new IllegalArgumentException("a form needs a number");
    }
    if (!(mouthWidth > 0)
        || !(markSpacing > 0)
        || !(firstMark > 0)
        || !(longest > 0)
        || !(sheetWidth >= mouthWidth)) {
      throw new IllegalArgumentException(
          "form "
              + number
              + " needs a mouth, marks and a length above 0 mm, and a sheet as wide as its mouth");
    }
    if (!(mouthDepth >= 0) || mouthDepth > mouthWidth / 2) {
      throw new IllegalArgumentException(
          "form " + number + ": the mouth is 0 to half its width deep");
    }
  }

  /** The number of the mark at a distance from the mouth; the first mark is 1. */
  public double markAt(double distance) {
    return 1 + (distance - firstMark) / markSpacing;
  }

  /** Distance of a mark from the mouth, mm. */
  public double distanceOf(double mark) {
    return firstMark + (mark - 1) * markSpacing;
  }
}
