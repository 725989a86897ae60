package ongle.core.wear;

import java.util.Set;

/**
 * A step of preparing the plate, with what its want costs of the product's hold on it; planning
 * figures of our own.
 */
public enum PrepStep {
  CUTICLE(0.20),
  SHINE(0.25),
  DUST(0.10),
  DEHYDRATE(0.15),
  PRIMER(0.20);
  private final double worth;

  PrepStep(double worth) {
    this.worth = worth;
  }

  /** Share of the full hold lost without it. */
  public double worth() {
    return worth;
  }

  public String code() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  /** Share of the full hold with these steps left out, above 0 to 1. */
  public static double quality(Set<PrepStep> skipped) {
    return 1 - skipped.stream().mapToDouble(PrepStep::worth).sum();
  }
}
