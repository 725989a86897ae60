package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A client returns with three nails popped off after a primer that was left out. */
class WearIT extends AtTheDesk {
  @Test
  void threePopOffsAreExplainedAndRedone() {
    desk.open("/sets/7/structure?finger=R3");
    desk.script(
        "const box = document.querySelector('.prep input[value=PRIMER]'); box.closest('details').open = true; box.click()");
    desk.untilText("#saved", "Saved");
    for (String finger : List.of("R2", "R3", "L4")) {
      desk.open("/sets/7/wear?finger=" + finger);
      desk.click(".wear-kinds input[value=POP_OFF]");
      desk.click(".wear-note .act");
      desk.untilText(".wear-why", "popped off");
    }
    desk.click("#all-fine");
    desk.until(
        d -> d.all(".strip li b").stream().filter(b -> b.getText().equals("whole")).count() == 7);
    desk.open("/sets/7/wear?finger=R3");
    assertThat(desk.text(".wear-causes li b")).isEqualTo("primer left out");
    assertThat(desk.text(".wear-causes li .for")).contains("primer was left out");
    assertThat(desk.text(".wear-next")).contains("Together: primer left out");

    desk.click("#redo");
    desk.untilText("body", "Learned: primer not left out");
    String next = desk.driver().getCurrentUrl().replaceAll(".*/sets/(\\d+)/.*", "$1");
    assertThat(next).isNotEqualTo("7");
    desk.open("/sets/" + next + "/structure?finger=R3");
    assertThat(desk.script("return document.querySelector('.prep input[value=PRIMER]').checked"))
        .isEqualTo(true);
    // What happened stays on the set it happened to.
    desk.open("/sets/7/wear?finger=R3");
    assertThat(desk.text(".wear-why")).contains("popped off");
  }

  @Test
  void aBitersSecondSetIsLongerAndThePageSaysWhy() {
    desk.open("/clients?q=Jonna");
    desk.click("#found .people a");
    int sets = desk.all(".people li").size();
    // The last in the list is the first set; the one above it the second.
    desk.click(".people li:nth-last-child(2) a");
    String second = desk.driver().getCurrentUrl().replaceAll(".*/sets/(\\d+).*", "$1");
    assertThat(sets).isGreaterThan(5);
    desk.open("/sets/" + second + "/shape");
    assertThat(desk.text("#notes"))
        .contains("Farther beyond the fingertip than on")
        .contains("grown");
    desk.open("/clients?q=Jonna");
    desk.click("#found .people a");
    desk.click("a[href$='/hands']");
    assertThat(desk.text("#work")).contains("Bitten plates grow out").contains("a month");
  }

  @Test
  void changesGoIntoTheNextSetAndAreLookedAtLater() {
    desk.open("/sets/5/wear?finger=R3");
    desk.click(".wear-kinds input[value=CRACK]");
    desk.click("[data-place=STRESS_LINE]");
    desk.click(".wear-note .act");
    desk.untilText(".wear-why", "crack at the stress line");
    desk.script(
        "const c = document.querySelector('.wear-why select[name=cause]'); c.value = 'TOO_LONG'; c.form.requestSubmit()");
    desk.untilText(".wear-why", "You hold");
    desk.click("#go-on");
    desk.untilText("body", "Learned: 3 mm shorter");
    desk.open("/sets/5/wear?finger=R3");
    desk.untilText("#go-on", "Take the changes over into the set of");
    String client = (String) desk.script("return document.querySelector('.wear-hands a').href");
    desk.driver().get(client);
    desk.untilText(".wore-table", "not looked at yet");
  }
}
