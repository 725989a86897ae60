package ongle.core.bench;

import ongle.core.nail.EarlierProduct;

/** What is done on one finger in a visit. */
public enum FingerJob {
  /** Built anew; what is on it comes off first. */
  NEW,
  /** What stands is filled where it has grown out. */
  INFILL,
  /** What broke is built again from what still holds. */
  REPAIR,
  /** Not touched: what is on it is sound. */
  LEAVE,
  /** What is on it comes off, and it stays bare. */
  OFF,
  /** Prepared and painted on what is there; nothing is built. */
  POLISH;

  /** Whether building product is laid. */
  public boolean builds() {
    return this == NEW || this == INFILL || this == REPAIR;
  }

  /** Whether it gets colour and top coat. */
  public boolean coats() {
    return builds() || this == POLISH;
  }

  /** Whether what lies on the nail comes off for it; polish goes over what is built. */
  boolean takesOff(EarlierProduct earlier) {
    return switch (this) {
      case NEW, INFILL, OFF -> true;
      case LEAVE, REPAIR -> false;
      case POLISH -> earlier == EarlierProduct.GEL_POLISH;
    };
  }

  /** Whether a step of the preparation or of cleaning is done on it. */
  boolean asks(StepKind kind) {
    return switch (this) {
      case NEW, INFILL, REPAIR -> true;
      case LEAVE -> false;
      case OFF -> kind == StepKind.REMOVE_POLISH || kind == StepKind.CLEAN;
      case POLISH ->
          switch (kind) {
            case FREE_SKIN, PRIME, CHECK_VIEWS, BUFF, CLEAN -> false;
            default -> true;
          };
    };
  }
}
