package ongle.core.bench;

import ongle.core.Code;
import ongle.core.nail.EarlierProduct;
import ongle.core.product.Product;

/** Why an old build comes off instead of being filled. */
public sealed interface TakeOff extends Code {
  /** Reasons that need no more said. */
  enum Plain implements TakeOff {
    PLATE_DAMAGED,
    UNKNOWN_PRODUCT,
    NOTHING_TO_FILL,
    GEL_POLISH,
    SALON_TAKES_OFF
  }

  /**
   * Too little of it is held.
   *
   * @param percent of the plate above which that is so
   */
  record GrownOut(int percent) implements TakeOff {}

  /** New product would part from it at the seam. */
  record OtherProduct(EarlierProduct old, Product wanted) implements TakeOff {}
}
