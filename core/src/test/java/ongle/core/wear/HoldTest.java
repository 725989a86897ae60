package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** What plates ask of the hold, from how often product came loose. */
class HoldTest {
  @Test
  void nothingKnownIsTheUsual() {
    assertThat(Hold.of(0, 0, 0).mean()).isCloseTo(1, within(1e-9));
  }

  @Test
  void asOftenAsUsualStaysTheUsualAndMoreOftenAsksMoreButNeverLeaps() {
    assertThat(Hold.of(8, 1000, 250).mean()).isCloseTo(1, within(0.001));
    double often = Hold.of(30, 1000, 250).mean();
    assertThat(often).isBetween(1.1, 1.2);
    assertThat(Hold.of(5, 15, 10).mean()).isBetween(1.1, 1.2);
    assertThat(Hold.of(0, 1000, 250).mean()).isBetween(0.75, 0.9);
  }

  @Test
  void theBandHoldsEightOfTen() {
    Random random = new Random(5);
    int within = 0;
    for (int i = 0; i < 2000; i++) {
      // A rate from the prior, and as many events as it gives in 400 nail-weeks.
      double rate = (Math.log(random.nextDouble()) + Math.log(random.nextDouble())) / -2;
      double time = 0;
      int loose = -1;
      while (time < 400) {
        time -= Math.log(random.nextDouble()) / (Hold.USUAL_A_WEEK * rate);
        loose++;
      }
      Hold hold = Hold.of(loose, 400, 100);
      double asks = Math.pow(rate, 1 / 8.0);
      within += asks > hold.low() && asks < hold.high() ? 1 : 0;
    }
    assertThat(within / 2000.0).isCloseTo(0.8, within(0.03));
  }
}
