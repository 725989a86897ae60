package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.WindowType;

/** The calliper writes into the field at the focus, or says why not. */
class CalliperIT extends AtTheDesk {
  private static void press(String form) {
    assertThat(
            salon
                .post("/standin/calliper/press", "application/x-www-form-urlencoded", form)
                .statusCode())
        .isEqualTo(200);
  }

  @Test
  void aReadingIsTakenAtOnceAndTheNextFingerIsReady() {
    desk.open("/sets/4/measure");
    desk.untilText("#calliper", "waits for its button");
    desk.click("#R3-ARCH_DEPTH");
    press("value=2.14&hold=true&jitter=0.2");
    desk.until(d -> d.value("#R3-ARCH_DEPTH").equals("2.1"));
    desk.until(
        d -> d.driver().switchTo().activeElement().getDomProperty("id").equals("R2-ARCH_DEPTH"));
    desk.untilText("#saved", "Saved");
    desk.driver().navigate().refresh();
    assertThat(desk.value("#R3-ARCH_DEPTH")).isEqualTo("2.1");
  }

  @Test
  void inchesNoiseAndAnglesAreNamedAndTouchNothing() {
    desk.open("/sets/4/measure");
    desk.untilText("#calliper", "waits for its button");
    desk.click("#L3-WIDTH");
    press("value=11.8&unit=in");
    desk.untilText("#calliper", "set to inches");
    press("value=%23%23.%23");
    desk.untilText("#calliper", "nothing readable");
    press("value=-0.4");
    desk.untilText("#calliper", "below zero");
    assertThat(desk.value("#L3-WIDTH")).isEmpty();
    desk.click("#L3-LEAN");
    press("value=4");
    desk.untilText("#calliper", "this field is an angle");
    assertThat(desk.value("#L3-LEAN")).isEmpty();
    // What the plate cannot be is kept beside the field, as when typed.
    desk.click("#L3-WIDTH");
    press("value=88");
    desk.untilText("#why-L3-WIDTH", "3.0 to 25.0 mm");
    assertThat(desk.value("#L3-WIDTH")).isEqualTo("88.0");
  }

  @Test
  void ofTwoDesksOnlyTheOneThatHoldsItIsWrittenTo() {
    try (Desk tablet = new Desk(salon)) {
      desk.open("/sets/4/measure");
      desk.untilText("#calliper", "waits for its button");
      tablet.open("/sets/6/measure");
      tablet.untilText("#calliper", "writes at another desk");
      desk.click("#L5-WIDTH");
      tablet.click("#L5-WIDTH");
      String before = tablet.value("#L5-WIDTH");
      press("value=8.6&hold=true");
      desk.until(d -> d.value("#L5-WIDTH").equals("8.6"));
      assertThat(tablet.value("#L5-WIDTH")).isEqualTo(before);
      tablet.click("#calliper button");
      desk.untilText("#calliper", "writes at another desk");
      tablet.click("#L5-WIDTH");
      press("value=8.8&hold=true");
      tablet.until(d -> d.value("#L5-WIDTH").equals("8.8"));
      assertThat(desk.value("#L5-WIDTH")).isEqualTo("8.6");
    }
  }

  @Test
  void ofTwoOpenPagesOnlyTheOneInFrontTakesIt() {
    desk.open("/sets/4/measure");
    desk.click("#L4-WIDTH");
    String behind = desk.driver().getWindowHandle();
    desk.driver().switchTo().newWindow(WindowType.TAB);
    desk.open("/sets/6/measure");
    desk.untilText("#calliper", "waits for its button");
    desk.click("#L4-OVERHANG");
    press("value=1.4&hold=true");
    desk.until(d -> d.value("#L4-OVERHANG").equals("1.4"));
    desk.untilText("#saved", "Saved");
    desk.driver().close();
    desk.driver().switchTo().window(behind);
    desk.driver().navigate().refresh();
    assertThat(desk.value("#L4-WIDTH")).isEmpty();
  }
}
