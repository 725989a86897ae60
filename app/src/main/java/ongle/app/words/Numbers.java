package ongle.app.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import ongle.core.nail.Quantity;

/** The one place where numbers become text and text becomes numbers. */
public final class Numbers {
  /** Plain decimals only: no exponents, no words, comma or point. */
  private static final Pattern PLAIN =
      Pattern.compile("[+-]?(\\d{1,6}([.,]\\d{0,6})?|[.,]\\d{1,6})");

  private static final Map<Locale, Character> POINTS = new ConcurrentHashMap<>();

  private Numbers() {}

  /** Fixed decimals with the language's own point or comma; never "-0". */
  public static String format(double value, int decimals) {
    return plain(value, decimals).replace('.', point(Words.locale()));
  }

  private static char point(Locale language) {
    return POINTS.computeIfAbsent(
        language, of -> DecimalFormatSymbols.getInstance(of).getDecimalSeparator());
  }

  /** Fixed decimals with a point in every language, for files and addresses; never "-0". */
  public static String plain(double value, int decimals) {
    if (!Double.isFinite(value)) {
      return String.valueOf(value);
    }
    // Drawings and pages are full of figures; a formatter takes ten times as long.
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    return rounded.toPlainString();
  }

  /** With its sign in front, also when it is plus. */
  public static String signed(double value, int decimals) {
    String text = format(value, decimals);
    return value <= 0 || text.startsWith("-") ? text : "+" + text;
  }

  /** Seconds as a clock shows them: 1:30. */
  public static String clock(long seconds) {
    long left = Math.max(0, seconds);
    return String.format(Locale.ROOT, "%d:%02d", left / 60, left % 60);
  }

  /** With the quantity's own decimals, without unit. */
  public static String format(Quantity quantity, double value) {
    return format(value, quantity.decimals());
  }

  /** As {@link #format(Quantity, double)}, with the unit. */
  public static String withUnit(Quantity quantity, double value) {
    String unit = Words.of(quantity.unit());
    return format(quantity, value) + (unit.equals("°") ? unit : " " + unit);
  }

  /** Millimetres with one decimal and the unit. */
  public static String mm(double value) {
    return format(value, 1) + " mm";
  }

  /** Thicknesses: millimetres with two decimals and the unit. */
  public static String thickness(double value) {
    return format(value, 2) + " mm";
  }

  /**
   * The number typed, with comma or point, with or without the unit; empty when it is none. Where
   * one decimal is usual and a whole number would be far too large, the point was left out: 114 is
   * a width of 11.4 mm. That spares a key on every value.
   */
  public static Optional<Double> parse(String typed, Quantity quantity) {
    String text = typed.strip().replace('\u2212', '-');
    String unit = Words.of(quantity.unit());
    if (text.endsWith(unit)) {
      text = text.substring(0, text.length() - unit.length()).strip();
    }
    String number = text;
    return parse(number).map(value -> withPoint(number, value, quantity));
  }

  private static double withPoint(String text, double value, Quantity quantity) {
    boolean whole = text.chars().allMatch(Character::isDigit);
    boolean leftOut =
        whole && quantity.decimals() == 1 && !quantity.allows(value) && quantity.allows(value / 10);
    return leftOut ? value / 10 : value;
  }

  /** A plain number without a unit, with comma or point; empty when it is none. */
  public static Optional<Double> parse(String typed) {
    String text = typed.strip().replace('\u2212', '-');
    return PLAIN.matcher(text).matches()
        ? Optional.of(Double.parseDouble(text.replace(',', '.')))
        : Optional.empty();
  }

  /** Whether two texts of a field say the same, in whatever language they were shown. */
  public static boolean same(String one, String other) {
    return one.replace(',', '.').equals(other.replace(',', '.'));
  }

  /** What a field takes, for the message beside it: "3.0 to 25.0 mm". */
  public static String range(Quantity quantity) {
    return Words.say(
        "number.range",
        "min",
        format(quantity, quantity.min()),
        "max",
        withUnit(quantity, quantity.max()));
  }
}
