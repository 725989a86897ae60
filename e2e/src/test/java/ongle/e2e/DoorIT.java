package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Who sits at the desk: signing in, changing over, and what each may do. */
class DoorIT extends AtTheDesk {
  @Test
  void aDeskChangesHandsAndNothingIsLost() {
    desk.driver().manage().deleteAllCookies();
    desk.driver().get(salon.address("/sets/4/measure?finger=L3"));
    assertThat(desk.text("h1")).contains("Who are you");
    desk.signIn("Joss Calder");
    assertThat(desk.driver().getCurrentUrl()).endsWith("/sets/4/measure?finger=L3");
    assertThat(desk.text(".person")).isEqualTo("Joss Calder");
    assertThat(desk.all("header nav a").stream().map(WebElement::getText))
        .contains("Kits")
        .doesNotContain("Salon");

    // Somebody else goes on, on the same page.
    desk.click(".person");
    inDialog("Nia Brandt");
    desk.until(d -> d.text(".person").equals("Nia Brandt"));
    assertThat(desk.driver().getCurrentUrl()).endsWith("/sets/4/measure?finger=L3");

    // The session ends behind the page: what is typed waits for whoever signs in, and is then
    // saved.
    desk.driver().manage().deleteAllCookies();
    desk.script("const w = document.getElementById('L3-WIDTH'); w.focus(); w.select()");
    desk.number("12.3");
    desk.until(d -> !d.all("dialog[open] #secret").isEmpty());
    assertThat(desk.text("#saved")).isEqualTo("Not saved");
    inDialog("Joss Calder");
    desk.until(d -> d.text(".person").equals("Joss Calder"));
    assertThat(desk.value("#L3-WIDTH")).isEqualTo("12.3");

    // And it says who.
    desk.driver().manage().deleteAllCookies();
    desk.open("/salon/deeds");
    assertThat(desk.text("table"))
        .contains("Joss Calder", "measures and findings · L3 width")
        .doesNotContain("nobody signed in");
  }

  @Test
  void theFrontDeskSeesNamesAndNoHands() {
    desk.driver().manage().deleteAllCookies();
    desk.driver().get(salon.address("/clients/1"));
    desk.signIn("Owen Tarr");
    assertThat(desk.all("header nav a").stream().map(WebElement::getText))
        .containsExactly("Today", "Clients");
    assertThat(desk.all("main .people li")).isEmpty();
    assertThat(desk.all("main form")).isEmpty();
    desk.driver().get(salon.address("/sets/1/measure"));
    assertThat(desk.text("h1")).contains("not for you");
    desk.driver().manage().deleteAllCookies();
  }

  @Test
  void aNameSearchedForDoesNotComeIntoTheBrowsersHistory() {
    desk.open("/clients");
    desk.find("#q").sendKeys("Nobody Ever");
    desk.untilText("#found", "Nobody called Nobody Ever");
    desk.script("document.querySelector('#found').dataset.before = 'enter'");
    desk.find("#q").sendKeys(Keys.ENTER);
    desk.until(d -> d.all("#found[data-before]").isEmpty() && !d.all("#found button").isEmpty());
    desk.click("#found button");
    desk.until(d -> !d.all("#name").isEmpty());
    assertThat(desk.value("#name")).isEqualTo("Nobody Ever");
    assertThat(desk.driver().getCurrentUrl()).endsWith("/clients/new");
    desk.open("/clients");
    desk.find("#q").sendKeys("brask");
    desk.until(d -> d.all("#found li").size() == 1);
    desk.find("#q").sendKeys(Keys.ENTER);
    desk.until(d -> d.driver().getCurrentUrl().matches(".*/clients/\\d+"));
    assertThat(desk.text("h1")).contains("Odile Brask");
  }

  /** On a second address, by TLS: what the tablet does, the first desk sees. */
  @Test
  void aTabletOnTheNetworkRunsABenchTheFirstDeskSees() {
    try (Salon open = new Salon("--ongle.lan=true", "--ongle.now=2026-03-10T10:35");
        Desk first = new Desk(open);
        Desk tablet = new Desk(open)) {
      first.open("/salon/devices");
      first.find("[name=name]").sendKeys("tablet at desk 2");
      first.click("#let-device-in");
      first.until(d -> !d.all(".qr").isEmpty());
      List<String> ways =
          first.all(".ways figcaption code").stream().map(WebElement::getText).toList();
      assertThat(ways).isNotEmpty();
      assertThat(first.script("return getComputedStyle(document.querySelector('.qr')).width"))
          .isEqualTo("240px");

      // Before it is let in, a PIN is worth nothing there.
      String away = ways.get(0).replaceAll("/sign-in/.*", "");
      tablet.driver().get(away + "/sets/2/bench");
      assertThat(tablet.text("h1")).contains("Who are you");
      assertThat(tablet.text("main")).contains("PINs are taken only", "Ilse Marrow");
      assertThat(tablet.text("main")).doesNotContain("Joss Calder");

      tablet.driver().get(ways.get(0));
      tablet.click("#come-in");
      tablet.until(d -> !d.all(".who-is").isEmpty());
      tablet.signIn("Joss Calder");
      assertThat(tablet.driver().manage().getCookies())
          .filteredOn(
              cookie -> cookie.getName().equals("__Host-desk") || cookie.getName().equals("device"))
          .hasSize(2)
          .allMatch(cookie -> cookie.isSecure() && cookie.isHttpOnly());
      tablet.driver().get(away + "/sets/2/bench");
      tablet.click(".begin .act");
      tablet.until(d -> d.text("#done").equals("Done"));
      first.open("/sets/2/bench/guide");
      String before = first.text(".now-step h2");
      tablet.script("window.pressedAt = performance.now()");
      tablet.until(d -> (Boolean) d.script("return performance.now() - window.pressedAt > 900"));
      tablet.click("#done");
      first.until(d -> !d.text(".now-step h2").equals(before));
      first.open("/salon/deeds");
      assertThat(first.text("table")).contains("Joss Calder", "bench");
    }
  }

  @Test
  void aFormThatIsHalfFilledInStaysWhenSomebodyElseGoesOn() {
    desk.driver().manage().deleteAllCookies();
    desk.driver().get(salon.address("/clients/new"));
    desk.signIn("Joss Calder");
    desk.find("#name").sendKeys("Half Written");
    // Even if the session has ended behind it.
    desk.driver().manage().deleteAllCookies();
    desk.click(".person");
    inDialog("Petra Hollin");
    desk.until(d -> d.text(".person").equals("Petra Hollin"));
    assertThat(desk.value("#name")).isEqualTo("Half Written");
    desk.click("form.entry .act");
    desk.until(d -> d.driver().getCurrentUrl().matches(".*/clients/\\d+"));
    assertThat(desk.text("h1")).isEqualTo("Half Written");
    desk.driver().manage().deleteAllCookies();
  }

  @Test
  void aTraineeAnswersNoStop() {
    desk.driver().manage().deleteAllCookies();
    desk.driver().get(salon.address("/sets/9/look?finger=R3"));
    desk.signIn("Nia Brandt");
    desk.choose("#skin-R3", "CUT");
    desk.until(d -> !d.all("#reason-R3").isEmpty());
    assertThat(desk.find("#reason-R3").isEnabled()).isFalse();
    assertThat(desk.text(".halted")).contains("A technician answers this.");
    desk.driver().manage().deleteAllCookies();
    desk.open("/sets/9/look?finger=R3");
    assertThat(desk.find("#reason-R3").isEnabled()).isTrue();
  }

  private static void inDialog(String name) {
    desk.until(d -> !d.all("dialog[open] .who-is label").isEmpty());
    WebElement person =
        desk.all("dialog[open] .who-is label").stream()
            .filter(label -> label.getText().contains(name))
            .findFirst()
            .orElseThrow();
    person.click();
    desk.find("dialog[open] #secret")
        .sendKeys(person.findElement(By.tagName("kbd")).getText(), Keys.ENTER);
  }
}
