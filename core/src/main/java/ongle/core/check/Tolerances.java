package ongle.core.check;

/**
 * How far a built nail may be from its plan before it is said; the one place of these figures.
 *
 * @param length mm
 * @param twins what twins may differ in length, mm
 * @param width at the growth points, mm
 * @param side from where a sidewall should run, and from its other side, mm
 * @param apex thickness at the apex and the stress line, mm
 * @param apexPlace mm along the nail
 * @param edge thickness at the free edge, mm
 * @param edgeSides what left and right may differ in there, mm
 * @param barrel ratio of depth to width
 * @param lean of the tip against the finger, degrees
 */
public record Tolerances(
    double length,
    double twins,
    double width,
    double side,
    double apex,
    double apexPlace,
    double edge,
    double edgeSides,
    double barrel,
    double lean) {
  public static final Tolerances USUAL =
      new Tolerances(0.3, 0.3, 0.2, 0.15, 0.15, 1.0, 0.10, 0.10, 0.03, 2);
}
