package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Whole appointments at the desk, from clean hands to oil, with a clock that hurries. */
class AppointmentIT {
  private static Salon salon;
  private static Desk desk;

  @BeforeAll
  static void open() {
    salon = new Salon("--ongle.now=2026-03-10T10:35", "--ongle.bench-speed=90");
    desk = new Desk(salon);
  }

  @AfterAll
  static void close() {
    desk.close();
    salon.close();
  }

  /** What was seen on the way. */
  private record Seen(Set<String> steps, Set<String> clocks, String record, String took) {}

  private static Seen work(int set) {
    desk.open("/sets/" + set + "/bench");
    desk.click(".begin .act");
    desk.until(d -> d.text("#done").equals("Done"));
    Set<String> steps = new HashSet<>();
    Set<String> clocks = new HashSet<>();
    while (!step().isEmpty()) {
      String now = step();
      steps.add((String) desk.script("return document.querySelector('.now-step h2').textContent"));
      clocks.addAll(clocks());
      desk.until(
          d -> {
            if (step().equals(now)) {
              d.click("#done"); // again while the lamp still runs
            }
            return !step().equals(now);
          });
    }
    desk.until(d -> d.text(".now-step h2").equals("All done"));
    assertThat(steps.size()).isLessThanOrEqualTo(70);
    desk.click(".record summary");
    assertThat(desk.all(".record tbody tr")).hasSizeGreaterThan(total());
    return new Seen(steps, clocks, desk.text(".record"), desk.text(".took"));
  }

  /** Read at once: the desk may be drawn anew at any moment. */
  private static String step() {
    return (String) desk.script("return document.getElementById('desk').dataset.step ?? ''");
  }

  private static List<String> clocks() {
    String all =
        (String)
            desk.script(
                "return [...document.querySelectorAll('.clocks li b:first-child')]"
                    + ".map((clock) => clock.textContent).join('|')");
    return List.of(all.split("\\|"));
  }

  private static int total() {
    return Integer.parseInt(desk.all(".finish-at span").get(1).getText());
  }

  @Test
  void acrylicOnFormsIsPinchedInItsTime() {
    desk.open("/sets/3/shape");
    desk.choose("#product", "acrylic");
    desk.until(d -> d.text(".crumb").contains("acrylic"));
    desk.open("/sets/3/bench");
    desk.choose("select[name=order]", "ONE_AT_A_TIME");
    desk.untilText("#saved", "Saved");

    Seen seen = work(3);
    assertThat(seen.steps())
        .contains("Size and cut the forms", "Compare both hands", "Prime and set the forms")
        .contains("Lay the 3 beads", "Pinch", "Form off", "File the surface", "Top coat");
    assertThat(seen.clocks()).contains("pinch", "working time");
    assertThat(seen.took()).contains("acrylic powder, lot AP-2217", "liquid, lot AL-0906");
    assertThat(seen.record()).contains("lot AP-2217, AL-0906");
  }

  @Test
  void gelOnTipsIsFramedFloatedAndCured() {
    Seen seen = work(8);

    assertThat(seen.steps())
        .contains("Size the tips, thin their wells", "Fix the tips", "Compare both hands")
        .contains("Blend the tips, dust off", "Lay the frame", "Slip layer, body, turn over");
    assertThat(seen.clocks()).contains("in the lamp");
    assertThat(seen.took()).contains("hard gel, lot HG-1140");
  }

  @Test
  void anOverlayKnowsNoFormNoTipAndNoPinch() {
    Seen seen = work(7);

    assertThat(seen.steps()).noneMatch(title -> title.contains("form") || title.contains("tip"));
    assertThat(seen.steps()).contains("Slip layer, body, turn over").doesNotContain("Pinch");
    assertThat(seen.took()).contains("soak-off gel, no lot listed");
    desk.open("/");
    assertThat(desk.text(".due")).contains("Hanne Oswick");
  }
}
