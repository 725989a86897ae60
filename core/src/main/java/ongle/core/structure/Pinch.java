package ongle.core.structure;

import java.util.List;
import java.util.stream.DoubleStream;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;

/**
 * What pinching does at one place of the extension. Unpinched, the build carries the plate's own
 * curve on; pinching bends the same arc deeper, so the nail gets narrower there.
 *
 * @param beyond the place, mm beyond the stress line
 * @param unpinched the curve as built, before
 * @param pinched the curve wanted
 * @param squeezeTo width to squeeze to, mm; a little past the wanted one, as it springs back
 * @param stiffer how many times as stiff the section gets
 */
public record Pinch(
    double beyond, CrossCurve unpinched, CrossCurve pinched, double squeezeTo, double stiffer) {

  /** Share of the squeeze that comes back when it is let go of; a planning figure of our own. */
  public static final double SPRINGS_BACK = 0.15;

  private static final double OUTERMOST = 0.75;

  /** Places along the extension where it is told, as shares. */
  private static final double[] PLACES = {0.25, 0.5, OUTERMOST};

  /** How much narrower it gets, mm; minus where the wanted curve is flatter than the plate's. */
  public double narrowerBy() {
    return unpinched.chord() - pinched.chord();
  }

  /** Whether there is anything to squeeze. */
  public boolean squeezes() {
    return narrowerBy() > 0.05;
  }

  /** Pinching along the extension, from the stress line outwards. */
  public static List<Pinch> along(Build build) {
    double extension = build.profile().extension();
    return extension == 0
        ? List.of()
        : DoubleStream.of(PLACES).mapToObj(share -> at(build, share * extension)).toList();
  }

  /**
   * Where the barrel has its full depth; on a shorter extension three quarters out, as a pointed or
   * rounded tip has no width to look down.
   */
  public static Pinch whereFull(Build build) {
    return at(build, Math.min(Build.BARREL_REACHED_AFTER, OUTERMOST * build.profile().extension()));
  }

  private static Pinch at(Build build, double beyond) {
    Nail nail = build.nail();
    double x = nail.plateLength() + beyond;
    CrossCurve pinched = build.arcAt(x);
    CrossCurve unpinched = pinched.pinchedTo(nail.crossCurve().depthRatio());
    double squeeze = unpinched.chord() - pinched.chord();
    double thickness = build.profile().thicknessAt(x);
    return new Pinch(
        beyond,
        unpinched,
        pinched,
        pinched.chord() - SPRINGS_BACK * Math.max(0, squeeze),
        moment(build, pinched, thickness) / moment(build, unpinched, thickness));
  }

  private static double moment(Build build, CrossCurve curve, double thickness) {
    return Section.of(curve, thickness, build.across(), Section.Layer.NONE, Section.Layer.NONE)
        .secondMoment();
  }
}
