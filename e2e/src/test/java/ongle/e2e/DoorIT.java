package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

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
    assertThat(desk.text("table")).contains("Joss Calder", "measures and findings · L3 WIDTH");
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
