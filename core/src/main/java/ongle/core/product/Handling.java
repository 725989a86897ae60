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
  PUTTY;

  /** How it is taken up, in words. */
  public String label() {
    return switch (this) {
      case POWDER_AND_LIQUID -> "powder and liquid";
      case BRUSHED -> "brushed on";
      case TUBE -> "from a tube";
      case PUTTY -> "putty";
    };
  }

  /** What one helping is called. */
  public String helping() {
    return switch (this) {
      case POWDER_AND_LIQUID -> "bead";
      case BRUSHED -> "pearl";
      case TUBE -> "strip";
      case PUTTY -> "piece";
    };
  }
}
