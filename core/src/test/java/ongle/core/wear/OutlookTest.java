package ongle.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import ongle.core.ReferenceCase;
import ongle.core.nail.Digit;
import ongle.core.nail.OutOfRange;
import ongle.core.structure.Build;
import ongle.core.structure.FailureMode;
import ongle.core.structure.FingerLoad;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.WearPeriod;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How nails grow, and what that does to a build. */
class OutlookTest {
  private static final WearPeriod FULL = new WearPeriod(1, 2.205, FingerLoad.FULL);

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void theGapOpensTheApexWandersAndTheDayItIsDueIsTheFirstThatAsksForIt(ReferenceCase reference) {
    Build build = reference.build(1.6);
    Outlook outlook = Outlook.of(build, FULL, 0.105);
    assertThat(outlook.on(21).gap()).isCloseTo(2.205, within(1e-9));
    assertThat(outlook.on(21).apexBeforeStressLine())
        .isCloseTo(outlook.on(0).apexBeforeStressLine() - 2.205, within(1e-9));
    assertThat(outlook.on(21).margins().of(FailureMode.BED).value())
        .isCloseTo(
            LoadedNail.of(build, FULL).after(2.205).of(FailureMode.BED).value(), within(0.01));
    int due = outlook.due().day();
    assertThat(asks(outlook.on(due)) || due == Outlook.LOOKED_AHEAD).isTrue();
    for (int day = 0; day < due; day++) {
      assertThat(asks(outlook.on(day))).as("day " + day).isFalse();
    }
    assertThat(outlook.due().cause().isPresent() || outlook.on(due).gap() > Outlook.WIDEST_GAP)
        .isTrue();
  }

  private static boolean asks(Outlook.Day day) {
    return day.gap() > Outlook.WIDEST_GAP
        || day.margins().all().stream().anyMatch(margin -> margin.ofAim() < Outlook.SHARE_OF_AIM);
  }

  @Test
  void measuredRegrowthDrawsTheGrowthTowardsItAndNonsenseDoesNot() {
    double usual = Growth.USUAL.after(Digit.INDEX, 20);
    Growth.Observation faster = new Growth.Observation(Digit.INDEX, 20, 1.2 * usual);
    assertThat(Growth.learned(List.of())).isEqualTo(Growth.USUAL);
    Growth once = Growth.learned(List.of(faster));
    Growth often = Growth.learned(java.util.Collections.nCopies(10, faster));
    assertThat(once.factor()).isBetween(1.0, often.factor());
    assertThat(often.factor()).isCloseTo(1 + 0.2 * often.weight(), within(1e-9));
    assertThat(often.weight()).isCloseTo(10 / 15.0, within(1e-9));
    Growth slip = Growth.learned(List.of(new Growth.Observation(Digit.INDEX, 20, 9 * usual)));
    assertThat(slip.factor()).isEqualTo(1);
    assertThat(often.perDay(Digit.THUMB)).isLessThan(often.perDay(Digit.MIDDLE));
  }

  @Test
  void everyStepOfThePreparationIsWorthSomethingAndNoneIsWorthAll() {
    double before = PrepStep.quality(Set.of());
    assertThat(before).isEqualTo(1);
    for (PrepStep step : PrepStep.values()) {
      assertThat(PrepStep.quality(Set.of(step))).isBetween(0.5, 0.95);
    }
    assertThat(PrepStep.quality(Set.of(PrepStep.values()))).isPositive();
    assertThatThrownBy(() -> new Wearing(2, Set.of(), Growth.USUAL)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Growth(0, 0, 0)).isInstanceOf(IllegalArgumentException.class);
  }
}
