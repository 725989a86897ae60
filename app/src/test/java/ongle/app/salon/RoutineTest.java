package ongle.app.salon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.BenchWords;
import ongle.core.bench.Routine;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@SalonTest
class RoutineTest {
  @Autowired private MockMvc mvc;
  @Autowired private SalonSettings settings;
  @Autowired private VisitPlanner visits;

  @AfterEach
  void usual() throws Exception {
    send("usual");
    assertThat(settings.routine()).isEqualTo(Routine.USUAL);
  }

  private UUID formKey = UUID.randomUUID();

  private ResultActions send(String what, String... values) throws Exception {
    MockHttpServletRequestBuilder request =
        post("/salon/steps/" + what).param("formKey", formKey.toString());
    for (int i = 0; i < values.length; i += 2) {
      request.param(values[i], values[i + 1]);
    }
    return mvc.perform(request).andExpect(status().isOk());
  }

  @Test
  void aStepThatWasSentTwiceIsOneStep() throws Exception {
    String[] step = {"name", "Photograph both hands", "seconds", "20", "after", "SANITISE"};
    send("add", step);
    send("add", step);
    assertThat(settings.routine().lines().stream().filter(Routine.Line::own)).hasSize(1);
  }

  @Test
  void moreStepsThanAnybodyFindsAgainAreRefusedInWords() throws Exception {
    for (int i = 0; i < 40; i++) {
      formKey = UUID.randomUUID();
      send("add", "name", "Step " + i, "seconds", "20", "after", "SANITISE");
    }
    formKey = UUID.randomUUID();
    send("add", "name", "One more", "seconds", "20", "after", "SANITISE")
        .andExpect(content().string(containsString("room for 40 steps of your own")));
  }

  private List<String> titles(long set) {
    return visits.of(set).plan().left().stream()
        .flatMap(step -> step.singly().stream())
        .map(BenchWords::name)
        .toList();
  }

  @Test
  void whatMayBeMovedIsMovedAndWhatIsFixedSaysWhy() throws Exception {
    send("move", "code", "SHORTEN", "by", "1");
    assertThat(settings.routine().lines().get(3).code()).isEqualTo("FREE_SKIN");
    send("move", "code", "DEHYDRATE", "by", "-1")
        .andExpect(content().string(containsString("follow the primer within five minutes")));
    mvc.perform(get("/salon/steps"))
        .andExpect(content().string(containsString("nobody touches a hand with unclean hands")));
  }

  @Test
  void ownNamesAndOwnStepsReachTheBench() throws Exception {
    send("rename", "code", "DUST", "name", "Dust, twice");
    send("add", "name", "Scan the client’s card", "seconds", "20", "after", "SANITISE");

    assertThat(titles(3)).contains("Dust, twice", "Scan the client’s card");
    String own =
        settings.routine().lines().stream()
            .filter(Routine.Line::own)
            .map(Routine.Line::code)
            .findFirst()
            .orElseThrow();
    send("remove", "code", own);
    assertThat(titles(3)).doesNotContain("Scan the client’s card");
  }

  @Test
  void aStepThatCannotBeIsSaidAndStaysTyped() throws Exception {
    send("add", "name", "Rest", "seconds", "nine", "after", "DUST")
        .andExpect(content().string(containsString("1 to 1800 seconds")))
        .andExpect(content().string(containsString("value=\"nine\"")));
    send("rename", "code", "DUST", "name", "x".repeat(70))
        .andExpect(content().string(containsString("up to 60 letters")));
    assertThat(settings.routine()).isEqualTo(Routine.USUAL);
  }

  @Test
  void aVisitThatHasBegunKeepsItsSteps() throws Exception {
    visits.begin(4);
    send("rename", "code", "DUST", "name", "Sweep");

    assertThat(titles(4)).doesNotContain("Sweep");
    assertThat(titles(3)).contains("Sweep");
  }

  @Test
  void everyNewSetBeginsWithTheHabitsKept() throws Exception {
    visits.choose(6, java.util.Map.of("order", "ONE_AT_A_TIME", "visit", "INFILL"));
    mvc.perform(post("/sets/6/bench/habits").param("finger", "L2").param("look", "PRODUCT"))
        .andExpect(content().string(containsString("Every new set will")));

    assertThat(settings.current().getBench())
        .contains("ONE_AT_A_TIME")
        .contains("\"visit\":\"NEW_SET\"");
  }
}
