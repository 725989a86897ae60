package ongle.core.nail;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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
   * @param trouble what is wrong and what to do, one sentence
   */
  record Unusable(String raw, String trouble) implements CalliperReading {}

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
      return new Unusable(raw, "The calliper sent nothing readable: measure again.");
    }
    double value = Double.parseDouble(matcher.group(1).replace(',', '.'));
    if ("in".equals(matcher.group(2))) {
      return new Unusable(
          raw,
          String.format(
              Locale.ROOT,
              "The calliper is set to inches (%s would be %.1f mm): switch it to mm and measure again.",
              raw,
              value * MILLIMETRES_PER_INCH));
    }
    return value < 0
        ? new Unusable(raw, "The calliper reads below zero: close it, zero it, measure again.")
        : new Length(raw, value);
  }
}
