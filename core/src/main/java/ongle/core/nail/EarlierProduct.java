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
  UNKNOWN
}
