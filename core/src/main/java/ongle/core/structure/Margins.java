package ongle.core.structure;

import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.Lookup;

/**
 * How far a build is from giving, in each of the four ways, on one day of its wear.
 *
 * @param growth how far it has grown out, mm
 * @param loadShare share of a full press and pry its tip meets on that day
 * @param byCause one margin for every cause
 * @param tipStiffness force at the tip that moves it by one millimetre, N/mm
 */
public record Margins(
    double growth, double loadShare, Map<FailureMode, Margin> byCause, double tipStiffness) {

  /** Finer than any figure that goes in, and more than a coarser mesh is off. */
  private static final double HAIR = 0.015;

  /**
   * One margin.
   *
   * @param cause what would give
   * @param value limit over what is there; 1 is at the limit, higher is safer
   * @param at where it is least, mm from the cuticle edge of the build
   * @param there stress there, MPa, for {@link FailureMode#CRACK} and {@link FailureMode#PLATE};
   *     pull on the bed, N/mm², for the others
   */
  public record Margin(FailureMode cause, double value, double at, double there) {
    /** Whether it reaches its aim, as closely as a search computes it. */
    public boolean holds() {
      return ofAim() >= 1 - HAIR;
    }

    /** Value over its aim; below 1 it falls short. */
    public double ofAim() {
      return value / cause.aim();
    }
  }

  /**
   * @throws IllegalArgumentException if a failure mode has no margin
   */
  public Margins {
    byCause = Collections.unmodifiableMap(new EnumMap<>(byCause));
    if (byCause.size() < FailureMode.values().length) {
      throw new IllegalArgumentException("a margin is missing of " + byCause.keySet());
    }
  }

  public Margin of(FailureMode cause) {
    return Lookup.of(byCause, cause);
  }

  /** In the order of {@link FailureMode}. */
  public List<Margin> all() {
    return List.copyOf(byCause.values());
  }

  /** What gives first: the least margin of all. */
  public Margin first() {
    return all().stream().min(Comparator.comparingDouble(Margin::value)).orElseThrow();
  }

  /** What falls shortest of its aim. */
  public Margin governing() {
    return all().stream().min(Comparator.comparingDouble(Margin::ofAim)).orElseThrow();
  }

  /** Whether every margin reaches its aim. */
  public boolean hold() {
    return all().stream().allMatch(Margin::holds);
  }
}
