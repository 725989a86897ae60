package ongle.core.product;

/** The figures of a product, each with its unit and the range that is believed. */
public enum ProductFigure {
  MODULUS("stiffness when hard", "MPa", 50, 20_000, 0),
  STRENGTH("flexural strength", "MPa", 1, 500, 0),
  DENSITY("density", "g/cm³", 0.5, 5, 2),
  SHRINKAGE("shrinkage, share of its volume", "", 0, 0.5, 2),
  CLEAR_REACH("deepest layer of clear product", "mm", 0.05, 5, 2),
  PIGMENTED_REACH("deepest layer of pigmented product", "mm", 0.05, 5, 2),
  FULL_DOSE("light for a full cure", "J/cm²", 0.1, 50, 2),
  FLASH_DOSE("light for a flash cure", "J/cm²", 0.01, 50, 2),
  REACTIVITY("heat as it hardens, against hard gel as 1", "", 0.05, 5, 2);

  private final String label;
  private final String unit;
  private final double least;
  private final double most;
  private final int decimals;

  ProductFigure(String label, String unit, double least, double most, int decimals) {
    this.label = label;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.decimals = decimals;
  }

  public String label() {
    return label;
  }

  /** Symbol; empty for a plain number. */
  public String unit() {
    return unit;
  }

  public double least() {
    return least;
  }

  public double most() {
    return most;
  }

  public int decimals() {
    return decimals;
  }

  public boolean allows(double value) {
    return value >= least && value <= most;
  }
}
