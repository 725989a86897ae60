package ongle.core.fitting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Tip kits ranked for a whole set: the one that suits most nails first, then the one with the least
 * to file.
 *
 * @param ranked every kit at hand; empty when there is none
 * @param lead the kit the set is fitted from: the technician's, else the first
 */
public record KitRanking(List<Standing> ranked, Optional<TipKit> lead) {
  public KitRanking {
    ranked = List.copyOf(ranked);
  }

  /**
   * How one kit does on the set.
   *
   * @param suits on how many nails one of its sizes suits
   * @param toFile on those nails together, mm²
   */
  public record Standing(TipKit kit, int suits, double toFile) {}

  /**
   * @param nails for each nail to be lengthened, every kit tried on it, in the order of the kits
   */
  public static KitRanking of(Fitting fitting, List<List<TipSizing>> nails) {
    List<TipKit> kits = fitting.tips();
    List<Standing> ranked =
        java.util.stream.IntStream.range(0, kits.size())
            .mapToObj(i -> standing(kits.get(i), nails.stream().map(each -> each.get(i)).toList()))
            .sorted(
                Comparator.comparingInt((Standing standing) -> -standing.suits())
                    .thenComparingDouble(Standing::toFile)
                    .thenComparing(standing -> standing.kit().code()))
            .toList();
    Optional<TipKit> first = ranked.stream().findFirst().map(Standing::kit);
    return new KitRanking(ranked, fitting.kit().flatMap(fitting::tipKit).or(() -> first));
  }

  private static Standing standing(TipKit kit, List<TipSizing> nails) {
    List<TipPick> picks =
        nails.stream().flatMap(sizing -> sizing.advised().stream()).filter(TipPick::suits).toList();
    return new Standing(kit, picks.size(), picks.stream().mapToDouble(TipPick::toFile).sum());
  }
}
