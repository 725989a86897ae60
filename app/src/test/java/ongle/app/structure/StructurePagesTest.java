package ongle.app.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.history.SetHistory;
import ongle.app.planning.SetReader;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.NailPlan;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.FailureMode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.w3c.dom.Document;

/** The way back, the views and the files of the workbench, on the demo's set 5. */
@SalonTest
class StructurePagesTest {
  private static final long SET = 5;
  private static final String AT = "/sets/5/structure";

  @Autowired private MockMvc mvc;
  @Autowired private SetReader reader;
  @Autowired private SetEditor editor;
  @Autowired private SetHistory history;

  @AfterEach
  void backToTheBeginning() {
    while (standing().undo().isPresent()) {
      history.undo(SET);
    }
  }

  private SetHistory.Standing standing() {
    return history.standing(reader.planned(SET).set());
  }

  private MockHttpServletResponse ask(MockHttpServletRequestBuilder request) throws Exception {
    return mvc.perform(request).andReturn().getResponse();
  }

  private String text(MockHttpServletRequestBuilder request) throws Exception {
    MockHttpServletResponse response = ask(request);
    assertThat(response.getStatus()).isEqualTo(200);
    return response.getContentAsString(StandardCharsets.UTF_8);
  }

  private NailPlan plan(Finger finger) {
    return reader.planned(SET).of(finger);
  }

  @Test
  void everyChoiceIsTakenBackStepByStepAndDoneAgain() throws Exception {
    double before = plan(Finger.R2).build().profile().apexThickness();
    text(post(AT + "/R2/APEX_THICKNESS").param("value", "1.7"));
    editor.make(SET, Change.apex(ApexSchool.STRESS_LINE));
    assertThat(standing().undo().orElseThrow()).contains("stress line");
    history.undo(SET);
    assertThat(plan(Finger.R2).build().profile().apexThickness()).isEqualTo(1.7);
    assertThat(standing().redo()).isPresent();
    history.undo(SET);
    assertThat(plan(Finger.R2).build().profile().apexThickness()).isEqualTo(before);
    assertThat(standing().undo()).as("the beginning").isEmpty();
    history.undo(SET);
    history.redo(SET);
    assertThat(plan(Finger.R2).build().profile().apexThickness()).isEqualTo(1.7);
    text(post(AT + "/R3/APEX_THICKNESS").param("value", "1.2"));
    assertThat(standing().redo()).as("another way was taken").isEmpty();
  }

  @Test
  void measuringAndWhatChangesNothingAreNoSteps() throws Exception {
    text(
        post(AT + "/school")
            .param("school", reader.planned(SET).set().choices().apex().name())
            .param("finger", "R2"));
    assertThat(standing().undo()).isEmpty();
    String width =
        reader.planned(SET).set().nail(Finger.R2).value(Quantity.WIDTH).orElseThrow().toString();
    text(post("/sets/5/measure/R2/WIDTH").param("value", "11.9").param("seen", width));
    assertThat(standing().undo()).isEmpty();
    text(post("/sets/5/measure/R2/WIDTH").param("value", width).param("seen", "11.9"));
  }

  @Test
  void aVersionIsComparedReturnedToAndThatTakenBack() throws Exception {
    text(post(AT + "/R2/APEX_THICKNESS").param("value", "1.9"));
    String kept = text(post(AT + "/R2/versions").param("name", "  thick "));
    assertThat(kept).contains("<b>thick</b>");
    long version = standing().versions().get(0).getId();
    history.undo(SET);
    assertThat(text(get(AT + "/R2/show").param("ghost", "version-" + version)))
        .contains("class=\"ghost\"");
    text(post(AT + "/R2/versions/" + version));
    assertThat(plan(Finger.R2).build().profile().apexThickness()).isEqualTo(1.9);
    assertThat(standing().undo().orElseThrow()).contains("back to thick");
    text(post(AT + "/R2/versions").param("name", "thick"));
    assertThat(standing().versions()).as("replaced, not doubled").hasSize(1);
    assertThat(ask(post(AT + "/R2/versions/999")).getStatus()).isEqualTo(404);
    assertThat(ask(post("/sets/4/structure/R2/versions/" + version)).getStatus())
        .as("another set's")
        .isEqualTo(404);
    assertThat(text(post(AT + "/R2/versions").param("name", " "))).contains("Give it a name");
    assertThat(text(get(AT + "/R2/show").param("ghost", "version-999")))
        .doesNotContain("\"ghost\"");
  }

  @Test
  void aRemedyIsDoneByItsCodeAndAStaleOneRefused() throws Exception {
    String weak = text(post(AT + "/R4/EXTENSION").param("value", "25"));
    assertThat(weak).contains("Not advised as planned").contains("What would help");
    Matcher first = Pattern.compile("what&quot;:&quot;([^&]+)&quot;").matcher(weak);
    assertThat(first.find()).isTrue();
    assertThat(text(post(AT + "/R4/remedy/0").param("what", "shorten-9990")))
        .contains("Not saved")
        .contains("Not advised as planned");
    assertThat(text(post(AT + "/R4/remedy/0").param("what", first.group(1))))
        .contains("Saved")
        .contains("Holds 21 days");
    assertThat(plan(Finger.R4).endurance().holds()).isTrue();
  }

  @Test
  void aNailWithALengthOfItsOwnIsPulledAlongAgainInShape() throws Exception {
    text(post(AT + "/R2/EXTENSION").param("value", "3"));
    assertThat(plan(Finger.R2).extension()).isEqualTo(3);
    text(
        post("/sets/5/shape/handle").param("handle", "handle-length-R2").param("EXTENSION", "4.0"));
    assertThat(plan(Finger.R2).extension()).isCloseTo(4, within(0.2));
    assertThat(reader.planned(SET).set().nail(Finger.R2).value(Quantity.EXTENSION)).isEmpty();
  }

  @Test
  void skippedPreparationAndALongerIntervalCost() throws Exception {
    double full = plan(Finger.R2).endurance().of(FailureMode.LIFT).value();
    double bed = plan(Finger.R2).endurance().last().of(FailureMode.BED).value();
    text(
        post(AT + "/wear")
            .param("days", "35")
            .param("done", "CUTICLE", "DUST", "DEHYDRATE", "PRIMER")
            .param("finger", "R2"));
    NailPlan plan = plan(Finger.R2);
    assertThat(plan.endurance().of(FailureMode.LIFT).value())
        .isCloseTo(0.75 * full, within(0.05 * full));
    assertThat(plan.endurance().last().of(FailureMode.BED).value()).isLessThan(bed);
    assertThat(
            text(
                post(AT + "/wear")
                    .param("days", "400")
                    .param("done", "SHINE")
                    .param("finger", "R2")))
        .contains("Type a number from 5 to 42")
        .contains("value=\"400\"");
  }

  @ParameterizedTest
  @CsvSource({
    "nail, over the stress line",
    "schools, Where the apex sits",
    "barrel, Never pinch the natural nail",
    "ten, Copy the structure",
    "weeks, Infill due",
    "round, Cut lengthwise"
  })
  void everyViewOfEveryFingerOfEverySetIsThere(String look, String says) throws Exception {
    for (int set : new int[] {1, 2, 4, 7}) {
      for (String finger : new String[] {"L2", "R5"}) {
        String page =
            Pages.withoutToken(
                text(get("/sets/" + set + "/structure?finger=" + finger + "&look=" + look)));
        assertThat(page).doesNotContain("NaN").doesNotContain("Infinity").doesNotContain(" style=");
        assertThat(page)
            .containsAnyOf(
                says,
                "This finger is left alone today",
                "gives the C-curve",
                "own curve",
                "Never pinch");
      }
    }
  }

  @Test
  void whatIsNotThereIsNotFound() throws Exception {
    assertThat(ask(get(AT + "?look=sideways")).getStatus()).isEqualTo(404);
    editor.make(SET, Change.skin(Finger.R1, SkinState.SORE));
    assertThat(ask(get(AT + "/R1/mesh.json")).getStatus()).as("left alone").isEqualTo(404);
    assertThat(text(get(AT + "?finger=R1"))).contains("This finger is left alone today");
    editor.make(SET, Change.skin(Finger.R1, SkinState.INTACT));
    assertThat(text(get(AT + "/R2/show").param("look", "weeks").param("day", "5000")))
        .contains("day 63");
  }

  @Test
  void theStlIsAsLongAsTheNailAndAsManyTrianglesAsItSays() throws Exception {
    byte[] stl = ask(get(AT + "/R2/nail.stl")).getContentAsByteArray();
    ByteBuffer in = ByteBuffer.wrap(stl).order(ByteOrder.LITTLE_ENDIAN);
    in.position(80);
    int triangles = in.getInt();
    assertThat(stl.length).isEqualTo(84 + 50 * triangles);
    float longest = 0;
    for (int t = 0; t < triangles; t++) {
      float normal = 0;
      for (int axis = 0; axis < 3; axis++) {
        float along = in.getFloat();
        normal += along * along;
      }
      assertThat(normal).isCloseTo(1, within(1e-3f));
      for (int corner = 0; corner < 3; corner++) {
        longest = Math.max(longest, in.getFloat());
        in.getFloat();
        in.getFloat();
      }
      in.getShort();
    }
    assertThat((double) longest)
        .isCloseTo(plan(Finger.R2).build().profile().length(), within(0.15));
  }

  @Test
  void the3mfIsAZipWithAModelInMillimetres() throws Exception {
    Map<String, byte[]> parts = new HashMap<>();
    try (ZipInputStream zip =
        new ZipInputStream(
            new ByteArrayInputStream(ask(get(AT + "/R2/nail.3mf")).getContentAsByteArray()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        parts.put(entry.getName(), zip.readAllBytes());
      }
    }
    assertThat(parts).containsOnlyKeys("[Content_Types].xml", "_rels/.rels", "3D/3dmodel.model");
    Document model =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(parts.get("3D/3dmodel.model")));
    assertThat(model.getDocumentElement().getAttribute("unit")).isEqualTo("millimeter");
    int vertices = model.getElementsByTagName("vertex").getLength();
    int triangles = model.getElementsByTagName("triangle").getLength();
    assertThat(triangles).as("a closed surface without holes").isEqualTo(2 * vertices - 4);
  }

  @Test
  void theGuideCirclesArePrintedOnOnePage() throws Exception {
    MockHttpServletResponse pdf = ask(get(AT + "/guides.pdf"));
    assertThat(pdf.getStatus()).isEqualTo(200);
    try (var document = org.apache.pdfbox.Loader.loadPDF(pdf.getContentAsByteArray())) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
    }
  }
}
