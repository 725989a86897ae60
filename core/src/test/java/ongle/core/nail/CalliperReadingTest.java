package ongle.core.nail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CalliperReadingTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"11.82 mm|11.82", "11,82mm|11.82", "  9 MM |9", "0.00 mm|0", "12.3|12.3"})
  void aLengthIsTaken(String sent, double millimetres) {
    assertThat(CalliperReading.of(sent))
        .asInstanceOf(InstanceOfAssertFactories.type(CalliperReading.Length.class))
        .satisfies(read -> assertThat(read.millimetres()).isCloseTo(millimetres, within(1e-9)));
  }

  @Test
  void inchesAreNamedNotConverted() {
    assertThat(CalliperReading.of("0.465 in"))
        .asInstanceOf(InstanceOfAssertFactories.type(CalliperReading.Unusable.class))
        .satisfies(
            read ->
                assertThat(((CalliperReading.Trouble.Inches) read.trouble()).millimetres())
                    .isCloseTo(11.811, within(1e-3)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"-0.40 mm", "", "1e9", "NaN mm", "##.#", "11.8 11.9 mm", "99999 mm"})
  void whatCannotBeIsNamed(String sent) {
    assertThat(CalliperReading.of(sent)).isInstanceOf(CalliperReading.Unusable.class);
    assertThat(CalliperReading.of(sent).raw()).isEqualTo(sent.strip());
  }
}
