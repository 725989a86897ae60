package ongle.core.photo;

/**
 * A card of known size, marked by its four corners.
 *
 * @param width of its long side, mm
 * @param height of its short side, mm
 */
public record Card(double width, double height) {
  /** A bank or membership card; ISO/IEC 7810, ID-1. */
  public static final Card USUAL = new Card(85.60, 53.98);

  /**
   * @throws IllegalArgumentException if a side is not 20 to 300 mm, or the longer side is not the
   *     first
   */
  public Card {
    if (!(height >= 20) || !(width >= height) || !(width <= 300)) {
      throw new IllegalArgumentException("a card is 20 to 300 mm, the longer side first");
    }
  }
}
