package ongle.core.fitting;

/** The ways to build on one finger; the fingers of one set may go different ways. */
public enum BuildWay {
  TIP,
  FORM,
  REUSABLE_FORM,
  FREE_HAND,
  OVERLAY;

  /** How far past the fingertip stiff acrylic stays where it is put, mm. */
  public static final double FREE_HAND_BEYOND_FINGERTIP = 2;

  /** Whether it builds anything beyond the natural nail. */
  public boolean lengthens() {
    return this != OVERLAY;
  }
}
