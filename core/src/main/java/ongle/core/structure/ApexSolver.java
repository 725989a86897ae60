package ongle.core.structure;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Finds the thinnest apex that carries the extension until the last day. Thickness answers cracking
 * and the plate; what tears at the bed or lifts at the back is no thicker apex's to help.
 */
public final class ApexSolver {
  /** Thickest apex a client will wear, mm. */
  public static final double THICKEST = 2.2;

  /** Thicker than this is a hump when it is within {@link #NEAR_CUTICLE}, mm. */
  public static final double HUMP = 1.5;

  /** From the cuticle, mm. */
  public static final double NEAR_CUTICLE = 3;

  /** The limit rises from {@link #HUMP} to {@link #THICKEST} over this much more, mm. */
  private static final double RISES_OVER = 1;

  /** Apexes closer than this are the same to any hand, mm. */
  public static final double SAME_WITHIN = 0.05;

  /** What an apex is thick for. */
  public static final Set<FailureMode> ANSWERS = Set.of(FailureMode.CRACK, FailureMode.PLATE);

  private static final double TOLERANCE = 0.001;

  /** Thicknesses tried for the one that comes nearest where none meets the aims. */
  private static final int TRIED = 8;

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
   * The apex that meets the aims it can answer.
   *
   * @param at mm from the cuticle
   * @param thickness mm
   * @param holds false when none in the range meets them; then it is the one that comes nearest
   * @param binding what would fall short if it were thinner, or falls short as it is; empty when
   *     the thinnest holds
   */
  public record Apex(double at, double thickness, boolean holds, Optional<FailureMode> binding) {
    /** Whether an apex of this many mm falls short of it by more than a file takes in one pass. */
    public boolean tooThin(double built) {
      return built < thickness - SAME_WITHIN;
    }

    /** Whether an apex of this many mm is more than it takes. */
    public boolean tooThick(double built) {
      return built > thickness + SAME_WITHIN;
    }
  }

  /** Thickest apex at a place that does not show as a hump, mm. */
  public static double thickestAt(double at) {
    double beyond = Math.max(0, at - NEAR_CUTICLE) / RISES_OVER;
    return Math.min(THICKEST, HUMP + (THICKEST - HUMP) * beyond);
  }

  /**
   * The thinnest apex within a range that meets the aims against some causes on the first and on
   * the last day; where none does, the one that comes nearest.
   *
   * @param at mm from the cuticle
   * @param from thinnest, mm
   * @param to thickest, mm, at least {@code from}
   */
  public static Apex thinnest(
      Design design, double at, double from, double to, WearPeriod term, Set<FailureMode> causes) {
    return thinnest(asked(design, at, term), at, from, to, causes);
  }

  /**
   * How a design endures by the thickness of its apex at one place, mm; every thickness is worked
   * out once.
   */
  static DoubleFunction<Endurance> asked(Design design, double at, WearPeriod term) {
    Map<Double, Endurance> answered = new HashMap<>();
    return thickness ->
        answered.computeIfAbsent(
            thickness, asked -> Endurance.roughly(design.with(at, asked), term));
  }

  static Apex thinnest(
      DoubleFunction<Endurance> asked, double at, double from, double to, Set<FailureMode> causes) {
    double weak = from;
    Margins.Margin min = governing(asked, weak, causes);
    if (min.ofAim() >= 1) {
      return new Apex(at, from, true, Optional.empty());
    }
    double marginWeak = min.ofAim();
    double strong = to;
    Margins.Margin max = governing(asked, strong, causes);
    double marginStrong = max.ofAim();
    if (marginStrong < 1) {
      return nearest(asked, at, from, to, causes);
    }
    FailureMode binding = min.cause();
    // Regula falsi on the root of the margin, as a section carries with the square of its height;
    // each guess a hair to the other side of the last, so that the bracket closes
    // from both.
    boolean held = true;
    while (strong - weak > TOLERANCE) {
      double share =
          (1 - Math.sqrt(marginWeak)) / (Math.sqrt(marginStrong) - Math.sqrt(marginWeak));
      double guess = weak + share * (strong - weak) + (held ? -TOLERANCE : TOLERANCE) / 3;
      double tried = Math.max(weak + TOLERANCE / 4, Math.min(strong - TOLERANCE / 4, guess));
      Margins.Margin governing = governing(asked, tried, causes);
      held = governing.ofAim() >= 1;
      if (held) {
        strong = tried;
        marginStrong = governing.ofAim();
      } else {
        weak = tried;
        marginWeak = governing.ofAim();
        binding = governing.cause();
      }
    }
    return new Apex(at, strong, true, Optional.of(binding));
  }

  private static Apex nearest(
      DoubleFunction<Endurance> asked, double at, double from, double to, Set<FailureMode> causes) {
    @Nullable Apex best = null;
    double reached = 0;
    for (int i = 0; i <= TRIED; i++) {
      double thickness = from + (to - from) * i / TRIED;
      Margins.Margin governing = governing(asked, thickness, causes);
      if (governing.ofAim() > reached) {
        reached = governing.ofAim();
        best = new Apex(at, thickness, reached >= 1, Optional.of(governing.cause()));
      }
    }
    return Objects.requireNonNull(best, "no margin above 0 at " + at);
  }

  private static Margins.Margin governing(
      DoubleFunction<Endurance> asked, double thickness, Set<FailureMode> causes) {
    Endurance endurance = asked.apply(thickness);
    return causes.stream()
        .map(endurance::of)
        .min(Comparator.comparingDouble(Margins.Margin::ofAim))
        .orElseThrow();
  }
}
