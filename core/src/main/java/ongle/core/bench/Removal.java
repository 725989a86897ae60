package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.OldBuild;

/**
 * How old product comes off a nail. How thick it is, nobody knows who did not measure it: it is
 * filed until a thin film remains.
 *
 * @param soaks whether that film softens; else it is what stays on
 * @param thinBy to file off first, mm; empty where nobody measured
 * @param rounds of soaking, minutes each, with a look after each
 * @param tip whether a tip under it comes off with it
 */
public record Removal(boolean soaks, OptionalDouble thinBy, List<Integer> rounds, boolean tip) {
  public Removal {
    rounds = List.copyOf(rounds);
  }

  /** Left on for the solvent, mm; planning figures of our own. */
  private static final double LEFT_TO_SOAK = 0.30;

  /** Left on when it is filed off, so that no file meets the plate, mm. */
  private static final double LEFT_ON_PLATE = 0.08;

  /** What one minute of solvent softens, mm. */
  private static final double ACRYLIC_A_MINUTE = 0.022;

  private static final double GEL_A_MINUTE = 0.030;

  /** A tip takes longer than the film on it, minutes. */
  private static final int TIP = 5;

  private static final int LONGEST_ROUND = 10;
  private static final int SHORTEST_ROUND = 3;

  /**
   * @param product on the nail
   * @param old what is known of it
   * @return empty where nothing has to come off with file or solvent
   */
  public static Optional<Removal> of(EarlierProduct product, OldBuild old) {
    return switch (product) {
      case NONE, POLISH -> Optional.empty();
      case GEL_POLISH, SOAK_OFF_GEL -> Optional.of(soaked(old, GEL_A_MINUTE));
      case ACRYLIC -> Optional.of(soaked(old, ACRYLIC_A_MINUTE));
      case HARD_GEL, POLY_GEL, UNKNOWN ->
          Optional.of(
              new Removal(
                  false,
                  by(old, LEFT_ON_PLATE),
                  old.tip() ? rounds(TIP + SHORTEST_ROUND) : List.of(),
                  old.tip()));
    };
  }

  private static Removal soaked(OldBuild old, double aMinute) {
    double left = Math.min(old.reckoned(), LEFT_TO_SOAK);
    int minutes = (int) Math.ceil(left / aMinute - 1e-9) + (old.tip() ? TIP : 0);
    return new Removal(true, by(old, left), rounds(minutes), old.tip());
  }

  private static OptionalDouble by(OldBuild old, double left) {
    return old.measured().isPresent()
        ? OptionalDouble.of(Math.max(0, old.measured().getAsDouble() - left))
        : OptionalDouble.empty();
  }

  private static List<Integer> rounds(int minutes) {
    List<Integer> rounds = new ArrayList<>();
    for (int left = minutes; left > 0; left -= LONGEST_ROUND) {
      rounds.add(Math.min(LONGEST_ROUND, Math.max(SHORTEST_ROUND, left)));
    }
    return rounds;
  }
}
