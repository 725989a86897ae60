package ongle.core.nail;

/** What is on the nail when the client sits down, and what comes off how. */
public enum EarlierProduct {
  NONE,
  POLISH,
  GEL_POLISH,
  SOAK_OFF_GEL,
  HARD_GEL,
  ACRYLIC,
  POLY_GEL,
  UNKNOWN;

  /** Whether it is a build and no mere colour. */
  public boolean builds() {
    return this != NONE && this != POLISH && this != GEL_POLISH;
  }
}
