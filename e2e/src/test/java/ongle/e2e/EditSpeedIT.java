package ongle.e2e;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.JavascriptExecutor;

/**
 * Measures, in the browser, how long an edit takes until the page shows it; run by {@code ./ongle
 * bench}.
 */
@Tag("bench")
class EditSpeedIT {
  private static final int EDITS = 240;
  private static final int WARM_UP = 120;

  private static final String EDIT =
      """
      const [path, next, values, count, done] = arguments;
      const times = [];
      (async () => {
        for (let i = 0; i < count; i++) {
          const field = document.querySelector(path);
          field.focus();
          field.value = values[i % values.length];
          const shown = new Promise((go) => document.addEventListener('htmx:afterSettle', go, { once: true }));
          const before = performance.now();
          if (next) document.querySelector(next).focus();
          htmx.trigger(field, 'keep');
          await shown;
          await new Promise((go) => setTimeout(go, 0));
          times.push(performance.now() - before);
        }
        done(times);
      })();
      """;

  @Test
  void editsAreAnsweredInTime() {
    try (Salon salon = new Salon();
        Desk desk = new Desk(salon)) {
      desk.driver().manage().timeouts().scriptTimeout(java.time.Duration.ofMinutes(5));
      measure(
          desk,
          "measuring, a width",
          "/sets/3/measure",
          "#R3-WIDTH",
          "#R2-WIDTH", // as Enter does
          List.of("11.6", "11.7", "11.8", "11.9"));
      measure(
          desk,
          "structure, an apex thickness",
          "/sets/3/structure?finger=R3",
          "#R3-APEX_THICKNESS",
          null,
          List.of("1.10", "1.20", "1.30"));
      measure(
          desk,
          "shape, the length",
          "/sets/3/shape?finger=R3",
          "#length",
          null,
          List.of("3.0", "3.5", "4.0"));
      redraws(
          desk,
          "/sets/3/structure?finger=R3",
          "/sets/3/structure/R3/try?look=nail&APEX_THICKNESS=");
      redraws(
          desk, "/sets/1/structure?finger=R3", "/sets/1/structure/R3/try?look=nail&EXTENSION=1");
    }
  }

  /** How many times a second the workbench answers and redraws while a handle is held. */
  private static void redraws(Desk desk, String page, String question) {
    desk.open(page);
    String drag =
        """
        const [question, count, done] = arguments;
        (async () => {
          let from = 0;
          for (let i = 0; i < count + 40; i++) {
            if (i === 40) from = performance.now();
            const value = (1 + (i % 47) / 100).toFixed(3);
            await htmx.ajax('GET', question + value, { target: '#views', swap: 'morph:innerHTML' });
          }
          done(1000 * count / (performance.now() - from));
        })();
        """;
    Object perSecond =
        ((JavascriptExecutor) desk.driver()).executeAsyncScript(drag, question, REDRAWS);
    System.out.printf("%s…: %.0f redraws a second%n", question, ((Number) perSecond).doubleValue());
  }

  private static final int REDRAWS = 200;

  private static void measure(
      Desk desk, String what, String page, String field, String next, List<String> values) {
    desk.open(page);
    edits(desk, field, next, values, WARM_UP);
    List<Double> times = edits(desk, field, next, values, EDITS).stream().sorted().toList();
    System.out.printf(
        "%s: %d edits, median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms%n",
        what, EDITS, times.get(EDITS / 2), times.get((int) (EDITS * 0.95)), times.get(EDITS - 1));
  }

  @SuppressWarnings("unchecked")
  private static List<Double> edits(
      Desk desk, String field, String next, List<String> values, int count) {
    List<Object> times =
        (List<Object>)
            ((JavascriptExecutor) desk.driver())
                .executeAsyncScript(EDIT, field, next, values, count);
    return times.stream().map(time -> ((Number) time).doubleValue()).toList();
  }
}
