package ongle.core.structure;

/**
 * What everyday loads at the tip do to the free part of a build. Beyond the stress line nothing
 * holds the nail, so the bending moment is load times lever and needs no model of the bed.
 *
 * <p>Worst of: top product fibre when the tip is pressed down, lowest product fibre when it is
 * pried up where no natural plate lies under it. Looked at from the stress line to three quarters
 * of the extension; Euler–Bernoulli, σ = M/W.
 *
 * @param moment at the stress line when pressed, N·mm
 * @param stressAtStressLine worst product stress at the stress line, MPa
 * @param worstStress worst product stress found, MPa
 * @param worstAt where, mm from the cuticle
 * @param margin half the product's strength over the worst stress; 1 is at the limit. Half, because
 *     the load comes back every day. Infinite without extension.
 */
public record FreeEdgeStrength(
    double moment, double stressAtStressLine, double worstStress, double worstAt, double margin) {

  /** A tip pressed down on a table, N. */
  public static final double PRESS = 8;

  /** A tip caught and pried up, N. */
  public static final double PRY = 4;

  /** Share of the strength left for loads that return every day. */
  public static final double FATIGUE = 0.5;

  /** Margin to aim for. */
  public static final double AIM = 1.5;

  /** How far along the extension it is looked at; beyond, the lever is too short to matter. */
  private static final double LOOKED_AT_SHARE = 0.75;

  /** Farthest two places looked at may be apart, mm. */
  private static final double STEP = 0.2;

  public static FreeEdgeStrength of(Build build) {
    return of(build, STEP);
  }

  /**
   * As {@link #of(Build)}, looked at only every so often.
   *
   * @param step farthest two places looked at may be apart, mm; the coarser, the more it may
   *     overlook
   */
  public static FreeEdgeStrength of(Build build, double step) {
    double stressLine = build.nail().plateLength();
    double extension = build.outline().extension();
    if (extension == 0) {
      return new FreeEdgeStrength(0, 0, 0, stressLine, Double.POSITIVE_INFINITY);
    }
    double worst = 0;
    double worstAt = stressLine;
    double reach = LOOKED_AT_SHARE * extension;
    int steps = (int) Math.ceil(reach / step);
    for (int i = 0; i <= steps; i++) {
      double x = stressLine + reach * i / steps;
      double stress = stressAt(build, x);
      if (stress > worst) {
        worst = stress;
        worstAt = x;
      }
    }
    double edge = stressLine + build.nail().freeEdge();
    double justPastPlate = Math.nextUp(edge);
    if (edge < stressLine + reach && stressAt(build, justPastPlate) > worst) {
      worst = stressAt(build, justPastPlate);
      worstAt = edge;
    }
    return new FreeEdgeStrength(
        PRESS * extension,
        stressAt(build, stressLine),
        worst,
        worstAt,
        FATIGUE * build.product().strength() / worst);
  }

  public boolean holds() {
    return margin >= AIM;
  }

  private static double stressAt(Build build, double x) {
    double lever = build.profile().length() - x;
    Section section = build.sectionAt(x);
    double pressed = PRESS * lever / section.topModulus();
    double pried = build.plateUnder(x) ? 0 : PRY * lever / section.lowestProductModulus();
    return Math.max(pressed, pried);
  }
}
