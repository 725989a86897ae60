package ongle.app.words;

import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Days and hours as this language writes them; how, its message file says under {@code date}. */
public final class Dates {
  private static final Map<String, DateTimeFormatter> KNOWN = new ConcurrentHashMap<>();

  private Dates() {}

  /**
   * @param style {@code day} 10 Mar 2026, {@code daymonth} 10 Mar, {@code weekday} Tuesday 10
   *     March, {@code long} 10 March 2026, {@code moment} 10 Mar, 10:42, {@code time} 10:42
   */
  public static String of(TemporalAccessor time, String style) {
    Locale locale = Words.locale();
    return KNOWN
        .computeIfAbsent(
            locale.getLanguage() + style,
            key ->
                DateTimeFormatter.ofPattern(
                    Words.say("date." + (style.isEmpty() ? "day" : style)), locale))
        .format(time);
  }
}
