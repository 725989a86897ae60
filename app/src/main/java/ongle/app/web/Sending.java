package ongle.app.web;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import tools.jackson.databind.json.JsonMapper;

/** What a button sends along, for templates: {@code ${sending.of('finger', finger)}}. */
public record Sending() {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** Gives it to every page. */
  @ControllerAdvice
  static class OnEveryPage {
    @ModelAttribute("sending")
    Sending sending() {
      return new Sending();
    }
  }

  /**
   * @param pairs a name, its value, the next name …
   * @return as a JSON object of texts, whatever is in them
   */
  public String of(Object... pairs) {
    Map<String, String> values = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      values.put(String.valueOf(pairs[i]), String.valueOf(pairs[i + 1]));
    }
    return JSON.writeValueAsString(values);
  }
}
