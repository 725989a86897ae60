package ongle.core.product;

import ongle.core.Range;

/** The figures of a product, each with its unit and the range that is believed. */
public enum ProductFigure {
  MODULUS("MPa", 50, 20_000, 0),
  STRENGTH("MPa", 1, 500, 0),
  DENSITY("g/cm³", 0.5, 5, 2),
  SHRINKAGE("", 0, 0.5, 2),
  CLEAR_REACH("mm", 0.05, 5, 2),
  PIGMENTED_REACH("mm", 0.05, 5, 2),
  FULL_DOSE("J/cm²", 0.1, 50, 2),
  FLASH_DOSE("J/cm²", 0.01, 50, 2),
  REACTIVITY("", 0.05, 5, 2);
  private final String unit;
  private final Range range;
  private final int decimals;

  ProductFigure(String unit, double min, double max, int decimals) {
    this.unit = unit;
    range = new Range(min, max);
    this.decimals = decimals;
  }

  /** Symbol; empty for a plain number. */
  public String unit() {
    return unit;
  }

  public double min() {
    return range.min();
  }

  public double max() {
    return range.max();
  }

  public int decimals() {
    return decimals;
  }

  public boolean allows(double value) {
    return range.allows(value);
  }
}
