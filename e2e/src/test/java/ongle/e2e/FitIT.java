package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Which way each finger goes, the form cut to it, and the length pulled on the drawing. */
class FitIT extends AtTheDesk {
  @Test
  void aDroopingNailGetsALiftedFormAndAnotherWayIsTakenByHand() {
    desk.open("/sets/3/fit?finger=R3");
    desk.untilText(".verdict", "Set it 7° up against the plate");
    assertThat(desk.text("#way-FORM")).contains("best");
    desk.click("#way-TIP");
    desk.untilText(".verdict h2", "Tip 6");
    desk.until(d -> d.text(".strip a[data-finger=R3] b").equals("6"));
    assertThat(desk.text(".strip a[data-finger=R2] b")).isEqualTo("form M");
    desk.driver().navigate().refresh();
    desk.untilText(".verdict h2", "Tip 6");
    desk.click(".ways-head .quiet");
    desk.untilText(".verdict h2", "Form M");
  }

  @Test
  void theSalonsSchoolDecidesWhereEitherWouldDo() {
    desk.open("/sets/8/fit?finger=R3");
    desk.choose("#school", "FORMS");
    desk.until(d -> d.text("#way-FORM").contains("best"));
    desk.choose("#school", "TIPS");
    desk.until(d -> d.text("#way-TIP").contains("best"));
  }

  @ParameterizedTest
  @CsvSource({
    "TIP, 113, tip ",
    "FORM, 112, form ",
    "REUSABLE_FORM, 115, reusable form ",
    "FREE_HAND, 116, free-hand",
    "OVERLAY, 114, overlay"
  })
  void everyWayGoesFromMeasuringToTheSheet(String way, String width, String onTheSheet) {
    desk.open("/sets/2/measure?finger=R3");
    desk.click("#R3-WIDTH");
    desk.number(width);
    desk.untilText("#saved", "Saved");
    desk.click(".progress .act");
    desk.until(d -> !d.all("#length").isEmpty());
    desk.click(".progress .act");
    desk.until(d -> !d.all("#way-" + way).isEmpty());
    desk.click("#way-" + way);
    desk.until(d -> "true".equals(d.find("#way-" + way).getDomAttribute("aria-pressed")));
    assertThat(desk.text(".verdict h2")).isNotBlank();
    desk.open("/sets/2/sheet");
    assertThat(blockOf("right middle")).contains(onTheSheet);
  }

  private static String blockOf(String finger) {
    return desk.all("table.block").stream()
        .map(WebElement::getText)
        .filter(text -> text.contains(finger))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void oneNailPulledLongerTakesTheOthersAlong() {
    desk.open("/sets/5/shape?finger=R3");
    assertThat(desk.value("#length")).isEqualTo("5.0");
    new Actions(desk.driver())
        .clickAndHold(desk.find("#handle-length-R3 .knob"))
        .moveByOffset(0, 8)
        .moveByOffset(0, 8)
        .perform();
    // Held: the others answer, nothing is saved yet.
    desk.until(d -> !d.text(".strip a[data-finger=L2] b").equals("5.0"));
    assertThat(desk.text("#saved")).isEmpty();
    new Actions(desk.driver()).release().perform();
    desk.untilText("#saved", "Saved");
    String length = desk.value("#length");
    assertThat(Double.parseDouble(length)).isGreaterThan(6);
    desk.driver().navigate().refresh();
    assertThat(desk.value("#length")).isEqualTo(length);
    assertThat(desk.text(".strip a[data-finger=L2] b")).isEqualTo(length);
  }

  @Test
  void aHandsWorkLimitsBothHands() {
    desk.open("/sets/5/shape?finger=R3");
    desk.choose("#does-RIGHT", "CARE");
    desk.untilText("#notes", "as long as this hand’s work allows");
    desk.until(
        d -> d.text(".strip a[data-finger=L3] b").equals(d.text(".strip a[data-finger=R3] b")));
    desk.choose("#does-RIGHT", "ORDINARY");
    desk.until(d -> !d.text("#notes").contains("work allows"));
  }
}
