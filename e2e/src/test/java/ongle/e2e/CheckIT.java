package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** A built set is measured by calliper, filed, measured again and closed. */
class CheckIT extends AtTheDesk {
  private static void press(String millimetres) {
    assertThat(
            salon
                .post(
                    "/standin/calliper/press",
                    "application/x-www-form-urlencoded",
                    "value=" + millimetres)
                .statusCode())
        .isEqualTo(200);
  }

  /** What the plan has for a row, in the order of the desk. */
  private static List<Double> planned(String quantity) {
    List<Double> planned = new ArrayList<>();
    desk.all("[id^=estimate-][id$=-" + quantity + "]")
        .forEach(
            each ->
                planned.add(
                    Double.valueOf((String) desk.script("return arguments[0].textContent", each))));
    return planned;
  }

  /** Every nail of a row by calliper, so much off the plan. */
  private static void row(String quantity, double off) {
    List<Double> planned = planned(quantity);
    desk.script("document.querySelector('[id$=-" + quantity + "]:is(input)').focus()");
    for (double each : planned) {
      String at = (String) desk.script("return document.activeElement.id");
      assertThat(at).endsWith("-" + quantity);
      press(String.format(Locale.ROOT, "%.2f", each + off));
      desk.until(d -> !d.script("return document.activeElement.id").equals(at));
    }
    desk.until(
        d ->
            d.all("input[id$=-" + quantity + "]").stream()
                .noneMatch(each -> each.getDomProperty("value").isEmpty()));
  }

  @Test
  void tenNailsAreCheckedByCalliperFiledAndClosed() {
    desk.open("/sets/6/check");
    desk.untilText("#calliper", "waits for its button");
    row("BUILT_LENGTH", 0.9);
    desk.until(d -> d.all(".strip li b").stream().allMatch(each -> each.getText().equals("file")));
    // What stands beside is there after an edit as after opening the page.
    assertThat(desk.text("#check-figures")).contains("extension left +", "cracking");
    assertThat(desk.all("#check-figures #circle input")).hasSize(1);
    desk.open("/sets/6/check?finger=R3");
    assertThat(desk.text("#how")).contains("0.9 mm too long: file the free edge back.");

    desk.click("#check-end .quiet");
    desk.untilText("#check-end", "Measured before, 1");
    row("BUILT_LENGTH", 0.1);
    row("BUILT_APEX", 0.05);
    desk.untilText("#check-end", "The ten are good");
    desk.click("#check-end .act");
    desk.untilText("#check-end", "Closed as good, 2");
  }
}
