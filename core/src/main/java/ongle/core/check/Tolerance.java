package ongle.core.check;

import ongle.core.Code;
import ongle.core.Range;

/** What a built nail may be off its plan before it is said: the one place of these figures. */
public enum Tolerance implements Code {
  /** mm. */
  LENGTH(0.3, 0.1, 3),
  /** What twins may differ in length beyond what the plan has them differ, mm. */
  TWINS(0.3, 0.1, 3),
  /** At the growth points, mm. */
  WIDTH(0.2, 0.1, 2),
  /** From where a sidewall should run, mm. */
  SIDE(0.15, 0.05, 2),
  /** Thickness at the apex and the stress line, mm. */
  APEX(0.15, 0.05, 1),
  /** Along the nail, mm. */
  APEX_PLACE(1.0, 0.3, 5),
  /** Thickness at the free edge, mm. */
  EDGE(0.10, 0.03, 1),
  /** What left and right may differ in there, mm. */
  EDGE_SIDES(0.10, 0.03, 1),
  /** Depth over width. */
  BARREL(0.03, 0.01, 0.2),
  /** Of the tip against the finger, degrees. */
  LEAN(2, 1, 15),
  /** Between upper and lower arch where they are planned to run parallel, degrees. */
  ARCHES(4, 1, 15);

  private final double usual;
  private final Range range;

  Tolerance(double usual, double least, double most) {
    this.usual = usual;
    range = new Range(least, most);
  }

  public double usual() {
    return usual;
  }

  /** What a salon may set. */
  public Range range() {
    return range;
  }
}
