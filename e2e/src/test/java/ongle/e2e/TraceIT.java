package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.json.Json;

/** A built nail of known faults is checked from three tilted pictures of it. */
class TraceIT extends AtTheDesk {
  private static final String FINGER = "R2";
  private static final String PAGE = "/sets/3/check/pictures?finger=" + FINGER + "&view=";

  private static Map<String, List<Number>> truth(String view) {
    return new Json()
        .toType(
            salon.get("/standin/camera/nail.json?set=3&finger=" + FINGER + "&view=" + view).body(),
            Map.class);
  }

  private static void photograph(String view, List<String> marks) {
    desk.open(PAGE + view);
    desk.click("#take");
    desk.until(d -> !d.all("#picture").isEmpty());
    Map<String, List<Number>> truth = truth(view);
    marks.forEach(mark -> markFirst(truth.get(mark)));
    desk.until(d -> d.all(".mark.point").size() > 10);
  }

  /** Clicks where a mark belongs, and waits until it is there: with the last come the edges. */
  private static void markFirst(List<Number> at) {
    int before = desk.all(".card-mark").size();
    clickInPicture(at);
    desk.until(d -> d.all(".card-mark").size() == before + 1);
  }

  private static double figure(String name) {
    return desk.all(".trace-figures tbody tr").stream()
        .map(row -> row.getText())
        .filter(row -> row.startsWith(name))
        .map(row -> row.substring(name.length()).strip().split("[ °]")[0])
        .mapToDouble(Double::parseDouble)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aBuiltNailIsCheckedFromThreePictures() {
    salon.post(
        "/standin/camera/nail",
        "application/x-www-form-urlencoded",
        "tilt=12&towards=70&LENGTH=1.2&APEX=0.3&LEFT_THIRD=-0.3&LEFT_TWO_THIRDS=-0.5");
    desk.open("/sets/3/check?finger=" + FINGER);
    double length = planned("BUILT_LENGTH");
    double apex = planned("BUILT_APEX");
    double stress = planned("BUILT_STRESS");

    photograph("ABOVE", List.of("GROWTH_POINT", "OTHER_GROWTH_POINT", "CUTICLE", "TIP"));
    photograph("SIDE", List.of("CUTICLE", "GROWTH_POINT", "TIP"));
    photograph("BARREL", List.of("ONE_END", "OTHER_END", "TOP"));

    desk.until(d -> !d.all(".take-over .act").isEmpty());
    assertThat(figure("length built"))
        .isCloseTo(length + 1.2, within(Math.max(0.15, 0.02 * length)));
    assertThat(figure("apex")).isCloseTo(apex + 0.3, within(0.15));
    assertThat(figure("stress line")).isGreaterThan(stress);

    // A point moved by hand moves the figures, and stays where it was put.
    desk.open(PAGE + "SIDE");
    String said = desk.text(".trace-figures");
    desk.script("document.getElementById('mark-UPPER_ARCH-6').focus()");
    double before = pointHeight();
    Actions keys = new Actions(desk.driver()).keyDown(Keys.SHIFT);
    for (int i = 0; i < 4; i++) {
      keys.sendKeys(Keys.ARROW_UP);
    }
    keys.keyUp(Keys.SHIFT).perform();
    desk.until(d -> Math.abs(before - 40 - pointHeight()) < 0.2);
    desk.until(d -> !d.text(".trace-figures").equals(said));
    new Actions(desk.driver()).sendKeys(Keys.DELETE).perform();
    desk.until(d -> d.all("#mark-UPPER_ARCH-6").isEmpty());

    desk.click(".take-over .act");
    desk.untilText("#how", "too long");
    assertThat(desk.text("#how")).contains("Left sidewall is in");
    assertThat(Double.parseDouble(desk.value("#" + FINGER + "-BUILT_LENGTH")))
        .isCloseTo(length + 1.2, within(0.15));
    desk.open(PAGE + "ABOVE");
    assertThat(desk.all("#picture")).isEmpty();
  }

  @Test
  void marksTheWrongWayRoundAreSaidAndStay() {
    desk.open("/sets/3/check/pictures?finger=L3&view=SIDE");
    desk.click("#take");
    desk.until(d -> !d.all("#picture").isEmpty());
    for (List<Number> at :
        List.<List<Number>>of(List.of(500, 600), List.of(1200, 620), List.of(900, 600))) {
      markFirst(at);
    }
    desk.untilText("#marking", "lie the wrong way round");
    assertThat(desk.all(".card-mark")).hasSize(3);
    assertThat(desk.all(".take-over")).isEmpty();
  }

  /** Where a traced point stands by the server's last answer, px from the top. */
  private static double pointHeight() {
    return Double.parseDouble(desk.find("#mark-UPPER_ARCH-6").getDomAttribute("data-y"));
  }

  private static double planned(String quantity) {
    return Double.parseDouble(
        desk.script(
                "return document.getElementById(arguments[0]).textContent",
                "estimate-" + FINGER + "-" + quantity)
            .toString());
  }
}
