package ongle.core.nail;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ongle.core.Code;

/** What a digital calliper sent, understood or named for what is wrong with it. */
public sealed interface CalliperReading {
  /** As sent. */
  String raw();

  /**
   * A length that can be taken.
   *
   * @param millimetres 0 or more
   */
  record Length(String raw, double millimetres) implements CalliperReading {}

  /**
   * Nothing that can be taken.
   *
   * @param trouble what is wrong
   */
  record Unusable(String raw, Trouble trouble) implements CalliperReading {}

  /** Why a reading cannot be taken. */
  sealed interface Trouble extends Code {
    /** Nothing that reads as a number. */
    record Unreadable() implements Trouble {}

    /**
     * Set to inches.
     *
     * @param millimetres what it would be
     */
    record Inches(String reading, double millimetres) implements Trouble {}

    /** Zeroed while it was open. */
    record BelowZero() implements Trouble {}
  }

  double MILLIMETRES_PER_INCH = 25.4;

  /**
   * Understands a line such as {@code 11.82 mm}. Inches are not converted: a calliper that was
   * switched by mistake would go unnoticed until the next value.
   */
  static CalliperReading of(String line) {
    String raw = line.strip();
    Matcher matcher =
        Pattern.compile("([+-]?\\d{1,4}(?:[.,]\\d{1,4})?)\\s*(mm|in)?")
            .matcher(raw.toLowerCase(Locale.ROOT));
    if (!matcher.matches()) {
      return new Unusable(raw, new Trouble.Unreadable());
    }
    double value = Double.parseDouble(matcher.group(1).replace(',', '.'));
    if ("in".equals(matcher.group(2))) {
      return new Unusable(raw, new Trouble.Inches(raw, value * MILLIMETRES_PER_INCH));
    }
    return value < 0 ? new Unusable(raw, new Trouble.BelowZero()) : new Length(raw, value);
  }
}
