package ongle.core.check;

/**
 * In what a built nail's body may differ from its plan. {@link #usual} is how far hands are off
 * without anybody having looked, one standard deviation, in the part's own unit: what is believed
 * of a part until something is seen of it.
 */
public enum Part {
  /** Stress line to tip, mm. */
  LENGTH(2.5),
  /** Of the extension against the finger, degrees; plus to the right as seen from above. */
  LEAN(5),
  /** How far the sidewalls stand out of their plan at three places of the extension, mm. */
  LEFT_THIRD(0.4),
  LEFT_TWO_THIRDS(0.5),
  LEFT_TIP(0.5),
  RIGHT_THIRD(0.4),
  RIGHT_TWO_THIRDS(0.5),
  RIGHT_TIP(0.5),
  /** Along the nail, mm. */
  APEX_PLACE(2),
  /** Thickness at the apex, mm. */
  APEX(0.4),
  /** Thickness at the free edge, mm. */
  EDGE(0.3),
  /** Fullness of the upper arch beyond the apex: logarithm of its exponent. */
  FULLNESS(0.5),
  /** Thickness of the free edge at its two ends, mm. */
  LEFT_EDGE(0.2),
  RIGHT_EDGE(0.2),
  /** Depth over width where the barrel is full. */
  BARREL(0.06),
  /** Of the lower arch beyond the stress line, degrees; plus lifts. */
  TILT(3),
  /** The plate under it, by how much it was measured amiss, mm. */
  WIDTH(0.08),
  PLATE_LENGTH(0.12),
  ARCH_DEPTH(0.12);

  private final double usual;

  Part(double usual) {
    this.usual = usual;
  }

  public double usual() {
    return usual;
  }
}
