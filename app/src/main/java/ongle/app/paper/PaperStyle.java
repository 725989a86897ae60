package ongle.app.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * The style sheets of the screen for paper. Neither the PDF writer nor a drawing on its own knows
 * CSS variables or line widths in screen pixels, so both are resolved here.
 */
@Component
public class PaperStyle {
  private static final Pattern TOKEN = Pattern.compile("(--[a-z-]+):\\s*([^;]+);");
  private static final Pattern USE = Pattern.compile("var\\((--[a-z-]+)\\)");
  private static final Pattern RULE = Pattern.compile("\\.scene \\.([a-z-]+) \\{([^}]*)}");
  private static final Pattern PROPERTY =
      Pattern.compile(
          "(fill|stroke|fill-opacity|stroke-opacity|stroke-width|stroke-dasharray): ([^;]+);");
  private static final Pattern MARK = Pattern.compile("<(path|line|circle) class=\"([a-z-]+)\"");
  private static final Set<String> PIXEL_VALUED = Set.of("stroke-width", "stroke-dasharray");

  /** A screen pixel's line on paper, mm. */
  private static final double PIXEL_MM = 0.2;

  private final Map<String, String> attributesByClass;
  private final String sheet;

  PaperStyle() {
    String tokens = text("tokens.css");
    Map<String, String> light = new HashMap<>();
    Matcher token = TOKEN.matcher(tokens.substring(0, tokens.indexOf('}')));
    while (token.find()) {
      light.put(token.group(1), token.group(2));
    }
    this.attributesByClass = attributes(resolved(text("drawing.css"), light));
    this.sheet = resolved(text("sheet.css"), light);
  }

  /** The style sheet of everything printed, with plain colours. */
  String sheet() {
    return sheet;
  }

  private static String resolved(String css, Map<String, String> tokens) {
    return USE.matcher(css)
        .replaceAll(use -> Matcher.quoteReplacement(tokens.getOrDefault(use.group(1), "#000000")));
  }

  /** The drawing style sheet as SVG attributes by class; screen pixels become millimetres. */
  private static Map<String, String> attributes(String css) {
    Map<String, String> byClass = new HashMap<>();
    Matcher rule = RULE.matcher(css);
    while (rule.find()) {
      StringBuilder attributes = new StringBuilder();
      Matcher property = PROPERTY.matcher(rule.group(2));
      while (property.find()) {
        String value = property.group(2).strip();
        attributes
            .append(' ')
            .append(property.group(1))
            .append("=\"")
            .append(PIXEL_VALUED.contains(property.group(1)) ? inMillimetres(value) : value)
            .append('"');
      }
      byClass.put(rule.group(1), attributes.toString());
    }
    return byClass;
  }

  private static String inMillimetres(String pixels) {
    return Arrays.stream(pixels.replace("px", "").split(" "))
        .map(px -> String.format(Locale.ROOT, "%.3f", Double.parseDouble(px) * PIXEL_MM))
        .collect(Collectors.joining(" "));
  }

  /** Replaces the classes of drawn marks by what the style sheet says of them. */
  public String styled(String html) {
    return MARK.matcher(html)
        .replaceAll(
            mark -> {
              String own = attributesByClass.getOrDefault(mark.group(2), "");
              String fill = own.contains(" fill=") ? "" : " fill=\"none\"";
              return Matcher.quoteReplacement("<" + mark.group(1) + fill + own);
            });
  }

  private static String text(String name) {
    try (InputStream in = stream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static InputStream stream(String name) {
    try {
      return new ClassPathResource("pdf/" + name).getInputStream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
