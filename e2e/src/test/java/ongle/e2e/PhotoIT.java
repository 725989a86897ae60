package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.json.Json;

/** A nail measured in a picture of a drawn hand whose sizes are known. */
class PhotoIT extends AtTheDesk {
  @TempDir static Path folder;

  private static void hold(int tilt, int towards, boolean onTable, boolean onItsSide) {
    salon.post(
        "/standin/camera",
        "application/x-www-form-urlencoded",
        "tilt="
            + tilt
            + "&towards="
            + towards
            + "&cardOnTable="
            + onTable
            + "&onItsSide="
            + onItsSide);
  }

  private static Map<String, List<Number>> truth() {
    return new Json().toType(salon.get("/standin/camera/RIGHT.json").body(), Map.class);
  }

  private static Path picture(String name, byte[] content) throws IOException {
    return Files.write(folder.resolve(name), content);
  }

  private static void upload(Path file) {
    desk.open("/sets/4/photo?hand=RIGHT");
    if (!desk.all("form[action$=forget]").isEmpty()) {
      desk.click("form[action$=forget] button");
      desk.until(d -> !d.all("#file").isEmpty());
    }
    desk.find("#file").sendKeys(file.toAbsolutePath().toString());
    desk.click("form.entry .act");
  }

  @ParameterizedTest
  @CsvSource({"0,0,false,false", "18,70,false,true", "25,200,true,false"})
  void aNailIsMeasuredWithinTwoPercentAndTakenOver(
      int tilt, int towards, boolean onTable, boolean onItsSide) throws IOException {
    hold(tilt, towards, onTable, onItsSide);
    upload(picture("hand.jpg", salon.bytes("/standin/camera/RIGHT.jpg").body()));
    desk.until(d -> !d.all("#picture").isEmpty());
    Map<String, List<Number>> truth = truth();
    if (onTable) {
      desk.click("#on-table");
      desk.untilText("#saved", "Saved");
    }
    for (int corner : new int[] {3, 1, 2, 4}) {
      markAt(truth.get("CARD" + corner));
    }
    desk.untilText("#marking", "pixels per mm");
    for (String spot : List.of("GROWTH_POINT", "OTHER_GROWTH_POINT", "CUTICLE", "EDGE")) {
      markAt(truth.get("R1_" + spot));
    }
    desk.untilText("#marking", "Use 1 nail");
    // A click is a whole pixel of the screen, about four of the picture: arrows set it right.
    for (String name :
        List.of(
            "CARD1",
            "CARD2",
            "CARD3",
            "CARD4",
            "R1_GROWTH_POINT",
            "R1_OTHER_GROWTH_POINT",
            "R1_CUTICLE")) {
      nudge(name, truth.get(name), truth);
    }
    desk.untilText("#marking", "tilted by " + tilt + "°");
    String[] figures = desk.text("#marking [aria-pressed=true]").split("\\n");
    assertThat(millimetres(figures, "width")).isCloseTo(13.8, within(0.02 * 13.8));
    assertThat(millimetres(figures, "plate length")).isCloseTo(13.4, within(0.02 * 13.4));
    desk.click(".take-over .act");
    desk.until(d -> !d.all("#R1-OVERHANG").isEmpty());
    // Nothing was measured of its curve before, so the picture's stands; the typed width stays.
    assertThat(desk.value("#R1-FREE_EDGE_DEPTH")).isNotEmpty();
    assertThat(desk.value("#R1-WIDTH")).isEqualTo("13.2");
  }

  /** Moves a mark to where it belongs by its keys; marks are named in the order they were set. */
  private static void nudge(String name, List<Number> to, Map<String, List<Number>> truth) {
    String mark = name.startsWith("CARD") ? nearest(truth.get(name)) : name;
    desk.script("document.getElementById('mark-' + arguments[0]).focus()", mark);
    for (String axis : new String[] {"x", "y"}) {
      double goal = to.get(axis.equals("x") ? 0 : 1).doubleValue();
      double at = Double.parseDouble(desk.find("#mark-" + mark).getDomAttribute("data-" + axis));
      long steps = Math.round(goal - at);
      Keys key =
          axis.equals("x")
              ? (steps > 0 ? Keys.ARROW_RIGHT : Keys.ARROW_LEFT)
              : (steps > 0 ? Keys.ARROW_DOWN : Keys.ARROW_UP);
      for (int i = 0; i < Math.abs(steps); i++) {
        desk.keys(key);
      }
    }
    desk.until(d -> isAt(d, mark, "x", to.get(0)) && isAt(d, mark, "y", to.get(1)));
  }

  private static boolean isAt(Desk d, String mark, String axis, Number goal) {
    double at = Double.parseDouble(d.find("#mark-" + mark).getDomAttribute("data-" + axis));
    return Math.abs(at - goal.doubleValue()) < 1;
  }

  private static String nearest(List<Number> to) {
    return (String)
        desk.script(
            "return [...document.querySelectorAll('.card-mark')].sort((a, b) => Math.hypot(a.dataset.x - arguments[0], a.dataset.y - arguments[1]) - Math.hypot(b.dataset.x - arguments[0], b.dataset.y - arguments[1]))[0].dataset.name",
            to.get(0),
            to.get(1));
  }

  private static double millimetres(String[] figures, String label) {
    for (String line : figures) {
      if (line.startsWith(label)) {
        return Double.parseDouble(line.substring(label.length()).strip().split(" ")[0]);
      }
    }
    throw new AssertionError(label + " in " + String.join("; ", figures));
  }

  @Test
  void aFileThatIsNoPictureIsNamed() throws IOException {
    upload(picture("notes.jpg", "these are my notes".getBytes()));
    desk.untilText("main", "This is no picture");
    byte[] hand = salon.bytes("/standin/camera/RIGHT.jpg").body();
    upload(picture("torn.jpg", java.util.Arrays.copyOf(hand, hand.length / 3)));
    desk.until(d -> d.text("main").contains("breaks off") || !d.all("#picture").isEmpty());
  }

  @Test
  void marksOnOneLineAreNamedAndNothingIsLost() throws IOException {
    hold(0, 0, false, false);
    upload(picture("hand.jpg", salon.bytes("/standin/camera/RIGHT.jpg").body()));
    desk.until(d -> !d.all("#picture").isEmpty());
    for (int x : new int[] {400, 900, 1400}) {
      markAt(List.of(x, 700));
    }
    markAt(List.of(900, 1200));
    desk.untilText("#marking", "not the corners of a card");
    assertThat(desk.all(".mark")).hasSize(4);
    desk.driver().navigate().refresh();
    assertThat(desk.all(".mark")).hasSize(4);
    // A mark is taken away by its key, and set anew.
    desk.script("document.getElementById('mark-CARD2').focus()");
    desk.keys(Keys.DELETE);
    desk.until(d -> d.all(".mark").size() == 3);
  }
}
