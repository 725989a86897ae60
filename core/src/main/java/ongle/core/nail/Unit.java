package ongle.core.nail;

/** The units Ongle speaks in; every quantity has exactly one. */
public enum Unit {
  MILLIMETRE("mm"),
  DEGREE("°"),
  PERCENT("%"),
  DAY("days");

  private final String symbol;

  Unit(String symbol) {
    this.symbol = symbol;
  }

  public String symbol() {
    return symbol;
  }
}
