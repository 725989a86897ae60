package ongle.core.structure;

import java.util.Comparator;
import java.util.stream.Stream;

/**
 * The margins of a build on the first and on the last day of its planned wear.
 *
 * @param first on the day it is built
 * @param last on the last day
 */
public record Endurance(Margins first, Margins last) {

  /** As closely as it is computed. */
  public static Endurance of(Build build, WearPeriod term) {
    return of(build, term, LoadedNail.FINE);
  }

  /** As closely as a search needs. */
  public static Endurance roughly(Build build, WearPeriod term) {
    return of(build, term, LoadedNail.COARSE);
  }

  private static Endurance of(Build build, WearPeriod term, double step) {
    LoadedNail nail = LoadedNail.of(build, term, step);
    return new Endurance(nail.after(0), nail.after(term.growth()));
  }

  /** One cause's margin on the worse of the two days. */
  public Margins.Margin of(FailureMode cause) {
    return Stream.of(first.of(cause), last.of(cause))
        .min(Comparator.comparingDouble(Margins.Margin::value))
        .orElseThrow();
  }

  /** What gives first over the whole wear: the least margin. */
  public Margins.Margin weakest() {
    return lesser(first.first(), last.first(), Comparator.comparingDouble(Margins.Margin::value));
  }

  /** What falls shortest of its aim over the whole wear. */
  public Margins.Margin governing() {
    return lesser(
        first.governing(), last.governing(), Comparator.comparingDouble(Margins.Margin::ofAim));
  }

  private static Margins.Margin lesser(
      Margins.Margin one, Margins.Margin other, Comparator<Margins.Margin> by) {
    return by.compare(other, one) < 0 ? other : one;
  }

  /** Whether every margin reaches its aim on both days. */
  public boolean holds() {
    return first.hold() && last.hold();
  }
}
