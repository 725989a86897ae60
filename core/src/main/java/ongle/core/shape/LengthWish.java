package ongle.core.shape;

import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;

/**
 * How long the client wants the set, in one of three ways, turned into each finger's extension.
 *
 * @param mode which way it is given
 * @param value in the mode's quantity and unit
 */
public record LengthWish(Mode mode, double value) {
  /** A bitten nail is built at least this far past the fingertip, mm. */
  public static final double BITTEN_BEYOND_FINGERTIP = 0.5;

  /** The three ways to give a length. */
  public enum Mode {
    MILLIMETRES("the same extension on every finger", Quantity.EXTENSION),
    PLATE_SHARE("the same share of each plate", Quantity.PLATE_SHARE),
    COVER_FINGERTIP("cover the fingertip, plus", Quantity.COVER);

    private final String label;
    private final Quantity quantity;

    Mode(String label, Quantity quantity) {
      this.label = label;
      this.quantity = quantity;
    }

    public String label() {
      return label;
    }

    /** What the number means, with its unit and range. */
    public Quantity quantity() {
      return quantity;
    }
  }

  public LengthWish {
    mode.quantity().check(value);
  }

  /** What the wish alone asks of this nail, mm beyond the stress line, within the allowed range. */
  public double wishedFor(Nail nail) {
    double wished =
        switch (mode) {
          case MILLIMETRES -> value;
          case PLATE_SHARE -> nail.plateLength() * value / 100;
          case COVER_FINGERTIP -> nail.overhang() + value;
        };
    return Math.min(wished, Quantity.EXTENSION.most());
  }

  /**
   * Extension to build, mm: the wish, but on a bitten nail at least enough to cover the fingertip.
   */
  public double extensionOf(Nail nail) {
    return nail.condition() == PlateCondition.BITTEN
        ? Math.max(wishedFor(nail), nail.overhang() + BITTEN_BEYOND_FINGERTIP)
        : wishedFor(nail);
  }
}
