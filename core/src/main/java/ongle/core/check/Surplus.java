package ongle.core.check;

import java.util.ArrayList;
import java.util.List;
import ongle.core.Code;

/**
 * Product over the plan in one zone of one side, and what is lacking there.
 *
 * @param zone along the nail
 * @param left as seen from above with the tip away; else right
 * @param over mm³ over the plan
 * @param lacking mm³ under it
 */
public record Surplus(Zone zone, boolean left, double over, double lacking) {
  /** Less than this is no file stroke, mm³. */
  public static final double WORTH_A_STROKE = 0.5;

  /** Slices a zone is summed over. */
  private static final int SLICES = 12;

  /** Along the nail. */
  public enum Zone implements Code {
    /** From the cuticle half way to the apex. */
    CUTICLE,
    /** From there to the stress line. */
    BODY,
    EXTENSION
  }

  /** Over less lacking, mm³. */
  public double net() {
    return over - lacking;
  }

  /** Zone by zone, left before right. */
  static List<Surplus> of(Body built, Body planned, double cuticle) {
    double stressLine = planned.profile().plateLength();
    double end = Math.max(built.profile().length(), planned.profile().length());
    List<Surplus> all = new ArrayList<>();
    for (Zone zone : Zone.values()) {
      double from =
          switch (zone) {
            case CUTICLE -> 0;
            case BODY -> cuticle;
            case EXTENSION -> stressLine;
          };
      double to =
          switch (zone) {
            case CUTICLE -> cuticle;
            case BODY -> stressLine;
            case EXTENSION -> end;
          };
      for (boolean left : new boolean[] {true, false}) {
        double over = 0;
        double lacking = 0;
        double slice = (to - from) / SLICES;
        for (int i = 0; i < SLICES; i++) {
          double x = from + (i + 0.5) * slice;
          double apart = (built.area(x, left) - planned.area(x, left)) * slice;
          over += Math.max(0, apart);
          lacking += Math.max(0, -apart);
        }
        all.add(new Surplus(zone, left, over, lacking));
      }
    }
    return all;
  }
}
