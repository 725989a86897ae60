package ongle.core.structure;

/**
 * Lower and upper arch of a build from the side, against the finger's axis. The lower arch follows
 * the plate at its growth pitch, then the form at its tilt; the upper arch stands the thickness
 * above it.
 *
 * @param profile thickness along the nail
 * @param growthPitch of the plate, degrees; minus grows down
 * @param formTilt of the extension against the finger's axis, degrees; plus lifts
 */
public record Arches(Profile profile, double growthPitch, double formTilt) {
  /** Arches that stay within this angle of each other run parallel to the eye, degrees. */
  public static final double PARALLEL_WITHIN = 4;

  /** A highest point farther from the apex than this is seen to lie elsewhere, mm. */
  public static final double SEEN_ELSEWHERE_FROM = 1;

  private static final int LOOKED_AT = 400;

  /** Height of the lower arch at {@code x} mm from the cuticle over the cuticle, mm. */
  public double lowerAt(double x) {
    double onPlate = Math.min(x, profile.plateLength());
    double beyond = Math.max(0, x - profile.plateLength());
    return onPlate * Math.tan(Math.toRadians(growthPitch))
        + beyond * Math.tan(Math.toRadians(formTilt));
  }

  /** Height of the upper arch at {@code x} mm from the cuticle over the cuticle, mm. */
  public double upperAt(double x) {
    return lowerAt(x) + profile.thicknessAt(x);
  }

  /** Where the upper arch is really highest against the finger's axis, mm from the cuticle. */
  public double highestAt() {
    double best = 0;
    for (int i = 1; i <= LOOKED_AT; i++) {
      double x = profile.length() * i / LOOKED_AT;
      if (upperAt(x) > upperAt(best) + 1e-9) {
        best = x;
      }
    }
    return best;
  }

  /** Whether pitch and tilt move the highest point visibly away from the apex. */
  public boolean highestElsewhere() {
    return Math.abs(highestAt() - profile.apexAt()) > SEEN_ELSEWHERE_FROM;
  }

  /** How far the upper arch rises over the straight line between its two ends, mm. */
  public double rise() {
    double start = upperAt(0);
    double end = upperAt(profile.length());
    double rise = 0;
    for (int i = 1; i < LOOKED_AT; i++) {
      double share = (double) i / LOOKED_AT;
      rise = Math.max(rise, upperAt(profile.length() * share) - (start + (end - start) * share));
    }
    return rise;
  }

  /** Angle between upper and lower arch along the extension, degrees; 0 when they run parallel. */
  public double angleBetween() {
    if (profile.extension() == 0) {
      return 0;
    }
    double falls = profile.thicknessAt(profile.plateLength()) - profile.edgeThickness();
    return Math.toDegrees(Math.atan(falls / profile.extension()));
  }

  public boolean parallel() {
    return Math.abs(angleBetween()) <= PARALLEL_WITHIN;
  }
}
