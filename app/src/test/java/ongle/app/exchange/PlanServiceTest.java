package ongle.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import ongle.app.SalonTest;
import ongle.core.structure.FailureMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@SalonTest
class PlanServiceTest {
  private static final Path DOCS = Path.of("..", "docs", "plan-service");

  @Autowired MockMvc mvc;
  @Autowired JsonMapper json;
  @Autowired ongle.app.planning.SetReader reader;
  @Autowired ongle.app.visits.VisitPlanner visits;

  private static String example() throws IOException {
    return Files.readString(DOCS.resolve("example-set.json"));
  }

  private MockHttpServletResponse plan(String body) throws Exception {
    return mvc.perform(post("/api/plan").contentType("application/json").content(body))
        .andReturn()
        .getResponse();
  }

  private static Schema schema(String name) throws IOException {
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
        .getSchema(Files.readString(DOCS.resolve(name)));
  }

  @Test
  void theExampleIsValidAndItsAnswerTooAndNamesEveryNail() throws Exception {
    assertThat(schema("set.schema.json").validate(example(), InputFormat.JSON)).isEmpty();
    MockHttpServletResponse response = plan(example());
    assertThat(response.getStatus()).isEqualTo(200);
    assertThat(schema("plan.schema.json").validate(response.getContentAsString(), InputFormat.JSON))
        .isEmpty();
    JsonNode answer = json.readTree(response.getContentAsString());
    assertThat(answer.get("nails")).hasSize(10);
    JsonNode thumb = answer.get("nails").get(0);
    assertThat(thumb.get("finger").stringValue()).isEqualTo("L1");
    assertThat(thumb.get("structure").get("apexThicknessMm").doubleValue()).isBetween(0.5, 2.2);
    assertThat(thumb.get("tip").get("verdict").stringValue()).isIn("fits", "file");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"widthMm\": 14.4 | \"widthMm\": -3 | nails[0].widthMm | 3.0 to 25.0 mm",
        "\"widthMm\": 14.4 | \"widthMm\": 1e9 | nails[0].widthMm | 3.0 to 25.0 mm",
        "\"widthMm\": 14.4 | \"widthMm\": \"NaN\" | nails[0].widthMm | 3.0 to 25.0 mm",
        "\"widthMm\": 14.4, | '' | nails[0].widthMm | 3.0 to 25.0 mm",
        "\"archDepthMm\": 2.4 | \"archDepthMm\": 9.9 | nails[0].archDepthMm | 0.0 to 10.0 mm",
        "\"finger\": \"L1\" | \"finger\": \"L6\" | nails[0].finger | one of L1, L2",
        "\"finger\": \"L2\" | \"finger\": \"L1\" | nails[1].finger | each once",
        "\"shape\": \"almond\" | \"shape\": \"banana\" | style.shape | one of square",
        "\"value\": 8 | \"value\": 80 | length.value | 0.0 to 40.0 mm",
        "\"product\": \"poly-gel\" | \"product\": \"toffee\" | product | one of acrylic",
        "\"kit\": \"lindenbox\" | \"kit\": \"nobodys\" | kit | one of lindenbox",
        "\"condition\": \"thin\" | \"condition\": \"purple\" | nails[3].condition | or a list, each one of bitten",
        "\"skin\": \"intact\" | \"hue\": 3 | nails[0].hue | an object with"
      })
  void whatIsWrongIsNamedWithItsFieldAndWhatIsAllowed(
      String right, String wrong, String field, String allowed) throws Exception {
    String body = example();
    assertThat(body).contains(right);
    MockHttpServletResponse response =
        plan(body.replaceFirst(java.util.regex.Pattern.quote(right), wrong));
    assertThat(response.getStatus()).isEqualTo(400);
    assertThat(response.getContentType()).startsWith("application/problem+json");
    JsonNode fields = json.readTree(response.getContentAsString()).get("fields");
    assertThat(fields.findValuesAsString("field")).contains(field);
    assertThat(fields.findValuesAsString("allowed")).anyMatch(text -> text.contains(allowed));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "NaN",
        "'{\"nails\": [{\"widthMm\": NaN}]}'",
        "''",
        "[]",
        "null",
        "{}",
        "'{\"nails\": 7}'",
        "not json"
      })
  void whatIsNoSetFileIsAProblemNotAnError(String body) throws Exception {
    MockHttpServletResponse response = plan(body);
    assertThat(response.getStatus()).isEqualTo(400);
    assertThat(response.getContentAsString())
        .doesNotContain("Exception")
        .doesNotContain("at ongle");
  }

  @Test
  void tenMegabytesAreTurnedAway() throws Exception {
    assertThat(plan(" ".repeat(10_000_000) + example()).getStatus()).isEqualTo(413);
  }

  @Test
  void anySetComesOutAsASetFileThatGivesTheSamePlan() throws Exception {
    String file =
        mvc.perform(get("/sets/1/set.json")).andReturn().getResponse().getContentAsString();
    assertThat(schema("set.schema.json").validate(file, InputFormat.JSON)).isEmpty();
    JsonNode answer = json.readTree(plan(file).getContentAsString());
    ongle.core.plan.SetPlan own = reader.planned(1).plan();
    for (int i = 0; i < 10; i++) {
      JsonNode nail = answer.get("nails").get(i);
      ongle.core.plan.NailPlan expected = own.nails().get(i);
      assertThat(nail.get("finger").stringValue()).isEqualTo(expected.nail().finger().name());
      assertThat(nail.get("extensionMm").doubleValue())
          .isCloseTo(expected.extension(), within(1e-4));
      assertThat(nail.get("structure").get("apexThicknessMm").doubleValue())
          .isCloseTo(expected.build().profile().apexThickness(), within(1e-3));
      assertThat(nail.get("margins").get("lastDay").get("bed").doubleValue())
          .isCloseTo(expected.endurance().last().of(FailureMode.BED).value(), within(1e-2));
      assertThat(nail.get("margins").get("holds").booleanValue())
          .isEqualTo(expected.endurance().holds());
      assertThat(nail.get("volume").get("appliedMm3").doubleValue())
          .isCloseTo(expected.appliedVolume(), within(0.1));
    }
    assertThat(answer.get("set").get("weakestFinger").stringValue())
        .isEqualTo(own.weakest().orElseThrow().nail().finger().name());
  }

  @Test
  void aKitOfOnesOwnIsTakenAndJudged() throws Exception {
    String own =
        """
        {"code": "mine", "outline": "square", "tips": [
          {"number": "A", "widthMm": 11.9, "depthMm": 2.2, "wellLengthMm": 5, "freeLengthMm": 20, "thicknessMm": 0.5},
          {"number": "B", "widthMm": 9.1, "depthMm": 1.9, "wellLengthMm": 5, "freeLengthMm": 3, "thicknessMm": 0.5}]}
        """;
    String body =
        example().replace("\"lindenbox\"", own).replace("\"tip\": \"4\"", "\"tip\": \"A\"");
    assertThat(schema("set.schema.json").validate(body, InputFormat.JSON)).isEmpty();
    JsonNode nails = json.readTree(plan(body).getContentAsString()).get("nails");
    assertThat(nails.get(7).get("tip").get("number").stringValue()).isEqualTo("A");
    assertThat(nails.get(9).get("tip").get("number").stringValue()).isEqualTo("B");
    assertThat(nails.get(9).get("tip").get("tooShortByMm").doubleValue()).isPositive();
    assertThat(nails.get(0).get("tip").isNull()).isTrue();
    assertThat(nails.get(0).get("noTipAdvice").stringValue()).contains("form");
    String twice = body.replace("\"number\": \"B\"", "\"number\": \"A\"");
    assertThat(plan(twice).getStatus()).isEqualTo(400);
  }

  @Test
  void aSoreFingerComesBackStoppedAndAnOverlayWithItsMargins() throws Exception {
    JsonNode stopped =
        json.readTree(plan(example().replaceFirst("intact", "sore")).getContentAsString())
            .get("nails")
            .get(0);
    assertThat(stopped.get("stopped").booleanValue()).isTrue();
    assertThat(stopped.has("structure")).isFalse();
    JsonNode overlay =
        json.readTree(plan(example().replace("\"value\": 8", "\"value\": 0")).getContentAsString());
    JsonNode margins = overlay.get("nails").get(0).get("margins");
    assertThat(margins.get("firstDay").get("crack").doubleValue()).isPositive();
    assertThat(overlay.get("nails").get(0).get("pinching")).isEmpty();
  }

  @Test
  void aProductOfOnesOwnBuildsWithItsOwnFiguresAndIsRefusedWithoutStiffness() throws Exception {
    String own =
        """
        {"label": "test paste", "modulusMPa": %s, "strengthMPa": 60, "densityGPerCm3": 1.1, "shrinkage": 0.05}""";
    String given = "\"product\": \"poly-gel\"";
    assertThat(example()).contains(given);
    String stiff = example().replace(given, "\"product\": " + own.formatted("3000"));
    String soft = example().replace(given, "\"product\": " + own.formatted("400"));
    assertThat(schema("set.schema.json").validate(stiff, InputFormat.JSON)).isEmpty();
    assertThat(deepest(stiff)).isGreaterThan(deepest(soft));
    String without = example().replace(given, "\"product\": " + own.formatted("0"));
    MockHttpServletResponse refused = plan(without);
    assertThat(refused.getStatus()).isEqualTo(400);
    assertThat(refused.getContentAsString()).contains("product.modulusMPa", "50.0 to 20000.0");
  }

  /** Stiffness at the first nail's tip. */
  private double deepest(String file) throws Exception {
    JsonNode nail = json.readTree(plan(file).getContentAsString()).get("nails").get(0);
    return nail.get("margins").get("firstDay").get("tipStiffnessNPerMm").doubleValue();
  }

  @Test
  void whatItHasToLastThroughCountsAndNonsenseThereIsNamed() throws Exception {
    String wear = "\"wear\": {\"wearDays\": %s, \"skippedPreparation\": [%s]}, \"nails\":";
    JsonNode poor =
        json.readTree(
                plan(example().replace("\"nails\":", wear.formatted("42", "\"shine\"")))
                    .getContentAsString())
            .get("nails")
            .get(0);
    assertThat(poor.get("margins").get("prepQuality").doubleValue()).isEqualTo(0.75);
    assertThat(poor.get("margins").get("lastDay").get("growthMm").doubleValue()).isGreaterThan(3.5);
    MockHttpServletResponse refused =
        plan(example().replace("\"nails\":", wear.formatted("4", "\"rain\"")));
    assertThat(refused.getStatus()).isEqualTo(400);
    assertThat(refused.getContentAsString())
        .contains("wear.wearDays", "wear.skippedPreparation", "dehydrate");
  }

  @Test
  void aLengthByHandIsKeptAndWhatWouldHelpIsSaid() throws Exception {
    ObjectNode file = (ObjectNode) json.readTree(example());
    file.remove("wearer"); // what this hand does would keep it short
    ObjectNode nail = (ObjectNode) file.get("nails").get(4);
    nail.set("byHand", json.readTree("{\"extensionMm\": 30, \"sideThicknessMm\": 0.3}"));
    JsonNode planned =
        json.readTree(plan(file.toString()).getContentAsString()).get("nails").get(4);
    assertThat(planned.get("extensionMm").doubleValue()).isEqualTo(30);
    assertThat(planned.get("length").get("decidedBy").stringValue()).isEqualTo("by-hand");
    assertThat(planned.get("margins").get("holds").booleanValue()).isFalse();
    assertThat(planned.get("remedies")).isNotEmpty();
    assertThat(planned.get("schools")).hasSize(5);
    assertThat(planned.get("outlook").get("weeks")).hasSize(10);
  }

  @Test
  void theAppointmentComesWithThePlan() throws Exception {
    JsonNode bench = json.readTree(plan(example()).getContentAsString()).get("bench");
    JsonNode schedule = bench.get("schedule");

    assertThat(bench.get("refusals")).isEmpty();
    assertThat(bench.get("nails")).hasSize(10);
    assertThat(schedule.get("slots")).hasSize(bench.get("steps").size());
    assertThat(schedule.get("lowerBoundS").intValue())
        .isLessThanOrEqualTo(schedule.get("makespanS").intValue());
    JsonNode thumb = bench.get("nails").get(0);
    double area = Math.PI * 9 / 4;
    assertThat(thumb.get("strip").get("lengthMm").doubleValue())
        .isCloseTo(thumb.get("doses").get(0).get("volumeMm3").doubleValue() / area, within(1e-3));
    assertThat(bench.get("amounts").findValuesAsString("material"))
        .contains("poly-gel", "colour", "top-coat", "primer");
  }

  @Test
  void whatHappenedToAWornNailComesBackWithItsCauses() throws Exception {
    String file =
        mvc.perform(get("/sets/8/set.json")).andReturn().getResponse().getContentAsString();
    assertThat(schema("set.schema.json").validate(file, InputFormat.JSON)).isEmpty();
    String answer = plan(file).getContentAsString();
    assertThat(schema("plan.schema.json").validate(answer, InputFormat.JSON)).isEmpty();
    JsonNode knocked = json.readTree(answer).get("causes").get(1);
    assertThat(knocked.get("finger").stringValue()).isEqualTo("L3");
    assertThat(knocked.get("kind").stringValue()).isEqualTo("crack");
    assertThat(knocked.get("causes").get(0).get("cause").stringValue()).isEqualTo("knock");
    assertThat(knocked.get("foretold").doubleValue()).isBetween(0.5, 1.0);

    ObjectNode wrong = (ObjectNode) json.readTree(file);
    ObjectNode nail = (ObjectNode) wrong.get("nails").get(0);
    nail.set(
        "worn",
        json.readTree(
            "[{\"kind\": \"chip\", \"place\": \"free-edge\", \"day\": 3, \"wholeDay\": 9}]"));
    assertThat(plan(wrong.toString()).getStatus()).isEqualTo(400);
    nail.set("worn", json.readTree("[{\"kind\": \"melted\", \"place\": \"join\", \"day\": 3}]"));
    assertThat(plan(wrong.toString()).getContentAsString()).contains("pop-off");
  }

  @Test
  void whatHandsAndPlatesAskChangesThePlan() throws Exception {
    ObjectNode file = (ObjectNode) json.readTree(example());
    ObjectNode wear = json.createObjectNode();
    file.set("wear", wear);
    JsonNode usual = json.readTree(plan(file.toString()).getContentAsString());
    wear.put("platesFactor", 1.25);
    JsonNode plates = json.readTree(plan(file.toString()).getContentAsString());
    assertThat(firstDay(plates, "lift")).isCloseTo(firstDay(usual, "lift") / 1.25, within(0.02));
    assertThat(firstDay(plates, "bed")).isCloseTo(firstDay(usual, "bed"), within(0.001));
    wear.put("loadFactor", 1.25);
    JsonNode both = json.readTree(plan(file.toString()).getContentAsString());
    assertThat(firstDay(both, "bed")).isCloseTo(firstDay(usual, "bed") / 1.25, within(0.02));
  }

  private static double firstDay(JsonNode plan, String margin) {
    return plan.get("nails").get(2).get("margins").get("firstDay").get(margin).doubleValue();
  }

  @Test
  void everyDemoSetsAppointmentIsTheSameThroughTheService() throws Exception {
    for (long set : new long[] {1, 3, 5}) {
      String file =
          mvc.perform(get("/sets/{id}/set.json", set))
              .andReturn()
              .getResponse()
              .getContentAsString();
      String answer = plan(file).getContentAsString();
      assertThat(schema("set.schema.json").validate(file, InputFormat.JSON)).isEmpty();
      assertThat(schema("plan.schema.json").validate(answer, InputFormat.JSON)).isEmpty();
      ongle.core.bench.BenchPlan own = visits.of(set).plan();
      JsonNode bench = json.readTree(answer).get("bench");
      assertThat(
              bench.get("steps").valueStream().map(step -> step.get("id").stringValue()).toList())
          .isEqualTo(own.steps().stream().map(ongle.core.bench.Step::id).toList());
      assertThat(bench.get("schedule").get("makespanS").intValue())
          .isEqualTo(own.schedule().makespan());
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"seconds\": 10 | \"seconds\": 0 | bench.lamp.programmes[0].seconds | 1 to 300",
        "\"measuredMwPerCm2\": 34 | \"measuredMwPerCm2\": -1 | bench.lamp.measuredMwPerCm2 | 400",
        "365, | 36, | bench.lamp.wavelengthsNm[0] | 300 to 500",
        "\"roomC\": 21 | \"roomC\": 50 | bench.roomC | 12.0 to 35.0",
        "\"colour\": \"pale\" | \"colour\": \"loud\" | bench.colour | one of clear",
        "\"roomC\": 21 | \"routine\": [{\"step\": \"oil\"}] | bench.routine | order",
        "\"nozzleMm\": 3 | \"nozle\": 3 | bench.nozle | an object with"
      })
  void whatIsWrongAtTheBenchIsNamed(String right, String wrong, String field, String allowed)
      throws Exception {
    whatIsWrongIsNamedWithItsFieldAndWhatIsAllowed(right, wrong, field, allowed);
  }

  @Test
  void aLampThatCannotCureGivesRefusalsAndNoSteps() throws Exception {
    String answer =
        plan(example().replaceFirst("\\[\\s*365,\\s*405\\s*\\]", "[450]")).getContentAsString();
    JsonNode bench = json.readTree(answer).get("bench");

    assertThat(bench.get("refusals").get(0).stringValue()).contains("450");
    assertThat(bench.get("steps")).isEmpty();
    assertThat(bench.get("schedule").isNull()).isTrue();
  }

  @Test
  void aFingerOfItsOwnProductAndALampOfItsOwnComeThrough() throws Exception {
    ObjectNode file = (ObjectNode) json.readTree(example());
    ((ObjectNode) file.get("nails").get(1))
        .set("byHand", json.readTree("{\"product\": \"acrylic\"}"));
    ((ObjectNode) file.get("nails").get(2))
        .put("regrowthMm", 2.5)
        .put("earlierProduct", "poly-gel");
    ((ObjectNode) file.get("bench")).put("visit", "infill");
    assertThat(schema("set.schema.json").validate(file.toString(), InputFormat.JSON)).isEmpty();
    JsonNode nails =
        json.readTree(plan(file.toString()).getContentAsString()).get("bench").get("nails");

    assertThat(nails.get(1).get("product").stringValue()).isEqualTo("acrylic");
    assertThat(nails.get(1).get("powderG").doubleValue()).isPositive();
    assertThat(nails.get(2).get("infill").get("gapMm").doubleValue()).isEqualTo(2.5);
    assertThat(nails.get(2).get("infill").get("apexFromMm").doubleValue())
        .isCloseTo(nails.get(2).get("infill").get("apexToMm").doubleValue() + 2.5, within(1e-4));
  }

  @Test
  void aFingersJobComesThroughAndTheRestIsLeftAlone() throws Exception {
    ObjectNode file = (ObjectNode) json.readTree(example());
    ((ObjectNode) file.get("bench")).put("visit", "some-nails");
    ((ObjectNode) file.get("nails").get(2)).put("job", "polish");
    assertThat(schema("set.schema.json").validate(file.toString(), InputFormat.JSON)).isEmpty();
    JsonNode steps =
        json.readTree(plan(file.toString()).getContentAsString()).get("bench").get("steps");

    assertThat(steps.findValuesAsString("kind")).contains("top").doesNotContain("piece");
    steps.forEach(
        step ->
            assertThat(step.get("fingers").valueStream().map(JsonNode::stringValue))
                .containsExactly("L3"));
  }
}
