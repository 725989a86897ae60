package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists as they come out of other programs. */
class CsvTextTest {
  private static String width(CsvText text) {
    CSVRecord first = text.records().get(0);
    return text.value(first, "width_mm");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "finger,width_mm\nL1,13.1",
        "finger;width_mm\r\nL1;13.1\r\n",
        "finger\twidth_mm\nL1\t13.1\n",
        "Finger , WIDTH_MM\nL1 , 13.1",
        "\uFEFFfinger,width_mm\nL1,13.1"
      })
  void separatorsLineEndsAndByteOrderMarksDoNotMatter(String typed) {
    CsvText text = CsvText.of(typed);

    assertThat(text.header()).contains("finger", "width_mm");
    assertThat(width(text)).isEqualTo("13.1");
    assertThat(text.lineOf(text.records().get(0))).isEqualTo(2);
  }

  @Test
  void filesAreReadInTheCharactersTheyWereWrittenIn() {
    String typed = "finger,width_mm,note\nL1,13.1,schön\n";

    for (byte[] file :
        new byte[][] {
          typed.getBytes(StandardCharsets.UTF_8), typed.getBytes(StandardCharsets.ISO_8859_1)
        }) {
      CsvText text = CsvText.of(file);
      assertThat(text.value(text.records().get(0), "note")).isEqualTo("schön");
    }
  }

  @Test
  void whatHadToBeGuessedIsSaidAndWhatIsNoTextIsRefused() {
    byte[] western = "finger,note\nL1,schön".getBytes(StandardCharsets.ISO_8859_1);

    assertThat(CsvText.of(western).remark().orElseThrow()).contains("not in UTF-8");
    assertThat(CsvText.of("finger,note\nL1,a").remark()).isEmpty();
    assertThatThrownBy(() -> CsvText.of(new byte[] {'a', 0, 'b', 'c'}))
        .hasMessageContaining("no text file");
  }

  @Test
  void aColumnThatIsNotThereIsBlank() {
    CsvText text = CsvText.of("finger,width_mm\nL1,13.1");

    assertThat(text.value(text.records().get(0), "pitch_deg")).isBlank();
  }
}
