package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** Which way each finger goes, the form cut to it, and the length pulled on the drawing. */
class FitIT extends AtTheDesk {
  @Test
  void aDroopingNailGetsALiftedFormAndAnotherWayIsTakenByHand() {
    desk.open("/sets/3/fit?finger=R3");
    desk.untilText(".verdict", "Set it 7° up against the plate");
    assertThat(desk.text("#way-FORM")).contains("best");
    desk.click("#way-TIP");
    desk.untilText(".verdict h2", "Tip 5");
    desk.until(d -> d.text(".strip a[data-finger=R3] b").equals("5"));
    assertThat(desk.text(".strip a[data-finger=R2] b")).isEqualTo("form M");
    desk.driver().navigate().refresh();
    desk.untilText(".verdict h2", "Tip 5");
    desk.click(".ways-head .quiet");
    desk.untilText(".verdict h2", "Form M");
  }

  @Test
  void theSalonsSchoolDecidesWhereEitherWouldDo() {
    desk.open("/sets/8/fit?finger=R3");
    new Select(desk.find("#school")).selectByValue("FORMS");
    desk.until(d -> d.text("#way-FORM").contains("best"));
    new Select(desk.find("#school")).selectByValue("TIPS");
    desk.until(d -> d.text("#way-TIP").contains("best"));
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
    new Select(desk.find("#does-RIGHT")).selectByValue("CARE");
    desk.untilText("#notes", "as long as this hand's work allows");
    desk.until(
        d -> d.text(".strip a[data-finger=L3] b").equals(d.text(".strip a[data-finger=R3] b")));
    new Select(desk.find("#does-RIGHT")).selectByValue("ORDINARY");
    desk.until(d -> !d.text("#notes").contains("work allows"));
  }
}
