package ongle.core.nail;

/**
 * Everything a technician measures or sets as a number: its name, unit, allowed range and the
 * decimals it is shown with. The one place these limits live; records, forms and the plan service
 * all check against it.
 */
public enum Quantity {
  WIDTH(
      "width",
      Unit.MILLIMETRE,
      3,
      25,
      1,
      "straight across, from sidewall to sidewall, where the plate is widest"),
  PLATE_LENGTH(
      "plate length",
      Unit.MILLIMETRE,
      3,
      25,
      1,
      "from the cuticle to the stress line, along the middle"),
  ARCH_DEPTH(
      "arch depth",
      Unit.MILLIMETRE,
      0,
      10,
      1,
      "how far the middle of the plate stands above its two sidewalls"),
  FREE_EDGE(
      "free edge",
      Unit.MILLIMETRE,
      0,
      15,
      1,
      "the natural nail beyond the stress line, as it has grown"),
  FREE_EDGE_DEPTH(
      "edge curve",
      Unit.MILLIMETRE,
      0,
      8,
      1,
      "how far the middle of the free edge stands beyond a line from growth point to growth point"),
  GROWTH_PITCH(
      "growth pitch",
      Unit.DEGREE,
      -30,
      30,
      0,
      "against the finger, seen from the side: minus grows down, plus grows up"),
  LEAN(
      "lean",
      Unit.DEGREE,
      -20,
      20,
      0,
      "out of the finger's line, seen from above: plus leans to the little finger's side, minus away from it"),
  OVERHANG(
      "overhang", Unit.MILLIMETRE, 0, 8, 1, "how far the fingertip reaches beyond the stress line"),

  REGROWTH(
      "regrowth",
      Unit.MILLIMETRE,
      0,
      15,
      1,
      "from the cuticle to the edge of what was built last time"),

  EXTENSION("extension", Unit.MILLIMETRE, 0, 40, 1, "the build beyond the stress line"),
  PLATE_SHARE(
      "share of the plate",
      Unit.PERCENT,
      0,
      300,
      0,
      "the extension as a share of the plate length"),
  COVER(
      "beyond the fingertip",
      Unit.MILLIMETRE,
      0,
      30,
      1,
      "what shows past the fingertip when the hand lies flat"),

  APEX_POSITION(
      "apex position",
      Unit.PERCENT,
      10,
      120,
      0,
      "from the cuticle, as a share of the plate length"),
  APEX_THICKNESS(
      "apex thickness", Unit.MILLIMETRE, 0.3, 4, 2, "the product at its thickest, in the middle"),
  EDGE_THICKNESS(
      "edge thickness",
      Unit.MILLIMETRE,
      0.2,
      1.5,
      2,
      "the product at the free edge, in the middle: the hairline"),
  SIDE_THICKNESS(
      "sidewall thickness",
      Unit.MILLIMETRE,
      0.1,
      1.5,
      2,
      "the product at the sidewalls; where it is thinner in the middle, as thick as there"),
  WEAR_DAYS(
      "days of wear",
      Unit.DAY,
      5,
      42,
      0,
      "from the build to the infill; it has to hold until then"),
  BARREL_DEPTH(
      "barrel depth",
      Unit.PERCENT,
      2,
      50,
      0,
      "depth of the C-curve at the free edge, as a share of its width; 50 is a half circle");

  private final String label;
  private final Unit unit;
  private final double least;
  private final double most;
  private final int decimals;
  private final String meaning;

  Quantity(String label, Unit unit, double least, double most, int decimals, String meaning) {
    this.label = label;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.decimals = decimals;
    this.meaning = meaning;
  }

  public String label() {
    return label;
  }

  public Unit unit() {
    return unit;
  }

  /** Smallest allowed value, in {@link #unit()}. */
  public double least() {
    return least;
  }

  /** Largest allowed value, in {@link #unit()}. */
  public double most() {
    return most;
  }

  /** Decimals it is shown with. */
  public int decimals() {
    return decimals;
  }

  /** How it is measured or what it means, as a half sentence. */
  public String meaning() {
    return meaning;
  }

  public boolean allows(double value) {
    return value >= least && value <= most;
  }

  /**
   * Returns the value if it is a number within the range.
   *
   * @throws OutOfRange if it is NaN, infinite or outside {@code least()…most()}
   */
  public double check(double value) {
    if (!allows(value)) {
      throw new OutOfRange(this, value);
    }
    return value;
  }
}
