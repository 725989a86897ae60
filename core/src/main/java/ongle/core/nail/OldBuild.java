package ongle.core.nail;

import java.util.Objects;
import java.util.OptionalDouble;
import ongle.core.Code;
import ongle.core.Range;

/**
 * What is known of the build that lies on a nail: asked, or measured.
 *
 * @param thickness as it was judged
 * @param measured where it is thickest, mm; empty if nobody measured
 * @param clip of its length to be clipped off first, mm; empty for none
 * @param tip whether a tip is under it
 */
public record OldBuild(
    Thickness thickness, OptionalDouble measured, OptionalDouble clip, boolean tip) {
  /** What may be measured of it, mm. */
  public static final Range THICKNESS = new Range(0.1, 4);

  /** What may be clipped off, mm. */
  public static final Range CLIP = new Range(0, 40);

  public static final OldBuild UNASKED =
      new OldBuild(Thickness.USUAL, OptionalDouble.empty(), OptionalDouble.empty(), false);

  /** How thick a build looks; millimetres to reckon with, never to show. */
  public enum Thickness implements Code {
    USUAL(0.8, 1),
    THIN(0.45, 0.7),
    THICK(1.3, 1.35);

    private final double assumed;
    private final double ofPlanned;

    Thickness(double assumed, double ofPlanned) {
      this.assumed = assumed;
      this.ofPlanned = ofPlanned;
    }
  }

  /**
   * @throws IllegalArgumentException if something measured is out of its range
   */
  public OldBuild {
    Objects.requireNonNull(thickness);
    measured.ifPresent(mm -> THICKNESS.check("thickness", mm));
    clip.ifPresent(mm -> CLIP.check("clip", mm));
  }

  public OldBuild with(Thickness judged) {
    return new OldBuild(judged, measured, clip, tip);
  }

  /** The same with another measure of its thickness. */
  public OldBuild measuring(OptionalDouble mm) {
    return new OldBuild(thickness, mm, clip, tip);
  }

  /** The same with another length to clip. */
  public OldBuild clipping(OptionalDouble mm) {
    return new OldBuild(thickness, measured, mm, tip);
  }

  public OldBuild onTip(boolean under) {
    return new OldBuild(thickness, measured, clip, under);
  }

  /** What is reckoned with, mm: measured, else as judged. */
  public double reckoned() {
    return measured.orElse(thickness.assumed);
  }

  /**
   * How much thicker it is than a build of today's plan, over 0.
   *
   * @param planned thickness at the apex, mm
   */
  public double ofPlanned(double planned) {
    return measured.isPresent() ? measured.getAsDouble() / planned : thickness.ofPlanned;
  }
}
