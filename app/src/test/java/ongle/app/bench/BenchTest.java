package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import ongle.app.SalonTest;
import ongle.app.shelf.LotUse;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Numbers;
import ongle.core.bench.Guide;
import ongle.core.bench.Past;
import ongle.core.bench.Step;
import ongle.core.nail.Finger;
import ongle.core.schedule.Schedule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@SalonTest
class BenchTest {
  @Autowired private MockMvc mvc;
  @Autowired private BenchDesk bench;
  @Autowired private VisitPlanner visits;
  @Autowired private BenchEventRepository events;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9})
  void everyDemoSetHasAProductATimeAndSteps(long set) throws Exception {
    for (String look : List.of("PRODUCT", "TIME", "STEPS")) {
      mvc.perform(get("/sets/{id}/bench", set).param("look", look)).andExpect(status().isOk());
    }
    PlannedVisit desk = bench.visit(set);
    if (desk.plan().refusals().isEmpty()) {
      Schedule schedule = desk.plan().schedule();
      assertThat(schedule.gap()).isLessThan(0.05);
      assertThat(schedule.missed()).isEmpty();
    }
  }

  @Test
  void whatCannotBeIsSaidAndStaysTyped() throws Exception {
    choose("room", "50")
        .andExpect(content().string(containsString("12 to 35 °C")))
        .andExpect(content().string(containsString("value=\"50\"")));
    choose("pace", "fast").andExpect(content().string(containsString("Type a number")));
    choose("nozzle", "2,5");
    assertThat(bench.visit(2).choices().nozzle()).isEqualTo(2.5);
    choose("nozzle", "3");
  }

  @Test
  void theStripSaysWhatThisVisitLays() throws Exception {
    choose("visit", "REMOVAL")
        .andExpect(content().string(containsString("hx-swap-oob=\"morph\"")))
        .andExpect(content().string(containsString("id=\"strip\"")));
    assertThat(bench.visit(2).plan().portions()).isEmpty();
    choose("visit", "NEW_SET");
    String laid =
        Numbers.format(bench.visit(2).plan().portions().get(Finger.R5).applied().total(), 0);
    mvc.perform(get("/sets/2/bench")).andExpect(content().string(containsString(">" + laid + "<")));
  }

  private org.springframework.test.web.servlet.ResultActions choose(String name, String value)
      throws Exception {
    return mvc.perform(
            post("/sets/2/bench/choose")
                .param("finger", "L2")
                .param("look", "PRODUCT")
                .param(name, value))
        .andExpect(status().isOk());
  }

  @Test
  void anotherLampChangesTheTimes() {
    long before = bench.visit(3).plan().schedule().makespan();
    visits.choose(3, Map.of("lamp", "uv"));

    assertThat(bench.visit(3).plan().schedule().makespan()).isGreaterThan((int) before);
    visits.choose(3, Map.of("lamp", "led"));
  }

  @Test
  void twoPressingAtOnceAreCountedOnce() throws Exception {
    bench.begin(5);
    String step = bench.sitting(5).guide().flatMap(Guide::current).orElseThrow().id();
    long before = events.count();
    CyclicBarrier together = new CyclicBarrier(4);
    ExecutorService people = Executors.newFixedThreadPool(4);
    try {
      List<Future<BenchDesk.Sitting>> presses =
          IntStream.range(0, 4)
              .mapToObj(
                  i ->
                      people.submit(
                          () -> {
                            together.await();
                            return bench.press(
                                5, (guide, now) -> guide.press().done(step, now.plusSeconds(60)));
                          }))
              .toList();
      for (Future<BenchDesk.Sitting> press : presses) {
        assertThat(press.get().guide().orElseThrow().past()).hasSize(1);
      }
    } finally {
      people.shutdown();
    }
    assertThat(events.count()).isEqualTo(before + 1);
  }

  @Test
  void nothingCanBePressedBeforeItBegan() throws Exception {
    mvc.perform(get("/sets/6/bench/guide"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Nothing has started")));
    mvc.perform(post("/sets/6/bench/guide/done").param("step", "SANITISE"))
        .andExpect(status().isOk());
    assertThat(bench.sitting(6).guide()).isEmpty();
  }

  @Test
  void aFinishedVisitTakesItsLotsOnceAndTheSetIsWorn() throws Exception {
    bench.begin(3);
    Optional<Step> next = bench.sitting(3).guide().flatMap(Guide::current);
    while (next.isPresent()) {
      String step = next.get().id();
      next = inItsTime(step).guide().flatMap(Guide::current);
    }

    BenchDesk.Sitting done = bench.sitting(3);
    assertThat(done.took().stream().map(LotUse::number)).contains("TC-3305", "PR-0219");
    assertThat(done.took()).hasSameSizeAs(bench.sitting(3).took());
    assertThat(bench.visit(3).planned().set().getWornUntil()).isAfter(LocalDate.of(2026, 3, 10));
    assertThat(done.guide().orElseThrow().past())
        .noneMatch(Past::offWindow)
        .allMatch(past -> past.skipped().isEmpty());
    mvc.perform(get("/sets/3/bench/guide"))
        .andExpect(content().string(containsString("All done")))
        .andExpect(content().string(containsString("lot TC-3305")));
  }

  @Test
  void begunAnewItStartsAtTheFirstStepAndKeepsWhatWas() {
    bench.begin(7);
    String first = bench.sitting(7).guide().flatMap(Guide::current).orElseThrow().id();
    bench.press(7, (guide, now) -> guide.press().skip(first, "done at home", now));
    long before = events.count();

    bench.startOver(7);
    assertThat(bench.sitting(7).guide().orElseThrow().past()).isEmpty();
    assertThat(events.count()).isEqualTo(before + 1);
    bench.begin(7);
    assertThat(events.count()).isEqualTo(before + 1);
  }

  private BenchDesk.Sitting inItsTime(String step) {
    BenchDesk.Sitting pressed =
        bench.press(
            3,
            (guide, now) -> {
              int takes = guide.current().orElseThrow().job().seconds();
              boolean by = guide.current().orElseThrow().runsByItself();
              Instant from = guide.ready().isAfter(now) ? guide.ready() : now;
              return guide.press().done(step, from.plusSeconds(by ? 1 : Math.max(1, takes)));
            });
    assertThat(pressed.said()).isEmpty();
    return pressed;
  }
}
