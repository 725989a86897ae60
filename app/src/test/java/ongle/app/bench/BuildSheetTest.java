package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import ongle.app.SalonTest;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.Step;
import ongle.core.nail.Finger;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@SalonTest
class BuildSheetTest {
  @Autowired private MockMvc mvc;
  @Autowired private BenchDesk bench;

  private record Paper(int pages, String text) {}

  private Paper paper(String path) throws Exception {
    byte[] pdf = mvc.perform(get(path)).andReturn().getResponse().getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new Paper(
          document.getNumberOfPages(),
          new PDFTextStripper().getText(document).replaceAll("\\s+", " "));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9})
  void tenCardsFitOnOnePage(long set) throws Exception {
    Paper cards = paper("/sets/" + set + "/cards.pdf");

    assertThat(cards.pages()).isEqualTo(1);
    for (Finger finger : Finger.values()) {
      assertThat(cards.text()).contains(Words.of(finger));
    }
  }

  @Test
  void theBuildSheetHasEveryStepItsTimeAndEveryCautionOnce() throws Exception {
    Paper sheet = paper("/sets/2/build-sheet.pdf");

    assertThat(sheet.text()).contains("Marta Vellbrook", "AP-2217", "0:00 both hands");
    for (Step step : bench.visit(2).plan().steps()) {
      assertThat(sheet.text()).contains(BenchWords.name(step));
    }
    String caution = "No product on skin: wipe it off before it sets.";
    assertThat(sheet.text()).containsOnlyOnce(caution);
    assertThat(sheet.text()).containsPattern("Ø \\d\\.\\d mm free edge");
  }
}
