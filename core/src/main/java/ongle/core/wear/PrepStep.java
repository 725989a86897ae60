package ongle.core.wear;

import java.util.Set;
import java.util.stream.Collectors;

/**
 * A step of preparing the plate, with what its want costs of the product's hold on it; planning
 * figures of our own.
 */
public enum PrepStep {
  CUTICLE("cuticle pushed back and cleared off the plate", 0.20),
  SHINE("shine taken off into the corners", 0.25),
  DUST("dusted off", 0.10),
  DEHYDRATE("dehydrated", 0.15),
  PRIMER("primer, fully dry", 0.20);

  private final String label;
  private final double worth;

  PrepStep(String label, double worth) {
    this.label = label;
    this.worth = worth;
  }

  public String label() {
    return label;
  }

  /** Share of the full hold lost without it. */
  public double worth() {
    return worth;
  }

  public String code() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  /** These steps in words, in their order; empty for none. */
  public static String named(Set<PrepStep> steps) {
    return steps.stream().sorted().map(PrepStep::label).collect(Collectors.joining("; "));
  }

  /** Share of the full hold with these steps left out, above 0 to 1. */
  public static double quality(Set<PrepStep> skipped) {
    return 1 - skipped.stream().mapToDouble(PrepStep::worth).sum();
  }
}
