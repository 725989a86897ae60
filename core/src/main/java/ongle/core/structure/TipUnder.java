package ongle.core.structure;

/**
 * A tip as it lies in a build: its stop meets the end of the natural free edge, its well lies over
 * the plate behind it, its free part under the extension beyond. The build's thickness counts it
 * in, so the product over it is what is left.
 *
 * @param well how far it covers the plate behind the end of its free edge, mm
 * @param free how far it reaches beyond that, mm
 * @param thickness of its free part, mm
 */
public record TipUnder(double well, double free, double thickness) {
  /** No tip. */
  public static final TipUnder NONE = new TipUnder(0, 0, 0);

  /** Young's modulus of the plastic, MPa; a planning figure of our own. */
  public static final double MODULUS = 2100;

  /** Bending strength of the plastic, MPa; a planning figure of our own. */
  public static final double STRENGTH = 65;

  /** What is left of the well once it is thinned for gluing, as a share of the free part. */
  private static final double WELL_SHARE = 0.4;

  /**
   * @throws IllegalArgumentException if a size is below 0
   */
  public TipUnder {
    if (!(well >= 0) || !(free >= 0) || !(thickness >= 0)) {
      throw new IllegalArgumentException("a tip has no negative sizes");
    }
  }

  public boolean none() {
    return thickness == 0;
  }

  /**
   * @param beyond distance beyond the end of the natural free edge, mm; minus is over the plate
   */
  double thicknessAt(double beyond) {
    if (beyond < -well || beyond > free) {
      return 0;
    }
    return beyond < 0 ? WELL_SHARE * thickness : thickness;
  }
}
