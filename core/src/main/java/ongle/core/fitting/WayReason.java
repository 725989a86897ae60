package ongle.core.fitting;

import ongle.core.Code;
import ongle.core.nail.PlateCondition;
import ongle.core.product.Product;

/** What speaks for or against building a nail one way. */
public sealed interface WayReason extends Code {
  /** The reasons that need no more said. */
  enum Plain implements WayReason {
    LONG_ENOUGH,
    DOES_NOT_LENGTHEN,
    NOTHING_TO_LENGTHEN,
    NO_TIPS_AT_HAND,
    BLANKS_TOO_SHORT,
    TOO_LITTLE_FOR_A_TIP,
    SIZE_FITS,
    SIZE_FITS_FILED,
    CURVE_SEATS,
    CURVE_HELD,
    CURVE_FIGHTS,
    BLANK_TOO_NARROW,
    BLANK_NEARLY_SHAPED,
    FLATTER_THAN_SHAPE,
    SALON_TAKES_TIPS,
    TIP_DROOPS,
    TIP_LEANS,
    BITTEN_HOLDS_NO_WELL,
    WIDE_WANTS_A_FORM,
    NO_PAPER_FORM,
    SHEET_TOO_SHORT,
    SHEET_TOO_NARROW,
    MOUTH_IS_CUT,
    NO_EDGE_FOR_A_FORM,
    FORM_PRESSES_ON_SKIN,
    MOUTH_TOO_DEEP,
    FORM_CAN_BE_LIFTED,
    FORM_CAN_BE_TURNED,
    FORM_CAN_BE_ROLLED,
    SALON_TAKES_FORMS,
    NO_REUSABLE_FORM,
    TOO_LONG_FOR_REUSABLE,
    QUICK_TO_SET,
    RIGID_PRESSES_ON_SKIN,
    RIGID_WIDTH_OFF,
    RIGID_GAP,
    NO_EDGE_FOR_A_RIGID_FORM,
    TOO_LONG_FOR_FREE_HAND,
    SHORT_ENOUGH_FOR_FREE_HAND,
    BITTEN_FREE_HAND,
    BITTEN_SALON_TAKES_FORMS
  }

  /** No tip of the kit fits. */
  record NoTip(TipSizing.NoFit why) implements WayReason {}

  /** The tip comes from another kit than the rest of the set. */
  record OtherKit(String kit) implements WayReason {}

  /** Blending the well would file on a plate that cannot spare it. */
  record FilesOnPlate(PlateCondition plate) implements WayReason {}

  /** The product does not stand by itself. */
  record Runs(Product product) implements WayReason {}
}
