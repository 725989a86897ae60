package ongle.app.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The style sheets of the screen for paper, as the build of the assets resolved them: the PDF
 * writer and a drawing on its own know neither CSS variables nor line widths in screen pixels.
 */
@Component
public class PaperStyle {
  private static final Pattern MARK =
      Pattern.compile("<(path|line|circle) class=\"([a-z0-9 -]+)\"");

  private final Map<String, Map<String, String>> marks;
  private final String sheet;

  PaperStyle() {
    try (InputStream said = stream("marks.json");
        InputStream printed = stream("sheet.css")) {
      marks = JsonMapper.builder().build().readValue(said, new TypeReference<>() {});
      sheet = new String(printed.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The style sheet of everything printed, with plain colours. */
  String sheet() {
    return sheet;
  }

  /** Replaces the classes of drawn marks by what the style sheet says of them. */
  public String styled(String html) {
    return MARK.matcher(html)
        .replaceAll(
            mark -> Matcher.quoteReplacement("<" + mark.group(1) + attributes(mark.group(2))));
  }

  /** Of two classes the later says more. */
  private String attributes(String classes) {
    Map<String, String> said = new LinkedHashMap<>();
    said.put("fill", "none");
    for (String each : classes.split(" ")) {
      said.putAll(marks.getOrDefault(each, Map.of()));
    }
    return said.entrySet().stream()
        .map(each -> " " + each.getKey() + "=\"" + each.getValue() + "\"")
        .collect(Collectors.joining());
  }

  static InputStream stream(String name) throws IOException {
    return new ClassPathResource("pdf/" + name).getInputStream();
  }
}
