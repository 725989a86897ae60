package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import ongle.core.nail.Digit;
import ongle.core.structure.FingerLoad;
import org.junit.jupiter.api.Test;

/** What a set has to last through: preparation and plates for the hold, hands for the load. */
class WearingTest {
  private static Wearing of(double load, double plates, PrepStep... skipped) {
    return new Wearing(21, Set.of(skipped), Growth.USUAL, load, plates);
  }

  @Test
  void preparationAndPlatesTogetherMakeTheHold() {
    assertThat(Wearing.USUAL.hold()).isEqualTo(1);
    assertThat(of(1, 1, PrepStep.PRIMER).hold()).isCloseTo(0.8, within(1e-9));
    assertThat(of(1, 1.25).hold()).isCloseTo(0.8, within(1e-9));
    assertThat(of(1, 1.25, PrepStep.PRIMER).hold()).isCloseTo(0.64, within(1e-9));
    assertThat(of(1, 0.8).hold()).isGreaterThan(1);
  }

  @Test
  void whatIsLearnedStaysWhenTheIntervalOrThePreparationChanges() {
    Wearing hard = of(1.3, 1.1, PrepStep.SHINE);
    assertThat(hard.withDays(14).load()).isEqualTo(1.3);
    assertThat(hard.withDays(14).plates()).isEqualTo(1.1);
    assertThat(hard.fullyPrepared().plates()).isEqualTo(1.1);
    assertThat(hard.fullyPrepared().hold()).isGreaterThan(hard.hold());
  }

  @Test
  void aTermBearsBoth() {
    assertThat(of(1.3, 1.1).term(Digit.INDEX, FingerLoad.FULL).hold())
        .isCloseTo(1 / 1.1, within(1e-9));
    assertThat(of(1.3, 1).term(Digit.INDEX, FingerLoad.FULL).load())
        .isEqualTo(FingerLoad.FULL.times(1.3));
  }

  @Test
  void whatAsksNothingOrEverythingIsRefused() {
    assertThatThrownBy(() -> of(0, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(1, -1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(1, Double.POSITIVE_INFINITY))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
