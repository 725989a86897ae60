package ongle.core.structure;

import java.util.List;
import java.util.stream.DoubleStream;
import ongle.core.nail.CrossCurve;

/**
 * What pinching does where the barrel has its full depth. The arc stays and bends deeper, so the
 * nail gets narrower there.
 *
 * @param beyond the place, mm beyond the stress line
 * @param built the curve as it comes off the form, before
 * @param pinched the curve wanted
 * @param squeezeTo width to squeeze to, mm; a little past the wanted one, as it springs back
 * @param stiffer how many times as stiff the section gets
 */
public record Pinch(
    double beyond, CrossCurve built, CrossCurve pinched, double squeezeTo, double stiffer) {

  /** Share of the squeeze that comes back when it is let go of; a planning figure of our own. */
  public static final double SPRINGS_BACK = 0.15;

  /** Pinching narrows what was built by this share at most; more is rolled into the form. */
  public static final double MAX_NARROWED = 0.12;

  /** Less than this is no pinch, mm. */
  private static final double MIN_NARROWED = 0.05;

  /** How much narrower it gets, mm; 0 or more. */
  public double narrowerBy() {
    return Math.max(0, built.chord() - pinched.chord());
  }

  /** Whether there is anything to squeeze. */
  public boolean squeezes() {
    return narrowerBy() > MIN_NARROWED;
  }

  /** Places along the extension where it is told, as shares. */
  private static final double[] PLACES = {0.25, 0.5, 0.75};

  /**
   * Pinching along the extension, from the stress line outwards.
   *
   * @param depthRatio of the barrel the form gives at the free edge
   */
  public static List<Pinch> along(Build build, double depthRatio) {
    double extension = build.profile().extension();
    return DoubleStream.of(PLACES)
        .mapToObj(share -> at(build, depthRatio, share * extension))
        .toList();
  }

  /**
   * Pinching where the barrel has its full depth; on a shorter extension three quarters out, as a
   * pointed or rounded tip has no width to look down.
   *
   * @param depthRatio of the barrel the form gives at the free edge; rolled deeper where pinching
   *     alone would narrow it too far
   */
  public static Pinch whereFull(Build build, double depthRatio) {
    return at(build, depthRatio, build.barrelFullAt());
  }

  private static Pinch at(Build build, double depthRatio, double beyond) {
    double x = build.nail().plateLength() + beyond;
    CrossCurve pinched = build.arcAt(x);
    double own = build.nail().crossCurve().depthRatio();
    double wanted = build.barrelDepthRatio() - own;
    double given =
        wanted == 0 ? own : own + (pinched.depthRatio() - own) * (depthRatio - own) / wanted;
    double rolled = Math.max(given, flattest(pinched));
    CrossCurve built = pinched.pinchedTo(Math.min(rolled, pinched.depthRatio()));
    double squeeze = built.chord() - pinched.chord();
    double thickness = build.profile().thicknessAt(x);
    return new Pinch(
        beyond,
        built,
        pinched,
        pinched.chord() - SPRINGS_BACK * Math.max(0, squeeze),
        moment(build, pinched, thickness) / moment(build, built, thickness));
  }

  /** The flattest curve that pinching still brings to this one; by halving, to a thousandth. */
  private static double flattest(CrossCurve pinched) {
    double widest = pinched.chord() / (1 - MAX_NARROWED);
    double flat = 0;
    double deep = pinched.depthRatio();
    while (deep - flat > 0.001) {
      double middle = (flat + deep) / 2;
      if (pinched.pinchedTo(middle).chord() > widest) {
        flat = middle;
      } else {
        deep = middle;
      }
    }
    return deep;
  }

  private static double moment(Build build, CrossCurve curve, double thickness) {
    return Section.of(curve, thickness, build.across(), Section.Layer.NONE, Section.Layer.NONE)
        .secondMoment();
  }
}
