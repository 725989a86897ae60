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
}
