package ongle.core.portion;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a set takes of one material, and from which lots.
 *
 * @param amount with what stays in the brush, in the material's measure
 * @param from the lots to take it from, opened and soonest spoilt first
 * @param standing what the shelf says
 * @param unusable lots on the shelf that must not be used
 */
public record Need(
    Material material, double amount, List<Taken> from, Standing standing, List<Lot> unusable) {
  public Need {
    from = List.copyOf(from);
    unusable = List.copyOf(unusable);
  }

  /**
   * A share of the need, from one lot.
   *
   * @param amount in the material's measure
   */
  public record Taken(Lot lot, double amount) {}

  /** What the shelf says to a need. */
  public enum Standing {
    UNCOUNTED,
    ENOUGH,
    SHORT,
    ALL_EXPIRED,
    ALL_OPEN_TOO_LONG;

    /** Whether work can begin, as far as anybody counts. */
    public boolean served() {
      return this == UNCOUNTED || this == ENOUGH;
    }
  }

  /**
   * @param shelf every lot of the salon
   * @param day it is needed
   */
  public static Need of(Material material, double amount, List<Lot> shelf, LocalDate day) {
    List<Lot> kept = shelf.stream().filter(lot -> lot.material().equals(material.code())).toList();
    List<Lot> good =
        kept.stream()
            .filter(lot -> lot.fault(day).isEmpty())
            .sorted(
                Comparator.comparing((Lot lot) -> lot.opened().isEmpty())
                    .thenComparing(lot -> lot.goodUntil().orElse(LocalDate.MAX)))
            .toList();
    List<Taken> taken = new ArrayList<>();
    double open = amount;
    for (Lot lot : good) {
      double share = Math.min(open, lot.left());
      if (share > 0) {
        taken.add(new Taken(lot, share));
        open -= share;
      }
    }
    List<Lot> unusable = kept.stream().filter(lot -> spoilt(lot, day)).toList();
    return new Need(
        material, amount, taken, standing(kept, good, unusable, open > 1e-9, day), unusable);
  }

  private static boolean spoilt(Lot lot, LocalDate day) {
    return lot.fault(day).filter(fault -> fault != Lot.Fault.EMPTY).isPresent();
  }

  private static Standing standing(
      List<Lot> kept, List<Lot> good, List<Lot> unusable, boolean open, LocalDate day) {
    if (kept.isEmpty()) {
      return Standing.UNCOUNTED;
    }
    if (!good.isEmpty() || unusable.isEmpty()) {
      return open ? Standing.SHORT : Standing.ENOUGH;
    }
    Optional<Lot.Fault> fault = unusable.get(0).fault(day);
    return fault.filter(Lot.Fault.EXPIRED::equals).isPresent()
        ? Standing.ALL_EXPIRED
        : Standing.ALL_OPEN_TOO_LONG;
  }

  /** What is lacking, in the material's measure; 0 when there is enough or nobody counts. */
  public double lacking() {
    return standing == Standing.UNCOUNTED
        ? 0
        : Math.max(0, amount - from.stream().mapToDouble(Taken::amount).sum());
  }

  /** What it costs; empty when a price is missing or it is not all there. */
  public OptionalDouble cost() {
    if (lacking() > 1e-9 || from.isEmpty()) {
      return OptionalDouble.empty();
    }
    double sum = 0;
    for (Taken taken : from) {
      OptionalDouble cost = taken.lot().cost(taken.amount());
      if (cost.isEmpty()) {
        return OptionalDouble.empty();
      }
      sum += cost.getAsDouble();
    }
    return OptionalDouble.of(sum);
  }
}
