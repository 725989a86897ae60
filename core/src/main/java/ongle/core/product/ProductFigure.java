package ongle.core.product;

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
  private final double min;
  private final double max;
  private final int decimals;

  ProductFigure(String unit, double min, double max, int decimals) {
    this.unit = unit;
    this.min = min;
    this.max = max;
    this.decimals = decimals;
  }

  /** Symbol; empty for a plain number. */
  public String unit() {
    return unit;
  }

  public double min() {
    return min;
  }

  public double max() {
    return max;
  }

  public int decimals() {
    return decimals;
  }

  public boolean allows(double value) {
    return value >= min && value <= max;
  }
}
