package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Bands as tables of them have it. */
class RateTest {
  @Test
  void bandsAreAsInTheTables() {
    Rate half = Rate.share(5, 10);
    assertThat(half.low()).isCloseTo(0.237, within(0.002));
    assertThat(half.high()).isCloseTo(0.763, within(0.002));
    Rate none = Rate.share(0, 20);
    assertThat(none.low()).isZero();
    assertThat(none.high()).isCloseTo(0.161, within(0.002));
    Rate ten = Rate.over(10, 1);
    assertThat(ten.low()).isCloseTo(4.80, within(0.05));
    assertThat(ten.high()).isCloseTo(18.39, within(0.05));
    assertThat(Rate.over(0, 1).high()).isCloseTo(3.69, within(0.1));
  }

  @Test
  void littleCountedClaimsNothing() {
    Rate bad = Rate.over(30, 100);
    Rate usual = Rate.over(20, 1000);
    assertThat(bad.surelyAbove(usual)).isTrue();
    assertThat(Rate.over(5, 10).surelyAbove(usual)).isFalse();
    assertThat(Rate.share(0, 0).few()).isTrue();
    assertThat(Rate.over(3, 0).value()).isZero();
  }
}
