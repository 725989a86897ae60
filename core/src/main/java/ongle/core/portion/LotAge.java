package ongle.core.portion;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * How old the jars were that an appointment took of.
 *
 * @param pastDate whether any was past its printed date; empty where no date is known
 * @param openTooLong whether any had been open for longer than it keeps; empty where no opening is
 *     known
 */
public record LotAge(Optional<Boolean> pastDate, Optional<Boolean> openTooLong) {
  /** Nothing is known of the jars. */
  public static final LotAge UNKNOWN = new LotAge(Optional.empty(), Optional.empty());

  public static LotAge of(List<Lot> lots, LocalDate day) {
    return new LotAge(any(lots, lot -> lot.pastDate(day)), any(lots, lot -> lot.openTooLong(day)));
  }

  private static Optional<Boolean> any(List<Lot> lots, Function<Lot, Optional<Boolean>> told) {
    return lots.stream().flatMap(lot -> told.apply(lot).stream()).reduce(Boolean::logicalOr);
  }
}
