package ongle.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import ongle.core.Nails;
import ongle.core.fitting.TipFit.Seating;
import ongle.core.fitting.TipFit.Verdict;
import ongle.core.fitting.TipSizing.NoFit;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TipSizingTest {
  private static final double RATIO = 0.18;

  private static final TipKit KIT =
      new TipKit(
          "test",
          "test kit",
          NailShape.SQUARE,
          IntStream.range(0, 10).mapToObj(i -> tip(String.valueOf(i), 15.4 - 0.8 * i)).toList());

  private static Tip tip(String number, double width) {
    return new Tip(number, width, RATIO * width, 6, 24, 0.5);
  }

  /** A nail whose arc is the given number of mm shorter than that of a tip of this width. */
  private static Nail nailWithSlack(double tipWidth, double slack) {
    double perMm = new CrossCurve(1, RATIO).arcLength();
    double width = tipWidth - slack / perMm;
    return Nails.of(Finger.L3, width, 12, RATIO * width);
  }

  @Test
  void withinTheWindowItFitsAsItIs() {
    for (double slack : new double[] {-0.15, 0, 0.25}) {
      TipFit fit = TipFit.of(tip("4", 12.2), nailWithSlack(12.2, slack), 8);
      assertThat(fit.slack()).isCloseTo(slack, within(1e-9));
      assertThat(fit.verdict()).isEqualTo(Verdict.FITS);
      assertThat(fit.filePerSide()).isZero();
    }
  }

  @Test
  void aboveTheWindowHalfTheSlackComesOffEachSideUpToEightTenths() {
    assertThat(TipFit.of(tip("4", 12.2), nailWithSlack(12.2, 0.6), 8).filePerSide())
        .isCloseTo(0.3, within(1e-9));
    assertThat(TipFit.of(tip("4", 12.2), nailWithSlack(12.2, 1.6), 8).verdict())
        .isEqualTo(Verdict.FILE);
    assertThat(TipFit.of(tip("4", 12.2), nailWithSlack(12.2, 1.65), 8).verdict())
        .isEqualTo(Verdict.TOO_LARGE);
    assertThat(TipFit.of(tip("4", 12.2), nailWithSlack(12.2, -0.2), 8).verdict())
        .isEqualTo(Verdict.TOO_SMALL);
  }

  @Test
  void takesTheBestFitElseTheSmallestThatCanBeFiled() {
    assertThat(
            TipSizing.of(KIT, nailWithSlack(12.2, 0.1), 8).advised().orElseThrow().tip().number())
        .isEqualTo("4");
    TipFit filed = TipSizing.of(KIT, nailWithSlack(12.2, 0.5), 8).advised().orElseThrow();
    assertThat(filed.tip().number()).isEqualTo("4");
    assertThat(filed.verdict()).isEqualTo(Verdict.FILE);
  }

  @Test
  void saysWhyNoneFits() {
    assertThat(TipSizing.of(KIT, Nails.of(Finger.L1, 17.5, 12, 3), 8).noFit())
        .contains(NoFit.KIT_TOO_SMALL);
    assertThat(TipSizing.of(KIT, Nails.of(Finger.L5, 5.5, 8, 1), 8).noFit())
        .contains(NoFit.KIT_TOO_LARGE);
    TipKit gappy =
        new TipKit("gappy", "gappy", NailShape.SQUARE, List.of(tip("big", 15), tip("small", 8)));
    assertThat(TipSizing.of(gappy, Nails.of(Finger.L2, 11, 12, 2), 8).noFit())
        .contains(NoFit.GAP_IN_KIT);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void aWiderNailNeverGetsASmallerTip(Nail nail) {
    double before = 0;
    for (double width = 6; width < 17; width += 0.07) {
      Nail wider =
          Nails.of(
              nail.finger(), width, nail.plateLength(), width * nail.archDepth() / nail.width());
      TipSizing sizing = TipSizing.of(KIT, wider, 8);
      if (sizing.advised().isPresent()) {
        double tip = sizing.advised().get().tip().width();
        assertThat(tip).isGreaterThanOrEqualTo(before);
        before = tip;
      }
    }
    assertThat(before).isPositive();
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void theOtherHandGetsTheSame(Nail nail) {
    assertThat(TipSizing.of(KIT, nail.mirrored(), 8)).isEqualTo(TipSizing.of(KIT, nail, 8));
  }

  @Test
  void curvatureCountsAsWellAsWidth() {
    Nail flat = Nails.of(Finger.L3, 12.2, 12, 1.0);
    Nail arched = Nails.of(Finger.L3, 12.2, 12, RATIO * 12.2);
    assertThat(TipFit.of(tip("4", 12.2), arched, 8).seating()).isEqualTo(Seating.SEATS);
    assertThat(TipFit.of(tip("4", 12.2), flat, 8).seating()).isEqualTo(Seating.FIGHTS);
  }

  @Test
  void theWellCoversLessThanHalfAndTheBlankIsCutWithAReserve() {
    Nail shortPlate = Nails.of(Finger.L3, 12.2, 8, 2);
    TipFit fit = TipFit.of(tip("4", 12.2), shortPlate, 9);
    assertThat(fit.wellCutBack()).isCloseTo(2, within(1e-9));
    assertThat(fit.cutAt()).isCloseTo(10, within(1e-9));
    assertThat(fit.tooShortBy()).isZero();
    assertThat(TipFit.of(tip("4", 12.2), shortPlate, 26).tooShortBy()).isCloseTo(2.5, within(1e-9));
  }

  @Test
  void aKitWithoutTipsOrWithANumberTwiceIsNone() {
    assertThatThrownBy(() -> new TipKit("x", "x", NailShape.OVAL, List.of()))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () -> new TipKit("x", "x", NailShape.OVAL, List.of(tip("1", 9), tip("1", 10))))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
