package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;

/** Nonsense, two windows and a power cut: said plainly, and nothing typed or saved is lost. */
class NothingIsLostIT extends AtTheDesk {
  @Test
  void aNumberThatCannotBeIsExplainedBesideTheFieldAndKept() {
    desk.open("/sets/4/measure");
    for (String typed : new String[] {"1e9", "-3", "nan", "900"}) {
      desk.click("#R1-WIDTH");
      desk.number(typed);
      desk.until(
          d ->
              d.value("#R1-WIDTH").equals(typed)
                  && d.text("#why-R1-WIDTH").contains("3.0 to 25.0 mm"));
      assertThat(desk.find("#R1-WIDTH").getDomAttribute("aria-invalid")).isEqualTo("true");
      desk.untilText("#saved", "Not saved");
      // The plan goes on with what was there before.
      assertThat(desk.text(".strip a[data-finger=R1] b")).isEqualTo("13.2");
    }
    desk.driver().navigate().refresh();
    assertThat(desk.value("#R1-WIDTH")).isEqualTo("900");
    assertThat(desk.text("#why-R1-WIDTH")).contains("3.0 to 25.0 mm");
    desk.click("#R1-WIDTH");
    desk.number("13,3");
    desk.until(
        d ->
            d.value("#R1-WIDTH").equals("13.3")
                && d.text(".strip a[data-finger=R1] b").equals("13.3"));
  }

  @Test
  void numbersTypedFasterThanTheyAreAnsweredAllArriveAndAreNoConflict() {
    desk.open("/sets/1/measure");
    desk.click("#L4-WIDTH");
    for (String typed : new String[] {"9.1", "9.2", "9.3", "9.4"}) {
      desk.number(typed);
      desk.back();
    }
    desk.until(d -> d.text(".strip a[data-finger=L4] b").equals("9.4"));
    assertThat(desk.value("#L4-WIDTH")).isEqualTo("9.4");
    assertThat(desk.text("#why-L4-WIDTH")).isEmpty();
    desk.driver().navigate().refresh();
    assertThat(desk.value("#L4-WIDTH")).isEqualTo("9.4");
  }

  @Test
  void leavingWaitsForAChangeThatWaitsForAnother() {
    desk.open("/sets/8/fit?finger=R3");
    desk.script(
        "const kit = document.getElementById('kit-of-set');"
            + "for (const value of ['lindenbox', '', 'quarrymill']) {"
            + "  kit.value = value; kit.dispatchEvent(new Event('change', { bubbles: true })); }"
            + "document.querySelector('.ways-head a').click();");
    desk.untilText(".picking h2", "Lay out for the set");
    desk.open("/sets/8/fit?finger=R3");
    assertThat(desk.text("#kit-of-set option:checked")).startsWith("Quarrymill");
    desk.choose("#kit-of-set", "");
    desk.until(d -> d.text("#kit-of-set option:checked").startsWith("least to file"));
  }

  @Test
  void aLengthThatCannotBeLeavesTheSetAsLongAsItWas() {
    desk.open("/sets/1/shape");
    desk.click("#length");
    desk.number("1000");
    desk.untilText("#length-why", "0.0 to 40.0 mm");
    assertThat(desk.value("#length")).isEqualTo("1000");
    desk.driver().navigate().refresh();
    assertThat(desk.value("#length")).isEqualTo("14.0");
  }

  @Test
  void anEmptyNameIsAskedForAndTheRestStays() {
    desk.open("/clients/new");
    desk.find("#phone").sendKeys("0555 014 999");
    desk.find("#name").sendKeys(Keys.ENTER);
    desk.untilText("#name-why", "Type a name");
    assertThat(desk.value("#phone")).isEqualTo("0555 014 999");
  }

  @Test
  void twoWindowsOnOneFieldNeverOverwriteEachOtherUnseen() {
    desk.open("/sets/3/measure");
    String first = desk.driver().getWindowHandle();
    desk.driver().switchTo().newWindow(org.openqa.selenium.WindowType.TAB);
    desk.open("/sets/3/measure");
    desk.click("#L2-WIDTH");
    desk.number("10.1");
    desk.until(d -> d.value("#L2-WIDTH").equals("10.1") && d.text("#saved").contains("Saved"));
    desk.driver().close();
    desk.driver().switchTo().window(first);
    desk.click("#L2-WIDTH");
    desk.number("12.2");
    desk.untilText("#cell-L2-WIDTH", "Changed to 10.1");
    assertThat(desk.value("#L2-WIDTH")).isEqualTo("12.2");
    assertThat(desk.text("#saved")).contains("Not saved");
    desk.click("#cell-L2-WIDTH [data-keep=theirs]");
    desk.until(
        d -> d.value("#L2-WIDTH").equals("10.1") && d.all("#cell-L2-WIDTH [data-keep]").isEmpty());
    desk.click("#L2-WIDTH");
    desk.number("12.2");
    desk.until(
        d ->
            d.value("#L2-WIDTH").equals("12.2") && d.text("#saved").equals("✓ Saved")
                || d.text("#saved").equals("Saved"));
  }

  @ParameterizedTest
  @CsvSource({
    "/sets/999999/measure, 404",
    "/sets/abc/measure, 400",
    "/sets/1/measure?finger=X9, 400",
    "/clients/999999, 404",
    "/nowhere, 404"
  })
  void anAddressThatIsNoneGetsAPageOfOurs(String path, int status) {
    HttpResponse<String> response = salon.get(path);
    assertThat(response.statusCode()).isEqualTo(status);
    assertThat(response.body()).doesNotContain("Exception").doesNotContain("Whitelabel");
    desk.open(path);
    assertThat(desk.text("h1")).isNotBlank();
    assertThat(desk.text(".wordmark")).isEqualTo("Ongle");
  }

  @Test
  void aHugeFormIsTurnedAwayAndAForeignPageToo() {
    assertThat(
            salon
                .post(
                    "/clients",
                    "application/x-www-form-urlencoded",
                    "name=" + "x".repeat(10_000_000))
                .statusCode())
        .isEqualTo(413);
    assertThat(salon.get("/").headers().firstValue("Content-Security-Policy").orElseThrow())
        .contains("script-src 'self'")
        .doesNotContain("unsafe");
  }

  @Test
  void anAnswerThatIsNoneLeavesTheDeskAsItWas() {
    desk.open("/sets/3/bench");
    desk.script(
        "document.addEventListener('htmx:configRequest', (e) => { e.detail.path = '/nowhere'; });");
    String before = desk.text("main");
    desk.script(
        "htmx.ajax('POST', '/sets/3/bench/choose', {target: 'main', values: {finger: 'R3'}})");
    desk.untilText("#trouble", "not there any more");
    assertThat(desk.text("#saved")).contains("Not saved");
    assertThat(desk.text("main")).isEqualTo(before);
    desk.script("window.onbeforeunload = null");
  }

  @Test
  void theDataFileStaysSmallWhileOneWorks() throws Exception {
    try (Salon own = new Salon()) {
      String seen = "";
      for (int i = 0; i < 300; i++) {
        String value = "1." + (10 + i % 80);
        String form = "look=nail&value=" + value + "&seen=" + seen;
        String type = "application/x-www-form-urlencoded";
        assertThat(own.post("/sets/3/structure/R3/APEX_THICKNESS", type, form).statusCode())
            .isEqualTo(200);
        seen = value;
      }
      own.kill();
      assertThat(java.nio.file.Files.size(own.data().resolve("ongle.mv.db"))).isLessThan(12 << 20);
    }
  }

  @Test
  void whenTheServerIsGoneWhatWasTypedStaysAndGoesInLater() {
    try (Salon own = new Salon();
        Desk there = new Desk(own)) {
      there.open("/sets/4/measure");
      there.click("#L1-WIDTH");
      there.number("13.1");
      there.until(d -> d.value("#L1-WIDTH").equals("13.1") && !d.text("#saved").isEmpty());
      own.kill();
      there.click("#L2-WIDTH");
      there.number("10.3");
      there.untilText("#trouble", "Ongle does not answer");
      assertThat(there.value("#L2-WIDTH")).isEqualTo("10.3");
      assertThat(there.text("#saved")).contains("Not saved");
      own.start();
      // It is sent again by itself.
      there.until(d -> d.text(".strip a[data-finger=L2] b").equals("10.3"));
      there.driver().navigate().refresh();
      // What was answered as saved before the power cut is there, and so is what went in after it.
      assertThat(there.value("#L1-WIDTH")).isEqualTo("13.1");
      assertThat(there.value("#L2-WIDTH")).isEqualTo("10.3");
    }
  }
}
