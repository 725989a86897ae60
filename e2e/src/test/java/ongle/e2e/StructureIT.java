package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** The workbench: drag, take back, compare, apply a remedy, look ahead, turn it round. */
class StructureIT extends AtTheDesk {
  private static final String NAIL = "/sets/3/structure?finger=R3";

  private String apex() {
    return desk.find("#handle-apex").getDomAttribute("aria-valuetext");
  }

  private void drag(String handle, int right, int down) {
    new Actions(desk.driver())
        .clickAndHold(desk.find("#" + handle + " .knob"))
        .moveByOffset(right / 2, down / 2)
        .moveByOffset(right - right / 2, down - down / 2)
        .release()
        .perform();
  }

  private void press(String css) {
    desk.script("document.querySelector(arguments[0]).click()", css);
  }

  @Test
  void aDragCanBeTakenBackAndDoneAgainByButtonAndKey() {
    desk.open(NAIL);
    String before = apex();
    drag("handle-apex", 30, -14);
    desk.until(d -> !apex().equals(before));
    desk.until(d -> d.find("#undo").isEnabled());
    String moved = apex();
    press("#undo");
    desk.until(d -> apex().equals(before));
    assertThat(desk.find("#redo").getDomAttribute("title")).contains("right middle: apex");
    desk.script("document.activeElement.blur()");
    new Actions(desk.driver()).sendKeys("y").perform();
    desk.until(d -> apex().equals(moved));
    desk.open(NAIL);
    assertThat(apex()).as("saved").isEqualTo(moved);
    new Actions(desk.driver()).sendKeys("z").perform();
    desk.until(d -> apex().equals(before));
  }

  @Test
  void lengthBarrelEdgeAndSidewallAnswerToTheirHandlesAndArrowsNudge() {
    for (String handle : new String[] {"length", "barrel", "edge", "side"}) {
      desk.open(NAIL);
      String id = "handle-" + handle;
      String before = desk.find("#" + id).getDomAttribute("aria-valuetext");
      desk.script("document.getElementById(arguments[0]).focus()", id);
      new Actions(desk.driver())
          .sendKeys(handle.equals("length") ? Keys.ARROW_RIGHT : Keys.ARROW_UP)
          .perform();
      desk.until(d -> !d.find("#" + id).getDomAttribute("aria-valuetext").equals(before));
      desk.until(d -> d.find("#undo").isEnabled());
      press("#undo");
      desk.until(d -> d.find("#" + id).getDomAttribute("aria-valuetext").equals(before));
    }
  }

  @Test
  void aVersionIsKeptComparedAndReturnedTo() {
    desk.open(NAIL);
    String before = apex();
    press(".versions summary");
    desk.find("#version-name").sendKeys("before the drag", Keys.ENTER);
    desk.until(
        d -> d.find(".versions-list").getAttribute("textContent").contains("before the drag"));
    desk.script("document.querySelector('.versions').open = false");
    drag("handle-apex", 40, -20);
    desk.until(d -> !apex().equals(before));
    desk.until(d -> d.find("#undo").isEnabled());
    desk.choose(
        "#ghost",
        desk.all("#ghost option").stream()
            .filter(option -> option.getText().contains("before the drag"))
            .findFirst()
            .orElseThrow()
            .getDomAttribute("value"));
    desk.until(d -> !d.all(".nail-scene .ghost").isEmpty());
    press(".versions-list li button");
    desk.until(d -> apex().equals(before));
  }

  @Test
  void anotherSchoolIsDrawnBehindAndTheLightLineOverIt() {
    desk.open(NAIL);
    desk.choose("#ghost", "school-STRESS_LINE");
    desk.until(d -> !d.all(".nail-scene .ghost").isEmpty());
    press("#light");
    desk.until(d -> desk.all(".nail-scene .light").size() == 2);
    assertThat(desk.all(".nail-scene .ghost")).isNotEmpty();
  }

  @Test
  void aNailThatCannotHoldSaysSoAndARemedyIsAppliedWithOnePress() {
    desk.open("/sets/5/structure?finger=L4");
    desk.find("#L4-EXTENSION").sendKeys("25", Keys.ENTER);
    desk.until(d -> d.find("#findings").getText().contains("Not advised as planned"));
    desk.until(d -> !d.all("#remedies [data-remedy]").isEmpty());
    press("#remedies button[aria-label^='Preview']");
    desk.until(d -> !d.all(".nail-scene .ghost").isEmpty());
    assertThat(desk.find("#findings").getText())
        .as("only looked at")
        .contains("Not advised as planned");
    desk.script("document.activeElement.blur()");
    desk.keys("r");
    desk.until(d -> d.find("#findings").getText().contains("Holds"));
    press("#undo");
    desk.until(d -> d.find("#findings").getText().contains("Not advised as planned"));
    press("#undo");
    desk.until(d -> d.find("#findings").getText().contains("Holds"));
  }

  @Test
  void theWeeksAheadRedrawTheNailAndNameTheDay() {
    desk.open("/sets/3/structure?finger=R3&look=weeks");
    assertThat(desk.find(".weeks-words").getText()).contains("Infill due", "The set is due");
    desk.script(
        "const d = document.getElementById('day'); d.value = 28;"
            + "d.dispatchEvent(new Event('input', {bubbles: true}))");
    desk.until(d -> d.find(".weeks-words").getText().contains("day 28"));
    assertThat(desk.find(".weeks-scene").getAttribute("textContent")).contains("gap 3.1 mm");
  }

  @Test
  void schoolsStandSideBySideAndOneIsTaken() {
    desk.open("/sets/3/structure?finger=R3&look=schools");
    assertThat(desk.all(".schools-table")).hasSize(3);
    String taken = desk.find(".schools-table .taken th").getText();
    press(".schools-table tr:not(.taken) button");
    desk.until(d -> !d.find(".schools-table .taken th").getText().equals(taken));
    press("#undo");
    desk.until(d -> d.find(".schools-table .taken th").getText().equals(taken));
  }

  @Test
  void theStructureIsCarriedOverToChosenFingers() {
    desk.open("/sets/3/structure?finger=R3&look=ten");
    press("input[value='R4']");
    press(".copy button");
    desk.until(d -> d.find("#undo").isEnabled());
    desk.open("/sets/3/structure?finger=R4");
    assertThat(desk.find("#R4-APEX_POSITION").getDomProperty("value")).isNotEmpty();
    press("#undo");
    desk.until(d -> d.find("#R4-APEX_POSITION").getDomProperty("value").isEmpty());
  }

  @Test
  void theNailTurnsInTheRoundAndComesOutAsASolid() throws Exception {
    desk.open("/sets/3/structure?finger=R3&look=round");
    desk.until(d -> d.find("#round-canvas").getDomAttribute("data-drawn") != null);
    String before = desk.find("#round-canvas").getDomAttribute("data-turn");
    new Actions(desk.driver())
        .clickAndHold(desk.find("#round-canvas"))
        .moveByOffset(90, 30)
        .release()
        .perform();
    desk.until(d -> !d.find("#round-canvas").getDomAttribute("data-turn").equals(before));
    String pixels =
        "const c = document.getElementById('round-canvas');"
            + "document.querySelector('[data-turn=side]').click();"
            + "const g = c.getContext('webgl2'); const p = new Uint8Array(4 * 40 * 40);"
            + "g.readPixels(c.width / 2 - 20, c.height / 2 - 20, 40, 40, g.RGBA, g.UNSIGNED_BYTE, p);"
            + "return p.some((v) => v > 0)";
    assertThat(desk.script(pixels)).as("something is drawn in the middle").isEqualTo(true);
    for (String file : new String[] {"nail.stl", "nail.3mf"}) {
      HttpResponse<byte[]> answer = salon.bytes("/sets/3/structure/R3/" + file);
      assertThat(answer.statusCode()).isEqualTo(200);
      assertThat(answer.body().length).isGreaterThan(20_000);
    }
  }

  @Test
  void nonsenseInTheDaysOfWearIsSaidAndStays() {
    desk.open(NAIL);
    desk.script("const d = document.getElementById('days'); d.focus(); d.select()");
    desk.keys("soon", Keys.TAB);
    desk.until(d -> !d.all("#days-why").isEmpty());
    assertThat(desk.find("#days-why").getText()).contains("5 to 42");
    assertThat(desk.find("#days").getDomProperty("value")).isEqualTo("soon");
    assertThat(desk.driver().findElements(By.cssSelector("[aria-invalid]"))).isNotEmpty();
  }
}
