package ongle.core.structure;

import java.util.function.DoubleFunction;

/** Finds the thinnest apex that carries the extension. */
public final class ApexSolver {
  /** Thinnest apex worth building, mm. */
  public static final double THINNEST = 0.8;

  /** Thickest apex a client will wear, mm. */
  public static final double THICKEST = 2.2;

  /** Apexes closer than this are the same to any hand, mm. */
  public static final double SAME_WITHIN = 0.05;

  private static final double TOLERANCE = 0.001;

  private ApexSolver() {}

  /**
   * The thinnest apex that meets the aim.
   *
   * @param apexThickness mm, within {@link #THINNEST} and {@link #THICKEST}
   * @param holds false when even the thickest falls short of {@link FreeEdgeStrength#AIM}
   */
  public record Apex(double apexThickness, boolean holds) {
    /** Whether an apex of this many mm falls short of it by more than a file takes in one pass. */
    public boolean tooThin(double built) {
      return built < apexThickness - SAME_WITHIN;
    }

    /** Whether an apex of this many mm is more than it takes. */
    public boolean tooThick(double built) {
      return built > apexThickness + SAME_WITHIN;
    }
  }

  /**
   * @param buildWith the build for a given apex thickness in mm; the thicker, the stronger
   */
  public static Apex thinnestThatHolds(DoubleFunction<Build> buildWith) {
    double weak = THINNEST;
    double marginWeak = margin(buildWith, weak);
    if (marginWeak >= FreeEdgeStrength.AIM) {
      return new Apex(THINNEST, true);
    }
    double strong = THICKEST;
    double marginStrong = margin(buildWith, strong);
    if (marginStrong < FreeEdgeStrength.AIM) {
      return new Apex(THICKEST, false);
    }
    // Regula falsi, each guess a hair to the other side of the last, so that the bracket closes
    // from both.
    boolean held = true;
    while (strong - weak > TOLERANCE) {
      double share = (FreeEdgeStrength.AIM - marginWeak) / (marginStrong - marginWeak);
      double guess = weak + share * (strong - weak) + (held ? -TOLERANCE : TOLERANCE) / 3;
      double tried = Math.max(weak + TOLERANCE / 4, Math.min(strong - TOLERANCE / 4, guess));
      double margin = margin(buildWith, tried);
      held = margin >= FreeEdgeStrength.AIM;
      if (held) {
        strong = tried;
        marginStrong = margin;
      } else {
        weak = tried;
        marginWeak = margin;
      }
    }
    return new Apex(strong, true);
  }

  private static double margin(DoubleFunction<Build> buildWith, double apexThickness) {
    return FreeEdgeStrength.of(buildWith.apply(apexThickness)).margin();
  }
}
