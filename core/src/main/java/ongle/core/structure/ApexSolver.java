package ongle.core.structure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Finds the thinnest apex that carries the extension until the last day, and where to put it. */
public final class ApexSolver {
  /** Thinnest apex worth building, mm. */
  public static final double THINNEST = 0.8;

  /** Thickest apex a client will wear, mm. */
  public static final double THICKEST = 2.2;

  /** Apexes closer than this are the same to any hand, mm. */
  public static final double SAME_WITHIN = 0.05;

  /** The computed place lies between these shares of the plate. */
  public static final double REARMOST = 0.2;

  public static final double FOREMOST = 1.0;

  /** Places tried between them before the best is looked for more closely. */
  private static final int PLACES = 5;

  private static final double TOLERANCE = 0.001;

  private static final Set<Cause> ALL = Set.of(Cause.values());

  private ApexSolver() {}

  /** A build with everything decided but its apex. */
  @FunctionalInterface
  public interface Design {
    /**
     * @param at distance of the apex from the cuticle, mm
     * @param thickness there, mm
     */
    Build with(double at, double thickness);
  }

  /**
   * The apex that meets the aims.
   *
   * @param at mm from the cuticle
   * @param thickness mm, within {@link #THINNEST} and {@link #THICKEST}
   * @param holds false when even the thickest falls short; then it is as thick as it takes not to
   *     crack, or the thickest
   * @param binding what would fall short if it were thinner, or falls short as it is; empty when
   *     even the thinnest holds
   */
  public record Apex(double at, double thickness, boolean holds, Optional<Cause> binding) {
    /** Whether an apex of this many mm falls short of it by more than a file takes in one pass. */
    public boolean tooThin(double built) {
      return built < thickness - SAME_WITHIN;
    }

    /** Whether an apex of this many mm is more than it takes. */
    public boolean tooThick(double built) {
      return built > thickness + SAME_WITHIN;
    }
  }

  /** The thinnest apex at a place that meets every aim on the first and on the last day. */
  public static Apex thinnest(Design design, double at, Term term) {
    return thinnest(design, at, term, ALL);
  }

  /**
   * The thinnest apex at a place that meets the aims against some causes only.
   *
   * @param at mm from the cuticle
   */
  public static Apex thinnest(Design design, double at, Term term, Set<Cause> causes) {
    double weak = THINNEST;
    Margins.Margin least = shortest(design, at, weak, term, causes);
    double marginWeak = least.ofAim();
    if (marginWeak >= 1) {
      return new Apex(at, THINNEST, true, Optional.empty());
    }
    double strong = THICKEST;
    Margins.Margin most = shortest(design, at, strong, term, causes);
    double marginStrong = most.ofAim();
    if (marginStrong < 1) {
      // What even the thickest cannot help needs no hump: as thick as cracking asks, and said.
      double thickness =
          most.cause() == Cause.CRACK || !causes.contains(Cause.CRACK)
              ? THICKEST
              : thinnest(design, at, term, Set.of(Cause.CRACK)).thickness();
      return new Apex(at, thickness, false, Optional.of(most.cause()));
    }
    Cause binding = least.cause();
    // Regula falsi, each guess a hair to the other side of the last, so that the bracket closes
    // from both.
    boolean held = true;
    while (strong - weak > TOLERANCE) {
      double share = (1 - marginWeak) / (marginStrong - marginWeak);
      double guess = weak + share * (strong - weak) + (held ? -TOLERANCE : TOLERANCE) / 3;
      double tried = Math.max(weak + TOLERANCE / 4, Math.min(strong - TOLERANCE / 4, guess));
      Margins.Margin shortest = shortest(design, at, tried, term, causes);
      held = shortest.ofAim() >= 1;
      if (held) {
        strong = tried;
        marginStrong = shortest.ofAim();
      } else {
        weak = tried;
        marginWeak = shortest.ofAim();
        binding = shortest.cause();
      }
    }
    return new Apex(at, strong, true, Optional.of(binding));
  }

  private static Margins.Margin shortest(
      Design design, double at, double thickness, Term term, Set<Cause> causes) {
    Endurance endurance = Endurance.roughly(design.with(at, thickness), term);
    return causes.stream()
        .map(endurance::of)
        .min(Comparator.comparingDouble(Margins.Margin::ofAim))
        .orElseThrow();
  }

  /**
   * The apex between {@link #REARMOST} and {@link #FOREMOST} of the plate that needs least product.
   * Where none holds, the one that comes nearest.
   *
   * @param plateLength mm
   */
  public static Apex leastProduct(Design design, double plateLength, Term term) {
    double gap = (FOREMOST - REARMOST) / (PLACES - 1) * plateLength;
    List<Tried> tried =
        IntStream.range(0, PLACES)
            .mapToObj(i -> Tried.at(design, REARMOST * plateLength + i * gap, term))
            .toList();
    Tried best = best(tried);
    if (!best.apex.holds()) {
      return best.apex;
    }
    double apart = gap;
    // Product over place is a shallow bowl: twice halving about its lowest is closer than a brush.
    for (int halved = 0; halved < 2; halved++) {
      apart /= 2;
      double rear = Math.max(REARMOST * plateLength, best.apex.at() - apart);
      double front = Math.min(FOREMOST * plateLength, best.apex.at() + apart);
      best = best(List.of(best, Tried.at(design, rear, term), Tried.at(design, front, term)));
    }
    return best.apex;
  }

  private static Tried best(List<Tried> tried) {
    return tried.stream()
        .min(
            Comparator.comparing((Tried one) -> !one.apex.holds())
                .thenComparingDouble(one -> one.apex.holds() ? one.product : -one.reached))
        .orElseThrow();
  }

  /** An apex tried: product it takes, mm³, and how far of its aims it gets. */
  private record Tried(Apex apex, double product, double reached) {
    static Tried at(Design design, double at, Term term) {
      Apex apex = thinnest(design, at, term);
      Build build = design.with(at, apex.thickness());
      return new Tried(
          apex,
          build.volumes().total(),
          apex.holds() ? 1 : Endurance.roughly(build, term).shortest().ofAim());
    }
  }
}
