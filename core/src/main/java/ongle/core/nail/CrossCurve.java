package ongle.core.nail;

import java.util.Optional;

/**
 * A circular arc across the nail, given by its chord and depth.
 *
 * <p>R = (w²/4 + s²)/(2s), φ0 = 2·atan(2s/w), S = 2Rφ0 (circle geometry). A flat curve has an
 * infinite radius and an arc as long as its chord.
 *
 * @param chord straight width w, mm, positive
 * @param depth sagitta s, mm, 0 to half the chord (a half circle)
 */
public record CrossCurve(double chord, double depth) {
  /** Below this depth ratio the curve is flat to any tool or eye. */
  private static final double FLAT = 1e-6;

  /**
   * @throws IllegalArgumentException if the chord is not above 0 and finite, or the depth below 0
   *     or over half the chord
   */
  public CrossCurve {
    if (!(chord > 0) || Double.isInfinite(chord)) {
      throw new IllegalArgumentException("chord must be positive, is " + chord);
    }
    if (!(depth >= 0) || depth > chord / 2 + 1e-9) {
      throw new IllegalArgumentException("depth must be within 0 and half the chord, is " + depth);
    }
  }

  public static CrossCurve ofRatio(double chord, double depthRatio) {
    return new CrossCurve(chord, Math.min(0.5, depthRatio) * chord);
  }

  /**
   * The arc of a circle of this diameter over a chord: s = R − √(R² − w²/4).
   *
   * @param diameter mm
   * @return empty where the circle is smaller than the chord is long
   */
  public static Optional<CrossCurve> onCircle(double chord, double diameter) {
    double radius = diameter / 2;
    return radius < chord / 2 - 1e-9
        ? Optional.empty()
        : Optional.of(
            new CrossCurve(
                chord, radius - Math.sqrt(Math.max(0, radius * radius - chord * chord / 4))));
  }

  /** Radius R, mm; infinite when flat. */
  public double radius() {
    return flat() ? Double.POSITIVE_INFINITY : (chord * chord / 4 + depth * depth) / (2 * depth);
  }

  /** Half of the angle the arc spans, radians, 0 to π/2. */
  public double halfAngle() {
    return flat() ? 0 : 2 * Math.atan(2 * depth / chord);
  }

  /** Length S along the curve, mm. */
  public double arcLength() {
    return flat() ? chord : 2 * radius() * halfAngle();
  }

  /** Share of a full circle, 0 to 0.5. */
  public double circleShare() {
    return halfAngle() / Math.PI;
  }

  /** Depth over chord, 0 to 0.5. */
  public double depthRatio() {
    return depth / chord;
  }

  /** Height over the chord at {@code x} mm from its middle, mm; 0 beyond its ends. */
  public double heightAt(double x) {
    if (flat() || Math.abs(x) >= chord / 2) {
      return 0;
    }
    double r = radius();
    return Math.max(0, depth - (r - Math.sqrt(r * r - x * x)));
  }

  /** Depth this curve would have if only {@code arc} mm of it, about the middle, were kept. */
  public double depthOverArc(double arc) {
    if (flat()) {
      return 0;
    }
    double r = radius();
    return r * (1 - Math.cos(Math.min(arc / (2 * r), Math.PI)));
  }

  /**
   * The same arc length bent to a depth ratio, as pinching does; the chord gets shorter as it
   * deepens.
   *
   * @param depthRatio wanted depth over chord, 0 to 0.5
   */
  public CrossCurve pinchedTo(double depthRatio) {
    CrossCurve unit = new CrossCurve(1, depthRatio);
    return ofRatio(arcLength() / unit.arcLength(), depthRatio);
  }

  /**
   * The parallel curve over the same angle.
   *
   * @param distance outwards, mm, 0 or more
   */
  public CrossCurve outwardsBy(double distance) {
    double times = flat() ? 1 : 1 + distance / radius();
    return new CrossCurve(chord * times, depth * times);
  }

  private boolean flat() {
    return depth <= FLAT * chord;
  }
}
