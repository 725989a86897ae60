package ongle.core.bench;

/**
 * A bit of the electric file, with how it is used; cautious ranges of our own, below the bit
 * maker's limits, which always come first.
 *
 * @param name of the bit
 * @param direction it turns and moves
 * @param slowest turns a minute
 * @param fastest turns a minute
 */
public record Bit(String name, String direction, int slowest, int fastest) {
  static final Bit CUTICLE =
      new Bit(
          "fine flame",
          "forward from the right sidewall, reverse from the left: always away from the skin",
          3000,
          7000);
  static final Bit BULK =
      new Bit(
          "medium carbide",
          "against its turning, from cuticle to tip, flat on the product, never resting",
          8000,
          14000);
  static final Bit SURFACE =
      new Bit(
          "fine sanding sleeve",
          "against its turning, along the nail, hardly any pressure",
          6000,
          10000);
}
