package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whole appointments at the desk, from clean hands to oil, with a clock that hurries. */
class AppointmentIT {
  private static Salon salon;
  private static Desk desk;

  @BeforeAll
  static void open() {
    salon = new Salon("--ongle.now=2026-03-10T10:35", "--ongle.bench-speed=400");
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

  /** What is chosen for an appointment, as the pages send it. */
  private record Jobs(int set, String name, Map<String, String> posts, List<String> seen) {}

  private static final String BENCH = "bench/choose ";

  /** Twenty years at the desk: jobs of every kind, each worked from clean hands to oil. */
  private static Stream<Jobs> jobs() {
    return Stream.of(
        new Jobs(
            8,
            "acrylic on tips, a beginner",
            Map.of("shape 0", "product=acrylic", BENCH + 1, "pace=160"),
            List.of("Fix the tips", "Compare both hands", "Blend the tips, dust off", "beads")),
        new Jobs(
            3,
            "gel almond on forms, form off after the frame",
            Map.of("shape 0", "shape=ALMOND", BENCH + 1, "formOff=AFTER_FRAME"),
            List.of("Prime and set the forms", "Lay the frame", "Forms off, file the frames")),
        new Jobs(
            5,
            "a whole hand of poly gel",
            Map.of(BENCH + 1, "order=WHOLE_HAND"),
            List.of("Lay and shape the piece", "File the surface", "Top coat")),
        new Jobs(
            7,
            "brush-on builder on own hands",
            Map.of(BENCH + 1, "worker=OWN_RIGHT_HANDED"),
            List.of("Slip layer, body, turn over", "In the lamp: fingers, then the thumb")),
        new Jobs(
            2,
            "three popped off",
            Map.of(
                BENCH + 1, "visit=SOME_NAILS",
                BENCH + 2, "job-L2=NEW",
                BENCH + 3, "job-L4=NEW",
                BENCH + 4, "job-R1=NEW"),
            List.of("Top coat")),
        new Jobs(
            6,
            "one broken nail on a reusable form",
            Map.of(
                "fit/R3/way",
                "way=REUSABLE_FORM",
                BENCH + 1,
                "visit=SOME_NAILS",
                BENCH + 2,
                "job-R3=REPAIR"),
            List.of("File the break back to what holds", "Top coat")),
        new Jobs(
            9,
            "Russian almond, clear, colour, clear",
            Map.of(
                "shape 0",
                "shape=RUSSIAN_ALMOND",
                BENCH + 1,
                "recipe=clear-colour-clear",
                BENCH + 2,
                "colour=DARK"),
            List.of("Coat of colour, 3 of 3", "Clear cap", "Wipe and smooth the clear")),
        new Jobs(
            4,
            "polish only",
            Map.of(BENCH + 1, "visit=POLISH_ONLY", BENCH + 2, "colour=DARK"),
            List.of("Thin base coat", "Coat of colour, 1 of 3", "Top coat")),
        new Jobs(
            1,
            "an overlay with foil under clear",
            Map.of("shape 0", "product=soak-off-gel", BENCH + 1, "recipe=inlay-under-clear"),
            List.of("Thin base coat", "Lay the inlay", "Clear cap")));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void everyKindOfJobIsWorkedToItsEnd(Jobs job) {
    new TreeMap<>(job.posts())
        .forEach(
            (where, what) ->
                assertThat(
                        salon
                            .post(
                                "/sets/" + job.set() + "/" + where.replaceAll(" .*", ""),
                                "application/x-www-form-urlencoded",
                                what + "&finger=R3&look=TIME")
                            .statusCode())
                    .isEqualTo(200));

    Seen seen = work(job.set());
    for (String title : job.seen()) {
      assertThat(seen.steps()).as(job.name()).anyMatch(step -> step.contains(title));
    }
  }

  @Test
  void whatFailedIsRedoneWithOnePress() {
    work(3);
    desk.open("/sets/3/bench/guide/record");
    desk.click(".redo input[value=L2]");
    desk.click(".redo input[value=R4]");
    desk.click(".redo button");
    desk.until(d -> d.driver().getCurrentUrl().endsWith("/look"));
    desk.open(desk.driver().getCurrentUrl().replace("/look", "/bench"));
    assertThat(desk.find("#job-L2").getDomProperty("value")).isEqualTo("NEW");
    assertThat(desk.find("#job-L3").getDomProperty("value")).isEqualTo("LEAVE");
  }
}
