package ongle.core.fitting;

import ongle.core.nail.CrossCurve;

/**
 * One size of a tip kit.
 *
 * @param number printed on it
 * @param width across the well, sidewall to sidewall, mm
 * @param depth of its cross curve at the well, mm
 * @param wellLength mm
 * @param freeLength from the stop to its end, mm
 * @param thickness of the free part, mm
 */
public record Tip(
    String number,
    double width,
    double depth,
    double wellLength,
    double freeLength,
    double thickness) {

  /**
   * @throws IllegalArgumentException if the number is blank, a size not above 0, or the depth below
   *     0 or over half the width
   */
  public Tip {
    if (number.isBlank()) {
      throw new IllegalArgumentException("a tip needs a number");
    }
    if (!(wellLength > 0) || !(freeLength > 0) || !(thickness > 0)) {
      throw new IllegalArgumentException(
          "tip " + number + " needs a well, a free length and a thickness above 0 mm");
    }
    new CrossCurve(width, depth);
  }

  public CrossCurve crossCurve() {
    return new CrossCurve(width, depth);
  }
}
