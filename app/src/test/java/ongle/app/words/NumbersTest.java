package ongle.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumbersTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "11,4;11.4",
        "11.4;11.4",
        " 11.4 mm ;11.4",
        "11.4mm;11.4",
        "-6;-6",
        "\u22126;-6",
        "+3;3",
        "7.;7"
      })
  void commaPointUnitAndEitherMinusAreTaken(String typed, double value) {
    assertThat(Numbers.parse(typed, Quantity.WIDTH)).contains(value);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "abc",
        "1e9",
        "NaN",
        "Infinity",
        "1.2.3",
        "1,2,3",
        "0x1F",
        "11.4 cm",
        "99999999",
        "--4",
        "١١"
      })
  void whatIsNoPlainNumberIsNone(String typed) {
    assertThat(Numbers.parse(typed, Quantity.WIDTH)).isEmpty();
  }

  @Test
  void thePointMayBeLeftOutWhereNothingElseIsMeant() {
    assertThat(Numbers.parse("114", Quantity.WIDTH)).contains(11.4);
    assertThat(Numbers.parse("91", Quantity.WIDTH)).contains(9.1);
    assertThat(Numbers.parse("21", Quantity.ARCH_DEPTH)).contains(2.1);
    assertThat(Numbers.parse(".5", Quantity.FREE_EDGE)).contains(0.5);
    // What can be meant as typed, is; and what would be nothing without a point either, stays.
    assertThat(Numbers.parse("12", Quantity.WIDTH)).contains(12.0);
    assertThat(Numbers.parse("114.0", Quantity.WIDTH)).contains(114.0);
    assertThat(Numbers.parse("999", Quantity.WIDTH)).contains(999.0);
    assertThat(Numbers.parse("90", Quantity.GROWTH_PITCH)).contains(90.0);
  }

  @Test
  void everyQuantityIsShownWithItsOwnDecimalsAndUnit() {
    assertThat(Numbers.withUnit(Quantity.WIDTH, 11)).isEqualTo("11.0 mm");
    assertThat(Numbers.withUnit(Quantity.APEX_THICKNESS, 1.126)).isEqualTo("1.13 mm");
    assertThat(Numbers.withUnit(Quantity.GROWTH_PITCH, -0.2)).isEqualTo("0°");
    assertThat(Numbers.range(Quantity.WIDTH)).isEqualTo("3.0 to 25.0 mm");
  }
}
