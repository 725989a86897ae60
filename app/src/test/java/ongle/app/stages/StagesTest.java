package ongle.app.stages;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.planning.SetReader;
import ongle.core.nail.Finger;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What the stages answer, page by page and edit by edit, over the demo salon. */
@SalonTest
class StagesTest {
  /** Sets of the demo: 1 Zofia, 2 Marta, 3 Pia, 4 Ruth, 5 Odile, 6 Ines, 7 Hanne, 8 Bel. */
  private static final int SETS = 8;

  @Autowired private SetReader reader;
  @Autowired MockMvc mvc;

  private MockHttpServletResponse ask(MockHttpServletRequestBuilder request) throws Exception {
    return mvc.perform(request).andReturn().getResponse();
  }

  private String page(String path) throws Exception {
    return new Pages(mvc).page(path);
  }

  private String change(String path, String... parameters) throws Exception {
    MockHttpServletRequestBuilder request = post(path);
    for (int i = 0; i < parameters.length; i += 2) {
      request.param(parameters[i], parameters[i + 1]);
    }
    MockHttpServletResponse response = ask(request);
    assertThat(response.getStatus()).as(path).isLessThan(400);
    return response.getContentAsString(StandardCharsets.UTF_8);
  }

  private static String first(String pattern, String text) {
    Matcher matcher = Pattern.compile(pattern).matcher(text);
    assertThat(matcher.find()).as(pattern).isTrue();
    return matcher.group(1);
  }

  @ParameterizedTest
  @ValueSource(strings = {"measure", "fit", "shape", "structure", "sheet"})
  void everyStageOfEveryDemoSetIsThereForEveryFinger(String stage) throws Exception {
    for (int set = 1; set <= SETS; set++) {
      for (String finger : new String[] {"L1", "R5"}) {
        assertThat(page("/sets/" + set + "/" + stage + "?finger=" + finger))
            .contains("The ten nails")
            .doesNotContain("NaN")
            .doesNotContain("Infinity")
            .doesNotContain(" style=");
      }
    }
  }

  @Test
  void aMeasureAnswersWithItsCellTheStripAndTheEstimatesItMoves() throws Exception {
    String answer = change("/sets/4/measure/L3/WIDTH", "value", "11,1", "seen", "");
    assertThat(answer)
        .contains("value=\"11.1\"")
        .containsPattern("id=\"strip\"[^>]*hx-swap-oob=\"morph\"")
        .contains("Saved");
    assertThat(answer).contains("id=\"estimate-L5-WIDTH\"");
    assertThat(answer).doesNotContain("id=\"estimate-L5-LEAN\"");
    change("/sets/4/measure/L3/WIDTH", "value", "", "seen", "11.1");
  }

  @Test
  void tryingAHandleStoresNothing() throws Exception {
    String before = page("/sets/3/structure?finger=L4");
    String tried = page("/sets/3/structure/L4/try?APEX_THICKNESS=1.9&APEX_POSITION=60");
    assertThat(tried).contains("apex 1.90 mm thick").contains("Thicker than it needs to be");
    assertThat(page("/sets/3/structure?finger=L4")).isEqualTo(before);
  }

  @Test
  void aHandlePulledPastItsRangeIsHeldToIt() throws Exception {
    assertThat(page("/sets/3/structure/L4/try?BARREL_DEPTH=480"))
        .contains("C-curve 50 % of the width");
    assertThat(page("/sets/3/structure/L4/try?APEX_THICKNESS=-7")).contains("apex 0.30 mm thick");
  }

  @Test
  void aHandleLetGoOfDoesNotOverwriteWhatAnotherWindowSet() throws Exception {
    change("/sets/3/structure/L5/EDGE_THICKNESS", "value", "0.5", "seen", "");
    String answer =
        change("/sets/3/structure/L5/handle", "EDGE_THICKNESS", "0.8", "seen-EDGE_THICKNESS", "");
    assertThat(answer).contains("Changed to 0.50 in another window").contains("Not saved");
    assertThat(page("/sets/3/structure?finger=L5")).contains("value=\"0.50\"");
    change("/sets/3/structure/L5/computed");
    assertThat(page("/sets/3/structure?finger=L5")).doesNotContain("value=\"0.50\"");
  }

  @Test
  void tooThinAnApexIsSaidSoWithTheOneThatWouldCarry() throws Exception {
    assertThat(page("/sets/1/structure/R3/try?APEX_THICKNESS=0.80"))
        .contains("Not advised as planned: too weak from the first day. Weakest point: the product")
        .contains("Too thin: ");
    change("/sets/1/shape", "length", "24");
    assertThat(page("/sets/1/structure?finger=L5")).contains("Shortened from 24.0 mm to");
    change("/sets/1/shape", "length", "14");
  }

  @Test
  void anotherWayToGiveTheLengthKeepsTheSetAsLong() throws Exception {
    String before = first("extension ([0-9.]+) mm", page("/sets/6/structure?finger=R3"));
    for (String mode : new String[] {"PLATE_SHARE", "MILLIMETRES", "COVER_FINGERTIP"}) {
      change("/sets/6/shape", "mode", mode);
      double now =
          Double.parseDouble(first("extension ([0-9.]+) mm", page("/sets/6/structure?finger=R3")));
      assertThat(now)
          .as(mode)
          .isCloseTo(Double.parseDouble(before), org.assertj.core.api.Assertions.within(0.11));
    }
  }

  @Test
  void anUnknownShapeIsTurnedAwayAndChangesNothing() throws Exception {
    assertThat(ask(post("/sets/6/shape").param("shape", "BANANA")).getStatus()).isEqualTo(400);
    assertThat(page("/sets/6/shape")).contains("round, ");
  }

  @Test
  void aSoreFingerIsStoppedOnEveryStage() throws Exception {
    change("/sets/8/measure/R2/look", "skin", "SORE");
    for (String stage : new String[] {"measure", "fit", "shape", "structure", "sheet"}) {
      assertThat(page("/sets/8/" + stage + "?finger=R2"))
          .contains("doctor or pharmacist")
          .contains("<b>stop</b>");
    }
    assertThat(page("/sets/8/structure?finger=R2"))
        .contains("left alone today")
        .doesNotContain("handle-apex");
    assertThat(page("/sets/8/sheet")).contains("do not build today");
    change("/sets/8/measure/R2/look", "skin", "INTACT");
  }

  @Test
  void theBittenHandIsBuiltPastTheFingertipAndSaidSo() throws Exception {
    assertThat(page("/sets/2/structure")).contains("extension 3.6 mm");
    change("/sets/2/shape", "mode", "MILLIMETRES");
    change("/sets/2/shape", "length", "1");
    assertThat(page("/sets/2/shape")).contains("all ten: lengthened to cover the bitten fingertip");
    change("/sets/2/shape", "mode", "COVER_FINGERTIP");
    change("/sets/2/shape", "length", "0.5");
  }

  @Test
  void wideFlatAndDroopingHandsGetTheirOwnAnswers() throws Exception {
    assertThat(page("/sets/5/fit?finger=R1"))
        .containsPattern("Form \\w: cut the mouth [0-9.]+ mm deeper")
        .contains("relief cuts");
    assertThat(page("/sets/3/fit?finger=R3")).contains("Set it 7° up against the plate");
    assertThat(page("/sets/6/fit?finger=R4")).contains("Turn it 6° towards the thumb");
    assertThat(page("/sets/2/fit?finger=R3")).contains("Free-hand, 3.6 mm past the stress line");
    assertThat(page("/sets/3/structure?finger=R3")).contains("Form on this plate").contains("7°");
  }

  @Test
  void anotherWayIsTakenByHandAndGivenBack() throws Exception {
    assertThat(change("/sets/8/fit/R3/way", "way", "OVERLAY")).contains("Overlay on the natural");
    assertThat(page("/sets/8/shape")).contains("as long as this method goes");
    assertThat(change("/sets/8/fit/R3/way")).doesNotContain("Overlay on the natural nail");
    assertThat(ask(post("/sets/8/fit/R3/way").param("way", "MAGIC")).getStatus()).isEqualTo(400);
  }

  @Test
  void aHandThatHoldsTacksKeepsTheNailsShortAndSaysSo() throws Exception {
    String page = page("/sets/6/shape");
    assertThat(page)
        .contains("as long as this hand’s work allows")
        .contains("so that twins and neighbours look alike");
    assertThat(change("/sets/6/shape/does", "hand", "LEFT", "activity", "ORDINARY"))
        .doesNotContain("work allows");
    change("/sets/6/shape/does", "hand", "LEFT", "activity", "TOOLS");
    // Pulling at a nail that is held back changes nothing.
    String length = first("id=\"length\"[^>]* value=\"([0-9.]+)\"", page("/sets/6/shape"));
    change("/sets/6/shape/handle", "handle", "handle-length-L3", "EXTENSION", "9");
    assertThat(first("id=\"length\"[^>]* value=\"([0-9.]+)\"", page("/sets/6/shape")))
        .isEqualTo(length);
  }

  @Test
  void oneNailPulledLongerTakesTheOthersAlong() throws Exception {
    String held = page("/sets/5/shape/try?finger=R3&handle=handle-length-R3&EXTENSION=7.4");
    assertThat(held).contains("value=\"7.4\"");
    assertThat(page("/sets/5/shape")).contains("value=\"5.0\"");
    change("/sets/5/shape/handle", "handle", "handle-length-R3", "EXTENSION", "7.4");
    assertThat(page("/sets/5/structure?finger=L2")).contains("extension 7.4 mm");
    change("/sets/5/shape/handle", "handle", "nonsense", "EXTENSION", "99");
    assertThat(page("/sets/5/shape")).contains("value=\"7.4\"");
    change("/sets/5/shape", "length", "5");
  }

  @Test
  void templatesPrintAtTrueSize() throws Exception {
    byte[] pdf = ask(get("/sets/3/fit/templates.pdf")).getContentAsByteArray();
    double width = reader.planned(3).of(Finger.R1).fit().template().width();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      List<Double> widths = PaperLines.widthsMm(document.getPage(0));
      // The ruler, and the outer edge of the thumb's template: its arc and 6 mm on both sides.
      assertThat(widths).anyMatch(mm -> Math.abs(mm - 50) < 0.2);
      assertThat(widths).anyMatch(mm -> Math.abs(mm - (width + 12)) < 0.2);
    }
    String svg = ask(get("/sets/3/fit/R1/template.svg")).getContentAsString();
    assertThat(svg).startsWith("<svg").contains("mm\"").doesNotContain("class=\"template");
  }

  @Test
  void everySheetIsOnePageWithAllTenFingers() throws Exception {
    for (int set = 1; set <= SETS; set++) {
      byte[] pdf = ask(get("/sets/" + set + "/sheet.pdf")).getContentAsByteArray();
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertThat(document.getNumberOfPages()).as("set " + set).isEqualTo(1);
        assertThat(document.getPage(0).getMediaBox().getWidth()).isBetween(595f, 596f);
        assertThat(new PDFTextStripper().getText(document))
            .contains("right thumb", "left little", "local rules")
            .doesNotContain("NaN");
      }
    }
  }

  @Test
  void aSetNotYetMeasuredOpensWhereTheWorkGoesOn() throws Exception {
    assertThat(ask(get("/sets/4")).getRedirectedUrl()).isEqualTo("/sets/4/measure");
    assertThat(ask(get("/sets/1")).getRedirectedUrl()).isEqualTo("/sets/1/structure");
  }

  @Test
  void measuresComeInFromAFileAfterTheyWereShown() throws Exception {
    String text = "finger,width_mm,plate\nL1,13.1,thin\nL2,99,\nL3,11.0,";
    String shown = change("/sets/4/measures/read", "text", text);
    assertThat(shown).contains("2</span> <span>fingers").contains("Line 3");
    assertThat(page("/sets/4/measure")).doesNotContain("value=\"13.1\"");
    change("/sets/4/measures/read/save", "text", text);
    assertThat(page("/sets/4/measure")).contains("value=\"13.1\"");
    assertThat(page("/sets/4/measure/L1/WIDTH/how")).contains("from a file");
    assertThat(page("/sets/4/measures.csv")).contains("L1,13.1,");
    change("/sets/4/measure/L1/WIDTH", "value", "", "seen", "13.1");
    change("/sets/4/measure/L3/WIDTH", "value", "", "seen", "11.0");
    change("/sets/4/look/L1", "plate", "true");
  }

  @Test
  void theSalonsSchoolsAreWhatANewSetBeginsWith() throws Exception {
    assertThat(change("/salon", "tipsOrForms", "FORMS", "lengthMode", "PLATE_SHARE"))
        .contains("Saved");
    String begun =
        ask(post("/clients/9/sets").param("formKey", java.util.UUID.randomUUID().toString()))
            .getRedirectedUrl();
    String set = begun.replace("/look", "");
    assertThat(page(set + "/shape")).contains("50 % of the plate");
    assertThat(page(set + "/set.json")).contains("\"tipsOrForms\":\"forms\"");
    change("/salon", "tipsOrForms", "TIPS", "lengthMode", "COVER_FINGERTIP");
    assertThat(page(set + "/shape")).contains("50 % of the plate");
    assertThat(ask(post("/salon").param("apex", "SOMEWHERE")).getStatus()).isEqualTo(400);
  }

  @Test
  void aPictureIsOnlyMarkedWhereThereIsOneAndWithKnownMarks() throws Exception {
    assertThat(ask(get("/sets/4/photo/LEFT.jpg")).getStatus()).isEqualTo(404);
    assertThat(
            ask(post("/sets/4/photo/LEFT/mark")
                    .param("name", "CARD1")
                    .param("x", "1")
                    .param("y", "1"))
                .getStatus())
        .isEqualTo(404);
    change("/sets/4/photo/camera", "hand", "LEFT");
    assertThat(change("/sets/4/photo/LEFT/mark", "name", "CARD1", "x", "-5", "y", "99999"))
        .contains("data-x=\"0.0\"")
        .contains("data-y=\"2400.0\"");
    assertThat(
            ask(post("/sets/4/photo/LEFT/mark")
                    .param("name", "R3_EDGE")
                    .param("x", "1")
                    .param("y", "1"))
                .getStatus())
        .isEqualTo(404);
    assertThat(
            ask(post("/sets/4/photo/LEFT/mark")
                    .param("name", "CARD2")
                    .param("x", "NaN")
                    .param("y", "1"))
                .getStatus())
        .isEqualTo(400);
    change("/sets/4/photo/LEFT/forget");
    assertThat(ask(get("/sets/4/photo/LEFT.jpg")).getStatus()).isEqualTo(404);
  }
}
