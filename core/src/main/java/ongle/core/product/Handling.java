package ongle.core.product;

/** How a product is taken up and laid on the nail. */
public enum Handling {
  /** Beads of powder picked up with a brush wet with liquid. */
  POWDER_AND_LIQUID,
  /** Pearls of gel taken with a brush; it flows. */
  BRUSHED,
  /** A strip pressed from a tube, shaped with a moist brush; it stays put. */
  TUBE,
  /** A piece of putty, rolled and pressed on; it stays put. */
  PUTTY
}
