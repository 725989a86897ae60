package ongle.core.fitting;

import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;

/**
 * What a tip's own outline leaves to do on the way to the wanted one.
 *
 * @param bare what the blank is narrower than the wanted outline at its worst, mm a side; 0 when it
 *     covers it
 * @param toFile area of blank outside the wanted outline once cut to length, both sides, mm²
 */
public record Blank(double bare, double toFile) {
  /** A side short by less is made up by product, mm. */
  public static final double BARE_WITHIN = 0.15;

  private static final int COMPARED_AT = 60;

  /**
   * The blank keeps the outline it is moulded in from the growth points to its own end; it is
   * compared over the wanted extension only, as the rest is cut off.
   *
   * @param moulded the shape the blank is moulded in
   */
  public static Blank of(NailShape moulded, Tip tip, Nail nail, Outline wanted) {
    Outline blank = new Outline(moulded, tip.width(), nail.freeEdge() + tip.freeLength());
    double reached = Math.min(wanted.extension(), blank.extension());
    double bare = 0;
    for (int i = 0; i <= COMPARED_AT; i++) {
      double beyond = reached * i / COMPARED_AT;
      bare = Math.max(bare, wanted.halfWidthAt(beyond) - blank.halfWidthAt(beyond));
    }
    return new Blank(bare, 2 * blank.overlap(wanted, reached, apart -> Math.max(0, apart)));
  }

  /** Whether the wanted outline lies within the blank. */
  public boolean covers() {
    return bare <= BARE_WITHIN;
  }
}
