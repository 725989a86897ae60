package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WindowType;

class GuideIT extends AtTheDesk {
  private static int behind(Desk at) {
    String text = at.text(".finish-at span");
    return Integer.parseInt(text) - 1;
  }

  private static void pedal(Desk at) {
    int before = behind(at);
    at.script("document.activeElement?.blur?.()");
    at.keys(Keys.SPACE);
    at.until(d -> behind(d) == before + 1);
  }

  private static String now(Desk at) {
    return attribute(at, "#desk", "data-now");
  }

  private static String attribute(Desk at, String css, String name) {
    return at.find(css).getDomAttribute(name);
  }

  private static void begin(Desk at, int set) {
    at.open("/sets/" + set + "/bench");
    at.click(".begin .act");
    at.until(d -> d.text("#done").equals("Done"));
  }

  /** As long as two presses have to be apart. */
  private static void pause(Desk at) {
    at.script("window.pressedAt = performance.now()");
    at.until(d -> (Boolean) d.script("return performance.now() - window.pressedAt > 900"));
  }

  @Test
  void aPedalMovesItOnAndASecondScreenStaysInStep() {
    begin(desk, 2);
    pause(desk);
    String first = desk.driver().getWindowHandle();
    desk.driver().switchTo().newWindow(WindowType.TAB);
    desk.open("/sets/2/bench/guide");
    assertThat(desk.text(".now-step h2")).contains("Clean both");
    pedal(desk);
    String second = desk.text(".now-step h2");
    String tablet = desk.driver().getWindowHandle();
    desk.driver().switchTo().window(first);
    desk.until(d -> d.text(".now-step h2").equals(second));

    pause(desk);
    desk.keys("p");
    desk.until(d -> !d.all("#resume").isEmpty());
    desk.driver().switchTo().window(tablet);
    desk.until(d -> !d.all("#resume").isEmpty());
    desk.keys(Keys.SPACE);
    desk.until(d -> !d.all("#done").isEmpty());
    desk.keys("b");
    desk.until(d -> behind(d) == 0);
    desk.driver().close();
    desk.driver().switchTo().window(first);
  }

  @Test
  void aBouncingPedalCountsOnce() {
    begin(desk, 3);
    pause(desk);
    desk.keys(Keys.SPACE, Keys.SPACE, Keys.SPACE);
    desk.until(d -> behind(d) == 1);
    pause(desk);
    assertThat(behind(desk)).isEqualTo(1);
  }

  /** With the nail drawn beside it and without. */
  @Test
  void onATabletTheStepComesBeforeTheClocks() {
    begin(desk, 7);
    desk.size(820, 1180);
    for (int press = 0; press < 6; press++) {
      pause(desk);
      pedal(desk);
      assertThat(top(".now-step")).isLessThan(top(".desk-side"));
    }
    assertThat(desk.all(".nail-beside")).isNotEmpty(); // or the picture was never in the way
    desk.size(1280, 800);
  }

  private static int top(String css) {
    return desk.find(css).getLocation().getY();
  }

  @Test
  void whatIsLeftOutNeedsAReason() {
    begin(desk, 4);
    desk.click("#skip button");
    desk.untilText(".said", "Say why");
    desk.find("#skip input[name=reason]").sendKeys("washed them at home", Keys.ENTER);
    desk.until(d -> behind(d) == 1);
    desk.script("window.scrollTo(0, document.body.scrollHeight)"); // from under the pedals
    desk.click(".record summary");
    assertThat(desk.text(".record .remark:not(:empty)")).contains("washed them at home");
  }

  @Test
  void theOtherHandMayComeFirstAndWhatHappenedIsWrittenDown() {
    begin(desk, 5);
    pause(desk);
    pedal(desk);
    String advised = desk.text(".now-step .where");
    desk.keys("o");
    desk.until(d -> !d.text(".now-step .where").equals(advised));
    assertThat(desk.text("#first")).containsIgnoringCase(advised);
    assertThat(desk.find(".guide-scene").getDomAttribute("aria-label")).contains("hand");

    desk.keys("k");
    desk.untilText(".urgent", "wipe it off now");
    desk.find("#note input[name=text]").sendKeys("left thumb is sore", Keys.ENTER);
    desk.until(
        d ->
            d.script("return document.querySelector('.record').textContent")
                .toString()
                .contains("sore"));
    pause(desk);
    pedal(desk);
    assertThat(desk.all(".urgent")).isEmpty();

    desk.open("/sets/5/bench/guide/record");
    assertThat(desk.text(".visit-record")).contains("1 × product on skin");
    assertThat(desk.text(".visit-record tbody"))
        .contains("Started", "product touched skin", "Note: left thumb is sore");
    desk.click("main a[href^='/clients/']");
    assertThat(desk.text("main")).contains("visit record");
  }

  @Test
  void aSetInterruptedByAPowerCutGoesOnWhereItWas() {
    try (Salon own = new Salon("--ongle.bench-speed=1"); // the machine's own clock
        Desk there = new Desk(own)) {
      begin(there, 2);
      pause(there);
      pedal(there);
      pause(there);
      pedal(there);
      String step = there.text(".now-step h2");
      String due = attribute(there, ".step-clock .count", "data-closes");
      long read = System.currentTimeMillis() - Long.parseLong(now(there));
      own.kill();
      own.start();
      there.open("/sets/2/bench/guide");
      assertThat(there.text(".now-step h2")).isEqualTo(step);
      assertThat(behind(there)).isEqualTo(2);
      assertThat(attribute(there, ".step-clock .count", "data-closes")).isEqualTo(due);
      assertThat(System.currentTimeMillis() - Long.parseLong(now(there)))
          .as("the clock went on while nothing ran")
          .isLessThan(read + 10_000);
      assertThat(there.all(".clock-trouble")).isEmpty();
    }
  }
}
