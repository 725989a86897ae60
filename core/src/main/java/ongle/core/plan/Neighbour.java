package ongle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.nail.Nail;
import ongle.core.structure.ApexSolver;

/**
 * Why one nail gets another thickness than its neighbour: what this nail would need if one thing
 * about it were as on the neighbour.
 *
 * @param other the neighbour
 * @param apexes thickness here less thickness there, mm
 * @param reasons what makes the difference, the greatest first; each computed by itself, so they
 *     need not add up
 */
public record Neighbour(NailPlan other, double apexes, List<Reason> reasons) {
  public Neighbour {
    reasons = List.copyOf(reasons);
  }

  /** What can differ between two nails of one set. */
  public enum Factor {
    LENGTH,
    WIDTH_AND_ARCH,
    PLATE_LENGTH,
    CONDITION,
    GROWTH
  }

  /**
   * @param share mm of this nail's apex that are due to it; minus where it makes it thinner
   */
  public record Reason(Factor factor, double share) {}

  /** A share smaller than this is no reason, mm. */
  private static final double MIN_SHARE = 0.02;

  public static Neighbour of(SetPlan set, NailPlan plan, NailPlan other) {
    double here = own(set, plan);
    double apexes = plan.advised().thickness() - other.advised().thickness();
    List<Reason> reasons =
        Stream.of(Factor.values())
            .flatMap(
                factor ->
                    withTheirs(set, plan, other, factor)
                        .map(apex -> new Reason(factor, here - apex))
                        .stream())
            .filter(reason -> Math.abs(reason.share()) > MIN_SHARE)
            .filter(reason -> Math.signum(reason.share()) == Math.signum(apexes))
            .sorted(Comparator.comparingDouble((Reason reason) -> -Math.abs(reason.share())))
            .toList();
    return new Neighbour(other, apexes, reasons);
  }

  /** Whether the two apexes differ by what is seen; half of what solving leaves open. */
  public boolean differs() {
    return Math.abs(apexes) > ApexSolver.SAME_WITHIN / 2;
  }

  /** The apex this nail would need with one thing as on the neighbour; empty if that is alike. */
  private static Optional<Double> withTheirs(
      SetPlan set, NailPlan plan, NailPlan other, Factor factor) {
    Nail own = plan.item().nail();
    Nail theirs = other.item().nail();
    double extension = factor == Factor.LENGTH ? other.extension() : plan.extension();
    Nail mixed =
        new Nail(
            factor == Factor.GROWTH ? theirs.finger() : own.finger(),
            factor == Factor.WIDTH_AND_ARCH ? theirs.width() : own.width(),
            factor == Factor.PLATE_LENGTH ? theirs.plateLength() : own.plateLength(),
            factor == Factor.WIDTH_AND_ARCH
                ? theirs.archDepth()
                : Math.min(own.archDepth(), own.width() / 2),
            own.freeEdge(),
            own.freeEdgeDepth(),
            own.growthPitch(),
            own.lean(),
            own.overhang(),
            factor == Factor.CONDITION ? theirs.condition() : own.condition(),
            own.skin());
    if (extension == plan.extension() && mixed.equals(own)) {
      return Optional.empty();
    }
    SetPlanner.Item item =
        new SetPlanner.Item(mixed, plan.item().adjustments(), plan.item().seen());
    return Optional.of(
        new Draft(plan.wish(), item, plan.draft().beside())
            .apex(extension, set.apexPlace())
            .thickness());
  }

  /** What the nail needs by itself, mm. */
  private static double own(SetPlan set, NailPlan plan) {
    return plan.draft().apex(plan.extension(), set.apexPlace()).thickness();
  }
}
