package ongle.app.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import ongle.app.SalonTest;
import ongle.app.editing.SetEditor;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.Numbers;
import ongle.core.check.AsBuilt;
import ongle.core.check.Look;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Measuring what was built, from the field to the next visit. */
@SalonTest
class CheckTest {
  private static final long SET = 6;

  @Autowired private MockMvc mvc;
  @Autowired private Checks checks;
  @Autowired private VisitPlanner visits;
  @Autowired private SetEditor sets;

  @AfterEach
  void asItWas() {
    checks.again(SET);
  }

  private NailPlan plan(Finger finger) {
    return visits.of(SET).planned().of(finger);
  }

  private double planned(Finger finger, Quantity quantity) {
    return AsBuilt.planned(plan(finger), quantity);
  }

  private ResultActions type(Finger finger, Quantity quantity, String value) throws Exception {
    return mvc.perform(
            post("/sets/" + SET + "/check/" + finger + "/" + quantity)
                .param("value", value)
                .param("seen", ""))
        .andExpect(status().isOk());
  }

  private ResultActions type(Finger finger, Quantity quantity, double more) throws Exception {
    return type(finger, quantity, Numbers.format(quantity, planned(finger, quantity) + more));
  }

  @Test
  void whatIsOffIsSaidWithWhereAndHowMuchInTheOrderOfFiling() throws Exception {
    type(Finger.L2, Quantity.BUILT_EDGE, 0.12);
    type(Finger.L2, Quantity.BUILT_LENGTH, 0.8)
        .andExpect(content().string(containsString("0.8 mm too long: file the free edge back.")))
        .andExpect(content().string(containsString("Free edge 0.12 mm too thick")))
        .andExpect(content().string(containsString("infill due on day")));
    String look =
        mvc.perform(get("/sets/" + SET + "/check/L2/look"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(look.indexOf("too long")).isBetween(1, look.indexOf("too thick"));
    mvc.perform(get("/sets/" + SET + "/check"))
        .andExpect(content().string(containsString("left index stands out of the ten")))
        .andExpect(content().string(not(containsString("close the set"))));
  }

  @Test
  void nonsenseIsRefusedBesideItsFieldAndAnotherNailIsAskedAbout() throws Exception {
    type(Finger.L3, Quantity.BUILT_APEX, "-1")
        .andExpect(content().string(containsString("to 4.00 mm")))
        .andExpect(content().string(containsString("value=\"-1\"")));
    type(Finger.L3, Quantity.BUILT_LENGTH, 11.0)
        .andExpect(content().string(containsString("another nail?")));
  }

  @Test
  void whatIsNotMeasuredOfABuiltNailHasNoFieldHere() throws Exception {
    mvc.perform(post("/sets/" + SET + "/check/R3/PLATE_LENGTH").param("value", "12"))
        .andExpect(status().isNotFound());
  }

  @Test
  void twoDesksMeasuringOneNailAreToldOfEachOther() throws Exception {
    type(Finger.L4, Quantity.BUILT_BARREL, "2.1");
    type(Finger.L4, Quantity.BUILT_BARREL, "2.6")
        .andExpect(content().string(containsString("data-keep=\"theirs\"")));
  }

  @Test
  void tenGoodNailsCloseTheSetAndAreWhatTheNextVisitFinds() throws Exception {
    for (Finger finger : Finger.values()) {
      type(finger, Quantity.BUILT_APEX, 0.08);
    }
    mvc.perform(get("/sets/" + SET + "/check"))
        .andExpect(content().string(containsString("The ten are good: close the set")));
    mvc.perform(post("/sets/" + SET + "/check/good")).andExpect(status().is3xxRedirection());
    mvc.perform(get("/sets/" + SET + "/check"))
        .andExpect(content().string(containsString("Closed as good, 1")));
    assertThat(checks.close(SET)).isTrue();
    assertThat(checks.rounds(SET)).hasSize(1);

    long client = visits.of(SET).planned().client().getId();
    long next = sets.begin(UUID.randomUUID(), client, LocalDateTime.of(2026, 4, 1, 10, 0)).getId();
    assertThat(visits.of(next).planned().of(Finger.R2).seen().old().measured().orElseThrow())
        .isCloseTo(planned(Finger.R2, Quantity.BUILT_APEX) + 0.08, within(0.006));
  }

  @Test
  void aNailThatIsNotGoodKeepsTheSetOpenAndMeasuringAgainKeepsTheRound() throws Exception {
    type(Finger.R2, Quantity.BUILT_APEX, 0.4)
        .andExpect(content().string(containsString("too thick at the apex")));
    assertThat(checks.close(SET)).isFalse();
    int before = checks.rounds(SET).size();
    mvc.perform(post("/sets/" + SET + "/check/again")).andExpect(status().is3xxRedirection());
    assertThat(checks.rounds(SET)).hasSize(before + 1);
    assertThat(checks.rounds(SET).get(before).measured()).contains("BUILT_APEX");
    mvc.perform(get("/sets/" + SET + "/check"))
        .andExpect(content().string(containsString("Measured before")));
    assertThat(checks.of(visits.of(SET).planned()).of(Finger.R2).orElseThrow().seen()).isFalse();
  }

  @Test
  void byEyeTheTenAreGoodInOnePressALookAndOneNailToFileKeepsThemOpen() throws Exception {
    for (Look look : Look.of(visits.of(SET).planned().plan().wish().shape())) {
      mvc.perform(post("/sets/" + SET + "/check/looks/" + look).param("found", "PASS"))
          .andExpect(status().isOk());
    }
    mvc.perform(get("/sets/" + SET + "/check/looks"))
        .andExpect(content().string(containsString("The ten are good")))
        .andExpect(content().string(containsString("no dip, no beak")));
    mvc.perform(
            post("/sets/" + SET + "/check/looks/HAIRLINE")
                .param("finger", "L2")
                .param("found", "FILE"))
        .andExpect(content().string(not(containsString("The ten are good"))));
    assertThat(checks.close(SET)).isFalse();
    checks.again(SET);
    List<CheckRound> rounds = checks.rounds(SET);
    assertThat(rounds.get(rounds.size() - 1).looks()).contains("HAIRLINE");
    assertThat(checks.found(SET)).isEmpty();
  }

  private ResultActions circle(Finger finger, String diameter) throws Exception {
    return mvc.perform(
            post("/sets/" + SET + "/check/" + finger + "/circle").param("diameter", diameter))
        .andExpect(status().isOk());
  }

  @Test
  void theGuideCircleThatFitsGivesTheBarrel() throws Exception {
    CrossCurve barrel = plan(Finger.R3).build().fullBarrel();
    circle(Finger.R3, Numbers.plain(2 * barrel.radius(), 2));
    assertThat(checks.of(visits.of(SET).planned()).of(Finger.R3).orElseThrow().built().measured())
        .hasEntrySatisfying(
            Quantity.BUILT_BARREL,
            depth -> assertThat(depth).isCloseTo(barrel.depth(), within(0.06)));
    circle(Finger.R2, "3").andExpect(content().string(containsString("next larger one")));
    circle(Finger.R2, "round")
        .andExpect(content().string(containsString("diameter of the circle")));
    assertThat(checks.of(visits.of(SET).planned()).of(Finger.R2).orElseThrow().seen()).isFalse();
  }

  @Test
  void measuresComeBackFromTheFileTheyWentOutTo() throws Exception {
    type(Finger.R4, Quantity.BUILT_LENGTH, 0.7);
    String csv =
        mvc.perform(get("/sets/" + SET + "/check/built.csv"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    type(Finger.R4, Quantity.BUILT_LENGTH, 0.0);
    checks.again(SET);
    String bad = csv + "R4,built_length,millimetre,,9,\nR9,built_apex,,,1,\nL1,built_apex,,,-4,\n";
    mvc.perform(post("/sets/" + SET + "/check/read").param("text", bad))
        .andExpect(content().string(containsString("1 nail can be taken, 3 lines cannot")))
        .andExpect(content().string(containsString("stands there twice")));
    mvc.perform(post("/sets/" + SET + "/check/read/save").param("text", bad))
        .andExpect(status().is3xxRedirection());
    assertThat(visits.of(SET).planned().set().nail(Finger.R4).value(Quantity.BUILT_LENGTH))
        .hasValueSatisfying(
            length ->
                assertThat(length)
                    .isCloseTo(planned(Finger.R4, Quantity.BUILT_LENGTH) + 0.7, within(0.06)));
    mvc.perform(post("/sets/" + SET + "/check/read").param("text", "finger,measure\nR4,x"))
        .andExpect(content().string(containsString("built")));
  }

  @Test
  void aSalonThatLetsMorePassIsNotToldOfIt() throws Exception {
    type(Finger.R5, Quantity.BUILT_LENGTH, 0.5)
        .andExpect(content().string(containsString("too long")));
    mvc.perform(post("/salon/figures").param("tolerance-LENGTH", "0.8")).andExpect(status().isOk());
    mvc.perform(get("/sets/" + SET + "/check?finger=R5"))
        .andExpect(content().string(not(containsString("too long"))));
    mvc.perform(post("/salon/figures").param("tolerance-LENGTH", "90"))
        .andExpect(content().string(containsString("value=\"90\"")));
    mvc.perform(post("/salon/figures").param("tolerance-LENGTH", "0.3")).andExpect(status().isOk());
  }

  @Test
  void whatIsBuiltIsSeenByTheClientOnPaperAndInTheWeeksAhead() throws Exception {
    type(Finger.R3, Quantity.BUILT_LENGTH, 1.4);
    type(Finger.R3, Quantity.BUILT_APEX, 0.3);
    byte[] planned = picture("planned");
    assertThat(picture("built")).isNotEqualTo(planned);
    mvc.perform(get("/sets/" + SET + "/check/eye"))
        .andExpect(content().string(containsString(" file")));
    mvc.perform(get("/sets/" + SET + "/sheet"))
        .andExpect(content().string(containsString("As built:")));
    mvc.perform(get("/sets/" + SET + "/bench/guide/record"))
        .andExpect(content().string(containsString("R3 ")));
    mvc.perform(get("/sets/" + SET + "/structure?look=weeks&finger=R3"))
        .andExpect(content().string(containsString("what the check measured")));
    mvc.perform(get("/sets/" + SET + "/structure?look=weeks&finger=R2"))
        .andExpect(content().string(not(containsString("what the check measured"))));
  }

  private byte[] picture(String way) throws Exception {
    byte[] png =
        mvc.perform(get("/sets/" + SET + "/check/eye/" + way + ".png"))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertThat(ImageIO.read(new ByteArrayInputStream(png)).getWidth()).isEqualTo(1300);
    return png;
  }

  @Test
  void whatWasMeasuredTravelsInTheSetFileAndThePlanServiceChecksIt() throws Exception {
    type(Finger.R4, Quantity.BUILT_LENGTH, 0.7);
    mvc.perform(get("/sets/" + SET + "/check/built.csv"))
        .andExpect(content().string(containsString("R4,built_length,millimetre,")));
    String file =
        mvc.perform(get("/sets/" + SET + "/set.json"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(file).contains("\"asBuilt\"", "\"builtLengthMm\"");
    mvc.perform(post("/api/plan").contentType(MediaType.APPLICATION_JSON).content(file))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.check[0].finger").value("R4"))
        .andExpect(jsonPath("$.check[0].verdict").value("file"))
        .andExpect(jsonPath("$.check[0].faults[0].kind").value("too-long"))
        .andExpect(jsonPath("$.check[0].faults[0].by").value(closeTo(0.7, 0.06)));
  }
}
