package ongle.core.fitting;

/** The ways to build on one finger; the fingers of one set may go different ways. */
public enum BuildWay {
  TIP("tip", "a blank fixed on the plate and cut to length"),
  FORM("form", "a paper form under the free edge, cut to the nail"),
  REUSABLE_FORM("reusable form", "a short rigid form, for a few millimetres"),
  FREE_HAND("free-hand", "stiff acrylic teased out past the fingertip, nothing under it"),
  OVERLAY("overlay", "product on the natural nail only");

  /** How far past the fingertip stiff acrylic stays where it is put, mm. */
  public static final double FREE_HAND_BEYOND_FINGERTIP = 2;

  private final String label;
  private final String about;

  BuildWay(String label, String about) {
    this.label = label;
    this.about = about;
  }

  /** Whether it builds anything beyond the natural nail. */
  public boolean lengthens() {
    return this != OVERLAY;
  }

  public String label() {
    return label;
  }

  public String about() {
    return about;
  }
}
