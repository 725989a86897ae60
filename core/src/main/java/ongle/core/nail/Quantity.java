package ongle.core.nail;

import ongle.core.Range;

/**
 * Everything a technician measures or sets as a number: its name, unit, allowed range and the
 * decimals it is shown with. The one place these limits live; records, forms and the plan service
 * all check against it.
 */
public enum Quantity {
  WIDTH(Unit.MILLIMETRE, 3, 25, 1),
  PLATE_LENGTH(Unit.MILLIMETRE, 3, 25, 1),
  ARCH_DEPTH(Unit.MILLIMETRE, 0, 10, 1),
  FREE_EDGE(Unit.MILLIMETRE, 0, 15, 1),
  FREE_EDGE_DEPTH(Unit.MILLIMETRE, 0, 8, 1),
  GROWTH_PITCH(Unit.DEGREE, -30, 30, 0),
  LEAN(Unit.DEGREE, -20, 20, 0),
  OVERHANG(Unit.MILLIMETRE, 0, 8, 1),

  REGROWTH(Unit.MILLIMETRE, 0, 15, 1),

  EXTENSION(Unit.MILLIMETRE, 0, 40, 1),
  PLATE_SHARE(Unit.PERCENT, 0, 300, 0),
  COVER(Unit.MILLIMETRE, 0, 30, 1),

  APEX_POSITION(Unit.PERCENT, 10, 120, 0),
  APEX_THICKNESS(Unit.MILLIMETRE, 0.3, 4, 2),
  EDGE_THICKNESS(Unit.MILLIMETRE, 0.2, 1.5, 2),
  SIDE_THICKNESS(Unit.MILLIMETRE, 0.1, 1.5, 2),
  WEAR_DAYS(Unit.DAY, 5, 42, 0),
  BARREL_DEPTH(Unit.PERCENT, 2, 50, 0),

  BUILT_LENGTH(Unit.MILLIMETRE, 0, 40, 1),
  BUILT_WIDTH(Unit.MILLIMETRE, 3, 25, 1),
  BUILT_SIDE_LEFT(Unit.MILLIMETRE, 0, 15, 1),
  BUILT_SIDE_RIGHT(Unit.MILLIMETRE, 0, 15, 1),
  BUILT_APEX(Unit.MILLIMETRE, 0.1, 4, 2),
  BUILT_APEX_PLACE(Unit.MILLIMETRE, 0, 40, 1),
  BUILT_STRESS(Unit.MILLIMETRE, 0.1, 4, 2),
  BUILT_EDGE_LEFT(Unit.MILLIMETRE, 0.1, 3, 2),
  BUILT_EDGE(Unit.MILLIMETRE, 0.1, 3, 2),
  BUILT_EDGE_RIGHT(Unit.MILLIMETRE, 0.1, 3, 2),
  BUILT_BARREL(Unit.MILLIMETRE, 0, 12, 1),
  BUILT_LEAN(Unit.DEGREE, -30, 30, 0);
  private final Unit unit;
  private final Range range;
  private final int decimals;

  Quantity(Unit unit, double min, double max, int decimals) {
    this.unit = unit;
    range = new Range(min, max);
    this.decimals = decimals;
  }

  public Unit unit() {
    return unit;
  }

  /** Smallest allowed value, in {@link #unit()}. */
  public double min() {
    return range.min();
  }

  /** Largest allowed value, in {@link #unit()}. */
  public double max() {
    return range.max();
  }

  /** Decimals it is shown with. */
  public int decimals() {
    return decimals;
  }

  /** What is allowed, in {@link #unit()}. */
  public Range range() {
    return range;
  }

  public boolean allows(double value) {
    return range.allows(value);
  }

  /** As finely as it is shown. */
  public double rounded(double value) {
    double times = Math.pow(10, decimals);
    return Math.round(value * times) / times;
  }

  /**
   * Returns the value if it is a number within the range.
   *
   * @throws OutOfRange if it is NaN, infinite or out of {@link #range()}
   */
  public double check(double value) {
    if (!allows(value)) {
      throw new OutOfRange(this, value);
    }
    return value;
  }
}
