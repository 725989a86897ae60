package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

  private static final String FORM = "application/x-www-form-urlencoded";
  private static final String BENCH = "bench/choose ";

  /**
   * Chooses as the pages do; other tests may have chosen otherwise before.
   *
   * @param choices where and what, in order: "shape product=acrylic"
   */
  private static void choose(int set, List<String> choices) {
    for (String choice : choices) {
      String[] where = choice.split(" ");
      assertThat(
              salon
                  .post("/sets/" + set + "/" + where[0], FORM, where[1] + "&finger=R3&look=TIME")
                  .statusCode())
          .as(choice)
          .isEqualTo(200);
    }
  }

  /** What was seen on the way. */
  private record Seen(Set<String> steps, Set<String> clocks, String record, String took) {}

  private static Seen work(int set) {
    salon.post("/sets/" + set + "/bench/guide/begin", FORM, "anew=true");
    desk.open("/sets/" + set + "/bench/guide");
    desk.until(d -> d.text("#done").equals("Done"));
    int presses = 0;
    Set<String> steps = new HashSet<>();
    Set<String> clocks = new HashSet<>();
    while (!step().isEmpty()) {
      String now = step();
      presses++;
      steps.add((String) desk.script("return document.querySelector('.now-step h2').textContent"));
      clocks.addAll(clocks());
      desk.until(
          d -> {
            press(now); // again while the lamp still runs
            return !step().equals(now);
          });
    }
    desk.until(d -> d.text(".now-step h2").equals("All done"));
    assertThat(presses).isLessThanOrEqualTo(70);
    desk.script("window.scrollTo(0, document.body.scrollHeight)");
    desk.click(".record summary");
    assertThat(desk.all(".record tbody tr")).hasSizeGreaterThan(total());
    return new Seen(steps, clocks, desk.text(".record"), desk.text(".took"));
  }

  /** Presses done if that is still for this step: the desk may be drawn anew at any moment. */
  private static void press(String step) {
    desk.script(
        "const at = document.getElementById('desk').dataset.step;"
            + "if (at === arguments[0]) document.getElementById('done')?.click()",
        step);
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

  /**
   * @param choices that make the job, in order
   * @param seen steps that are part of it
   */
  private record Job(int set, String name, List<String> choices, List<String> seen) {
    @Override
    public String toString() {
      return name;
    }
  }

  /** Jobs of every kind, each worked from clean hands to oil. */
  private static Stream<Job> jobs() {
    return Stream.of(
        new Job(
            8,
            "acrylic on tips, a beginner",
            List.of("shape product=acrylic", BENCH + "pace=160"),
            List.of("Fix the tips", "Compare both hands", "Blend the tips", "Lay the 3 beads")),
        new Job(
            3,
            "gel almond on forms, form off after the frame",
            List.of(
                "shape product=hard-gel",
                "shape shape=ALMOND",
                BENCH + "order=FOUR_AND_THUMB",
                BENCH + "formOff=AFTER_FRAME"),
            List.of("Prime and set the forms", "Lay the frame", "Forms off", "Slip layer, body")),
        new Job(
            3,
            "a whole hand of poly gel, pinched",
            List.of(
                "shape product=poly-gel", "shape shape=SOFT_SQUARE", BENCH + "order=WHOLE_HAND"),
            List.of("Lay and shape the piece", "Pinch", "File the surface", "Top coat")),
        new Job(
            7,
            "brush-on builder on own hands, with regrowth",
            Stream.concat(
                    Stream.of(
                        "look/all earlier=SOAK_OFF_GEL",
                        BENCH + "worker=OWN_RIGHT_HANDED",
                        BENCH + "visit=INFILL"),
                    Stream.of("L1 L2 L3 L4 L5 R1 R2 R3 R4 R5".split(" "))
                        .map(finger -> "measure/" + finger + "/REGROWTH value=2.6"))
                .toList(),
            List.of("Bring the old build down", "Slip layer, body, turn over", "File edges")),
        new Job(
            2,
            "three popped off",
            List.of(
                BENCH + "visit=SOME_NAILS",
                BENCH + "job-L2=NEW",
                BENCH + "job-L4=NEW",
                BENCH + "job-R1=NEW"),
            List.of("Dehydrate and prime", "beads", "Top coat")),
        new Job(
            6,
            "one broken nail on a reusable form",
            List.of(
                "fit/R3/way way=REUSABLE_FORM",
                BENCH + "visit=SOME_NAILS",
                BENCH + "job-R3=REPAIR"),
            List.of("File the break back", "Prime and set the forms", "Form off", "Top coat")),
        new Job(
            9,
            "Russian almond, clear, colour, clear",
            List.of(
                "shape shape=RUSSIAN_ALMOND",
                BENCH + "recipe=clear-colour-clear",
                BENCH + "colour=DARK"),
            List.of("Coat of colour, 3 of 3", "Clear cap", "Wipe and smooth the clear")),
        new Job(
            4,
            "polish only",
            List.of(BENCH + "visit=POLISH_ONLY", BENCH + "colour=DARK"),
            List.of("Thin base coat", "Coat of colour, 1 of 3", "Top coat")),
        new Job(
            1,
            "an overlay with foil under clear",
            List.of(
                "shape product=soak-off-gel",
                "shape mode=AS_GROWN",
                BENCH + "recipe=inlay-under-clear"),
            List.of("Thin base coat", "Lay the inlay", "Clear cap")));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void everyKindOfJobIsWorkedToItsEnd(Job job) {
    choose(job.set(), job.choices());

    Seen seen = work(job.set());
    for (String title : job.seen()) {
      assertThat(seen.steps()).anyMatch(step -> step.contains(title));
    }
  }

  @Test
  void acrylicIsPinchedInItsTimeAndItsLotsAreKept() {
    choose(
        3,
        List.of(
            "shape product=acrylic",
            "shape shape=SOFT_SQUARE",
            BENCH + "formOff=AFTER_BODY",
            BENCH + "order=ONE_AT_A_TIME"));

    Seen seen = work(3);
    assertThat(seen.steps()).contains("Prime and set the forms", "Lay the 3 beads", "Pinch");
    assertThat(seen.clocks()).contains("pinch", "working time");
    assertThat(seen.took()).contains("acrylic powder, lot AP-2217", "liquid, lot AL-0906");
    assertThat(seen.record()).contains("lot AP-2217, AL-0906");
  }

  @Test
  void whatFailedIsRedoneAndTheSetIsWornUntilItsInfill() {
    choose(
        7, List.of("look/all earlier=NONE", BENCH + "worker=TECHNICIAN", BENCH + "visit=NEW_SET"));
    Seen seen = work(7);
    assertThat(seen.steps()).noneMatch(title -> title.contains("form") || title.contains("tip"));
    assertThat(seen.took()).contains("soak-off gel, no lot listed");
    desk.open("/");
    assertThat(desk.text("#due ~ .due")).contains("Hanne Oswick");

    desk.open("/sets/7/bench/guide/record");
    desk.click(".redo input[value=L2]");
    desk.click(".redo input[value=R4]");
    desk.click(".redo button");
    desk.until(d -> d.driver().getCurrentUrl().endsWith("/look"));
    desk.open(URI.create(desk.driver().getCurrentUrl()).getPath().replace("/look", "/bench"));
    assertThat(desk.find("#job-L2").getDomProperty("value")).isEqualTo("NEW");
    assertThat(desk.find("#job-L3").getDomProperty("value")).isEqualTo("LEAVE");
    desk.open("/salon/times");
    assertThat(desk.text("main")).contains("Planned", "Put back");
  }
}
