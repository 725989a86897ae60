package ongle.core.trace;

import java.util.Optional;
import ongle.core.photo.Spot;

/**
 * Finds an edge in a picture along a line across where it is thought to be: where the colour
 * changes fastest, smoothed along and across (the derivative of a bell curve, Canny 1986), the
 * nearer the better.
 */
final class EdgeSearch {
  /** Steps along the line, px, and how far the colour is smoothed over, px. */
  private static final double STEP = 0.5;

  private static final double SMOOTH = 1.2;
  private static final int TAPS = 6;

  /** How far to both sides along the edge it is averaged, px. */
  private static final int ALONGSIDE = 2;

  /** Less change than this a pixel is paper, skin or noise. */
  private static final double FAINTEST = 3.5;

  /** A share of the clearest change that is an edge too. */
  private static final double CLEAR = 0.3;

  /**
   * Where only the clearest is wanted, nothing nearly as clear may stand beside it: a slope that
   * still rises at the end of the reach is another edge, and then this one is not told.
   */
  private static final double PLAIN = 0.98;

  private EdgeSearch() {}

  /**
   * @param thought where the edge is thought to be
   * @param across direction across it, of length 1
   * @param reach how far to both sides it is looked for, px
   * @param rather which of several clear edges is the one: 1 for the farthest along {@code across},
   *     −1 for the farthest against it, 0 for the clearest
   */
  static Optional<Spot> nearest(
      Pixels picture, Spot thought, Spot across, double reach, int rather) {
    int steps = (int) Math.max(2, Math.round(reach / STEP));
    double[][] colours = new double[2 * (steps + TAPS) + 1][3];
    Spot along = across.turnedRight();
    for (int i = 0; i < colours.length; i++) {
      Spot at = thought.plus(across.times((i - steps - TAPS) * STEP));
      for (int k = -ALONGSIDE; k <= ALONGSIDE; k++) {
        picture.add(at.plus(along.times(k)), 1.0 / (2 * ALONGSIDE + 1), colours[i]);
      }
    }
    double[] change = new double[2 * steps + 1];
    for (int i = 0; i <= 2 * steps; i++) {
      change[i] = change(colours, i + TAPS);
    }
    double[] worth = new double[change.length];
    double best = 0;
    for (int i = 1; i < 2 * steps; i++) {
      boolean summit = change[i] >= change[i - 1] && change[i] > change[i + 1];
      double off = (i - steps) * STEP / reach;
      double weighed = change[i] >= FAINTEST ? change[i] * Math.exp(-2 * off * off) : 0;
      worth[i] = summit ? weighed : 0;
      best = Math.max(best, weighed);
    }
    int place = -1;
    for (int i = 1; i < 2 * steps; i++) {
      boolean clear = worth[i] > 0 && worth[i] >= (rather == 0 ? PLAIN : CLEAR) * best;
      if (clear && (place < 0 || rather > 0)) {
        place = i;
      }
    }
    if (place < 0) {
      return Optional.empty();
    }
    // The top of a parabola through the summit.
    double bend = change[place - 1] - 2 * change[place] + change[place + 1];
    double between = bend < 0 ? 0.5 * (change[place - 1] - change[place + 1]) / bend : 0;
    return Optional.of(thought.plus(across.times((place - steps + between) * STEP)));
  }

  /** How fast the colour changes, levels a pixel over red, green and blue. */
  private static double change(double[][] colours, int at) {
    double sum = 0;
    for (int colour = 0; colour < 3; colour++) {
      double slope = 0;
      double weights = 0;
      for (int tap = 1; tap <= TAPS; tap++) {
        double distance = tap * STEP;
        double weight = distance * Math.exp(-distance * distance / (2 * SMOOTH * SMOOTH));
        slope += weight * (colours[at + tap][colour] - colours[at - tap][colour]);
        weights += 2 * weight * distance;
      }
      sum += slope / weights * (slope / weights);
    }
    return Math.sqrt(sum);
  }
}
