package ongle.core.portion;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.Range;

/**
 * One jar, bottle or tube on the shelf.
 *
 * @param material by code
 * @param number printed on it
 * @param content when full, in the material's measure
 * @param left in it now, in the material's measure
 * @param expires the last good day; empty when none is printed
 * @param opened empty while it is closed
 * @param goodOpenMonths how long it keeps once opened
 * @param price of the full jar; empty when the salon does not say
 */
public record Lot(
    String material,
    String number,
    double content,
    double left,
    Optional<LocalDate> expires,
    Optional<LocalDate> opened,
    int goodOpenMonths,
    OptionalDouble price) {
  /** Longest number on a jar. */
  public static final int LONGEST_NUMBER = 40;

  /** What a jar holds, g or ml. */
  public static final Range CONTENT = new Range(1, 5000);

  /** How long anything keeps once opened, months. */
  public static final Range KEEPS_OPEN = new Range(1, 60);

  /** What a jar costs, in the salon's currency. */
  public static final Range PRICE = new Range(0, 100_000);

  /**
   * @throws IllegalArgumentException if the number is blank or longer than {@link #LONGEST_NUMBER},
   *     a figure is out of its range, or more is left than it holds
   */
  public Lot {
    if (number.isBlank() || number.length() > LONGEST_NUMBER) {
      throw new IllegalArgumentException("a lot needs its number");
    }
    if (!CONTENT.allows(content)
        || !(left >= 0 && left <= content)
        || !KEEPS_OPEN.allows(goodOpenMonths)) {
      throw new IllegalArgumentException(
          "lot " + number + " needs a content, no more left than that, and months it keeps open");
    }
    if (price.isPresent() && !PRICE.allows(price.getAsDouble())) {
      throw new IllegalArgumentException("lot " + number + " needs a price of 0 or more");
    }
  }

  /** What keeps it from being used. */
  public enum Fault {
    EXPIRED,
    OPEN_TOO_LONG,
    EMPTY
  }

  /** Why it must not be used on that day; empty when it may. */
  public Optional<Fault> fault(LocalDate day) {
    if (left == 0) {
      return Optional.of(Fault.EMPTY);
    }
    if (pastDate(day).orElse(false)) {
      return Optional.of(Fault.EXPIRED);
    }
    return openTooLong(day).orElse(false) ? Optional.of(Fault.OPEN_TOO_LONG) : Optional.empty();
  }

  /** Whether its printed date was past on that day; empty when none is printed. */
  public Optional<Boolean> pastDate(LocalDate day) {
    return expires.map(day::isAfter);
  }

  /** Whether it had been open for longer than it keeps; empty when nobody noted its opening. */
  public Optional<Boolean> openTooLong(LocalDate day) {
    return keepsOpenUntil().map(day::isAfter);
  }

  private Optional<LocalDate> keepsOpenUntil() {
    return opened.map(from -> from.plusMonths(goodOpenMonths));
  }

  /** The last day it may be used. */
  public Optional<LocalDate> goodUntil() {
    Optional<LocalDate> open = keepsOpenUntil();
    return expires.isEmpty()
        ? open
        : open.filter(day -> day.isBefore(expires.get())).or(() -> expires);
  }

  /** What an amount of it costs, in the salon's currency. */
  public OptionalDouble cost(double amount) {
    return price.isPresent()
        ? OptionalDouble.of(price.getAsDouble() * amount / content)
        : OptionalDouble.empty();
  }
}
