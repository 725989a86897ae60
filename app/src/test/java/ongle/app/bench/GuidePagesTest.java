package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;
import java.util.Set;
import ongle.app.SalonTest;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.BenchWords;
import ongle.core.bench.Guide;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.wear.PrepStep;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** What the desk shows, answer by answer. */
@SalonTest
class GuidePagesTest {
  private static final long SET = 4;

  @Autowired private MockMvc mvc;
  @Autowired private BenchDesk bench;
  @Autowired private VisitPlanner visits;
  @Autowired private SetEditor editor;

  @BeforeEach
  void startOver() throws Exception {
    mvc.perform(post("/sets/{id}/bench/guide/begin", SET).param("anew", "true"))
        .andExpect(status().is3xxRedirection());
  }

  private Guide guide() {
    return bench.sitting(SET).guide().orElseThrow();
  }

  private Step current() {
    return guide().current().orElseThrow();
  }

  private ResultActions press(String what, String... params) throws Exception {
    var request = post("/sets/{id}/bench/guide/{what}", SET, what);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return mvc.perform(request).andExpect(status().isOk());
  }

  private ResultActions page(String path) throws Exception {
    return mvc.perform(get("/sets/{id}/bench/guide" + path, SET)).andExpect(status().isOk());
  }

  @Test
  void aWordIsKeptWithTheStepItWasSaidAt() throws Exception {
    press("note", "type", "NOTE", "step", current().id(), "text", "ring finger is sore")
        .andExpect(content().string(containsString("Note: ring finger is sore")));
    press("note", "type", "NOTE", "text", "  ")
        .andExpect(content().string(containsString("Write a word to note")));
    page("/record")
        .andExpect(content().string(containsString("Note: ring finger is sore")))
        .andExpect(content().string(containsString("Started")));
  }

  @Test
  void partsAreTickedAndALampStartedWithAPressIsTakenBackWithIt() throws Exception {
    while (current().parts().isEmpty()) {
      press("skip", "step", current().id(), "reason", "done before");
    }
    Step movement = current();
    String part = movement.parts().get(0).id();
    press("tick", "step", movement.id(), "part", part)
        .andExpect(content().string(containsString("aria-pressed=\"true\"")));
    assertThat(guide().ticked()).containsExactly(part);
    press("tick", "step", movement.id(), "part", part)
        .andExpect(content().string(not(containsString("aria-pressed=\"true\""))));
    press("tick", "step", movement.id(), "part", "nonsense")
        .andExpect(content().string(containsString("no such step")));
    press("done-as-last", "step", movement.id())
        .andExpect(content().string(containsString("No step like it")));
  }

  @Test
  void productOnSkinSaysWhatToDoOnEveryScreenUntilTheWorkGoesOn() throws Exception {
    press("note", "type", "SKIN", "step", current().id())
        .andExpect(content().string(containsString("wipe it off now")));
    page("/now").andExpect(content().string(containsString("wipe it off now")));
    press("skip", "step", current().id(), "reason", "hands are clean")
        .andExpect(content().string(not(containsString("wipe it off now"))));
    page("/record").andExpect(content().string(containsString("1 × product on skin")));
  }

  @Test
  void theOtherHandsStepIsOfferedAndTaken() throws Exception {
    press("skip", "step", current().id(), "reason", "done before");
    Step other = guide().instead(bench.sitting(SET).now()).orElseThrow();
    page("")
        .andExpect(content().string(containsString("id=\"first\"")))
        .andExpect(content().string(containsString(other.id())));

    press("first", "step", other.id());
    assertThat(current()).isEqualTo(other);
    press("first", "step", other.id())
        .andExpect(content().string(containsString("That cannot come first now")));
  }

  @Test
  void aLampThatWeakensInMidStepMakesItWaitAndNothingIsLost() throws Exception {
    press("skip", "step", current().id(), "reason", "done before");
    Step waiting = current();
    String next = waiting.id();
    mvc.perform(post("/standin/lamp-meter").param("lamp", "led").param("light", "12"));
    try {
      page("")
          .andExpect(content().string(containsString("The appointment is waiting")))
          .andExpect(content().string(containsString("of its original output")));
      press("done", "step", next)
          .andExpect(content().string(containsString("The appointment is waiting")));

      visits.choose(SET, Map.of("lamp", "uv"));
      assertThat(current().kind()).isEqualTo(waiting.kind());
      assertThat(guide().past()).hasSize(1);
    } finally {
      visits.choose(SET, Map.of("lamp", "led"));
      mvc.perform(post("/standin/lamp-meter").param("lamp", "led").param("light", "40"));
    }
    assertThat(current().id()).isEqualTo(next);
  }

  @Test
  void theFirstStepSaysWhatTheShelfLacks() throws Exception {
    page("").andExpect(content().string(containsString("soak-off gel: opened too long ago")));
    press("skip", "step", current().id(), "reason", "clean already")
        .andExpect(content().string(not(containsString("opened too long ago"))));
  }

  @Test
  void everyTimeItWasBegunHasItsOwnRecordTheLastFirst() throws Exception {
    int before = bench.records(SET).size();
    press("skip", "step", current().id(), "reason", "the first time");
    startOver();
    press("skip", "step", current().id(), "reason", "the second time");

    assertThat(bench.records(SET)).hasSize(before + 1);
    String page = page("/record").andReturn().getResponse().getContentAsString();
    assertThat(page.indexOf("the second time"))
        .isPositive()
        .isLessThan(page.indexOf("the first time"));
  }

  @Test
  void theRecordReadsTheSameWhenTheSetIsChangedAfterwards() throws Exception {
    press("skip", "step", current().id(), "reason", "clean already");
    String shape = BenchWords.name(current());
    press("skip", "step", current().id(), "reason", "no time");
    visits.choose(SET, Map.of("visit", "REMOVAL"));
    try {
      page("/record")
          .andExpect(content().string(containsString(shape)))
          .andExpect(content().string(containsString("skipped: no time")));
    } finally {
      visits.choose(SET, Map.of("visit", "NEW_SET"));
    }
  }

  @Test
  void preparationLeftOutIsWarnedOfAtTheFirstProductAndKeptInTheRecord() throws Exception {
    editor.make(SET, Change.leaveOut(Set.of(PrepStep.DUST, PrepStep.PRIMER)));
    try {
      String warning = "Preparation left out: dusted off; primer, fully dry. It lifts sooner.";
      startOver();
      mvc.perform(get("/sets/{id}/bench", SET))
          .andExpect(content().string(containsString(warning)));
      page("/record").andExpect(content().string(containsString(warning)));
      Step first =
          visits.of(SET).plan().left().stream()
              .filter(step -> step.dose().isPresent())
              .findFirst()
              .orElseThrow();
      assertThat(BenchWords.cautions(first)).contains(warning);
      assertThat(visits.of(SET).plan().left()).extracting(Step::kind).doesNotContain(StepKind.DUST);
    } finally {
      editor.make(SET, Change.leaveOut(Set.of()));
    }
  }

  @Test
  void leavingAStepOfThePreparationOutSaysAtOnceWhatItCosts() throws Exception {
    while (current().kind().prepares().isEmpty()) {
      press("skip", "step", current().id(), "reason", "done at home");
    }
    press("skip", "step", current().id(), "reason", "no time")
        .andExpect(content().string(containsString("It lifts sooner without.")));
  }

  @Test
  void aSetNeverBegunHasAnEmptyRecordThatSaysWhatItIsFor() throws Exception {
    mvc.perform(get("/sets/9/bench/guide/record"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Nothing yet")));
    mvc.perform(get("/sets/99999/bench/guide/record")).andExpect(status().isNotFound());
  }
}
