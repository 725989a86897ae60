package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.nail.EarlierProduct;

/**
 * How old product comes off a nail.
 *
 * @param soaks whether it softens; else it is filed off
 * @param thinTo what is left on before soaking, or as a last layer when filed, mm
 * @param thinBy to file off first, mm
 * @param rounds of soaking, minutes each, with a look after each
 */
public record Removal(boolean soaks, double thinTo, double thinBy, List<Integer> rounds) {
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
  private static final int LONGEST_ROUND = 10;
  private static final int SHORTEST_ROUND = 3;

  /**
   * @param product on the nail
   * @param thickness of it where it is thickest, mm
   * @return empty where nothing has to come off with file or solvent
   */
  public static Optional<Removal> of(EarlierProduct product, double thickness) {
    return switch (product) {
      case NONE, POLISH -> Optional.empty();
      case GEL_POLISH, SOAK_OFF_GEL -> Optional.of(soaked(thickness, GEL_A_MINUTE));
      case ACRYLIC -> Optional.of(soaked(thickness, ACRYLIC_A_MINUTE));
      case HARD_GEL, POLY_GEL, UNKNOWN ->
          Optional.of(
              new Removal(false, LEFT_ON_PLATE, Math.max(0, thickness - LEFT_ON_PLATE), List.of()));
    };
  }

  private static Removal soaked(double thickness, double aMinute) {
    double left = Math.min(thickness, LEFT_TO_SOAK);
    List<Integer> rounds = new ArrayList<>();
    int minutes = (int) Math.ceil(left / aMinute - 1e-9);
    while (minutes > 0) {
      int round = Math.min(LONGEST_ROUND, Math.max(SHORTEST_ROUND, minutes));
      rounds.add(round);
      minutes -= round;
    }
    return new Removal(true, left, thickness - left, rounds);
  }
}
