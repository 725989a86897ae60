package ongle.app.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One message in one language, as ICU writes them, with arguments by name: {@code {finger}: {count,
 * plural, one {# bead} other {# beads}}}. Beside ICU's own formats there are {@code {width, mm}}
 * for 11.4 mm, {@code mm2} for 0.85 mm, {@code d0} to {@code d2} for plain decimals, {@code s0} to
 * {@code s2} for the same with a sign in front, and {@code clock} for 1:30. Of an argument that is
 * a code, {@code {skin_caution}} is what its message {@code .caution} says, and {@code {way_code}}
 * its bare name, to choose by.
 */
final class Message {
  private static final Pattern FIGURE = Pattern.compile("\\{(\\w+), *(mm|mm2|[ds][0-3]|clock)}");

  private final String text;
  private final String plain;
  private final MessageFormat format;
  private final List<Figure> figures = new ArrayList<>();
  private final Set<String> names = new TreeSet<>();

  /** An argument shown as a figure; formatted apart, so that all figures look the same. */
  private record Figure(String name, String style) {
    String place() {
      return name + "_" + style + "_";
    }
  }

  Message(String text, Locale locale) {
    this.text = text;
    Matcher figure = FIGURE.matcher(text);
    StringBuilder pattern = new StringBuilder();
    while (figure.find()) {
      Figure found = new Figure(figure.group(1), figure.group(2));
      figures.add(found);
      figure.appendReplacement(pattern, "{" + found.place() + "}");
    }
    figure.appendTail(pattern);
    if (pattern.indexOf("{") < 0) {
      plain = pattern.toString().replace("''", "'");
      format = null;
    } else {
      plain = null;
      format = new MessageFormat(pattern.toString(), locale);
      MessagePattern parsed = new MessagePattern(pattern.toString());
      for (int i = 0; i < parsed.countParts(); i++) {
        if (parsed.getPartType(i) == MessagePattern.Part.Type.ARG_NAME) {
          names.add(parsed.getSubstring(parsed.getPart(i)));
        }
      }
      figures.forEach(each -> names.remove(each.place()));
    }
  }

  /** As it is written. */
  String text() {
    return text;
  }

  /** Names of its arguments, without what is asked of them. */
  Set<String> arguments() {
    Set<String> all = new TreeSet<>();
    figures.forEach(figure -> all.add(figure.name()));
    names.forEach(name -> all.add(name.replaceAll("_.*", "")));
    return all;
  }

  /**
   * @param arguments values by name, as they are
   * @param said what a value is called; asked with the facet wanted of it, blank for its name
   */
  String with(Map<String, ?> arguments, Said said) {
    if (plain != null) {
      return plain;
    }
    Map<String, Object> values = new HashMap<>();
    for (Figure figure : figures) {
      values.put(figure.place(), figure(arguments.get(figure.name()), figure.style()));
    }
    for (String name : names) {
      int facet = name.indexOf('_');
      Object value = arguments.get(facet < 0 ? name : name.substring(0, facet));
      values.put(
          name,
          value instanceof Number
              ? value
              : said.of(value, facet < 0 ? "" : name.substring(facet + 1)));
    }
    synchronized (format) {
      return format.format(values);
    }
  }

  /** What a value is called. */
  interface Said {
    String of(Object value, String facet);
  }

  private static final Map<String, Function<Number, String>> STYLES =
      Map.of(
          "mm", value -> Numbers.mm(value.doubleValue()),
          "mm2", value -> Numbers.thickness(value.doubleValue()),
          "clock", value -> Numbers.clock(value.longValue()));

  private static String figure(Object value, String style) {
    Number number = (Number) value;
    if (number == null) {
      return "";
    }
    Function<Number, String> named = STYLES.get(style);
    if (named != null) {
      return named.apply(number);
    }
    int decimals = style.charAt(1) - '0';
    return style.charAt(0) == 's'
        ? Numbers.signed(number.doubleValue(), decimals)
        : Numbers.format(number.doubleValue(), decimals);
  }
}
