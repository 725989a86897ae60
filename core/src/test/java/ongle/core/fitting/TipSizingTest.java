package ongle.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import ongle.core.Nails;
import ongle.core.fitting.TipFit.Seating;
import ongle.core.fitting.TipFit.Verdict;
import ongle.core.fitting.TipSizing.NoFit;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
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

  private static TipSizing sizing(TipKit kit, Nail nail) {
    return TipSizing.of(kit, nail, new Outline(NailShape.SQUARE, nail.width(), 8));
  }

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
    assertThat(sizing(KIT, nailWithSlack(12.2, 0.1)).advised().orElseThrow().number())
        .isEqualTo("4");
    TipFit filed = sizing(KIT, nailWithSlack(12.2, 0.5)).advised().orElseThrow().fit();
    assertThat(filed.tip().number()).isEqualTo("4");
    assertThat(filed.verdict()).isEqualTo(Verdict.FILE);
  }

  @Test
  void saysWhyNoneFits() {
    assertThat(sizing(KIT, Nails.of(Finger.L1, 17.5, 12, 3)).noFit()).contains(NoFit.KIT_TOO_SMALL);
    assertThat(sizing(KIT, Nails.of(Finger.L5, 5.5, 8, 1)).noFit()).contains(NoFit.KIT_TOO_LARGE);
    TipKit gappy =
        new TipKit("gappy", "gappy", NailShape.SQUARE, List.of(tip("big", 15), tip("small", 8)));
    assertThat(sizing(gappy, Nails.of(Finger.L2, 11, 12, 2)).noFit()).contains(NoFit.GAP_IN_KIT);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void aWiderNailNeverGetsASmallerTip(Nail nail) {
    double before = 0;
    for (double width = 6; width < 17; width += 0.07) {
      Nail wider =
          Nails.of(
              nail.finger(), width, nail.plateLength(), width * nail.archDepth() / nail.width());
      TipSizing sizing = sizing(KIT, wider);
      if (sizing.advised().isPresent()) {
        double tip = sizing.advised().get().fit().tip().width();
        assertThat(tip).isGreaterThanOrEqualTo(before);
        before = tip;
      }
    }
    assertThat(before).isPositive();
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void theOtherHandGetsTheSame(Nail nail) {
    assertThat(sizing(KIT, nail.mirrored())).isEqualTo(sizing(KIT, nail));
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

  @Test
  void aSizeThatIsUsedUpGivesWayToTheNextOneFiledDown() {
    Nail nail = nailWithSlack(12.2, 0.1);
    String fits = sizing(KIT, nail).advised().orElseThrow().number();
    TipKit without =
        new TipKit("test", "test kit", KIT.outline(), KIT.tips(), new Stock(Map.of(fits, 0)));
    TipPick next = sizing(without, nail).advised().orElseThrow();
    assertThat(next.number()).isNotEqualTo(fits);
    assertThat(next.fit().verdict()).isEqualTo(TipFit.Verdict.FILE);

    TipKit empty =
        new TipKit("one", "one", KIT.outline(), List.of(tip("1", 12.2)), new Stock(Map.of("1", 0)));
    assertThat(sizing(empty, nail).noFit()).contains(NoFit.USED_UP);
  }

  @Test
  void aTaperedBlankIsBareOnASquareAndSparesFilingOnATaperedSquare() {
    Nail nail = Nails.plain();
    Tip tip = tip("1", nail.width());
    Outline square = new Outline(NailShape.SQUARE, nail.width(), 8);
    Outline tapered = new Outline(NailShape.TAPERED_SQUARE, nail.width(), 8);
    assertThat(Blank.of(NailShape.TAPERED_SQUARE, tip, nail, square).covers()).isFalse();
    Blank right = Blank.of(NailShape.TAPERED_SQUARE, tip, nail, tapered);
    Blank wide = Blank.of(NailShape.SQUARE, tip, nail, tapered);
    assertThat(right.covers()).isTrue();
    assertThat(right.toFile()).isLessThan(0.5).isLessThan(wide.toFile());
    // Two triangles of 8 mm by 8·tan 3.5°, and two corners rounded by a twentieth of the width.
    double corners = 2 * (1 - Math.PI / 4) * Math.pow(0.05 * nail.width(), 2);
    assertThat(wide.toFile())
        .isCloseTo(8 * 8 * Math.tan(Math.toRadians(3.5)) + corners, within(0.03));
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void whatSuitsIsTakenBeforeWhatDoesNotWhateverTheOrderOfTheKits(Nail nail) {
    TipKit flat =
        new TipKit(
            "flat", "flat", NailShape.SQUARE, List.of(new Tip("f", nail.width(), 0, 5, 24, .5)));
    List<TipSizing> tried = List.of(sizing(flat, nail), sizing(KIT, nail));
    List<TipSizing> ranked = TipSizing.ranked(tried);
    assertThat(ranked).isEqualTo(TipSizing.ranked(List.of(tried.get(1), tried.get(0))));
    assertThat(ranked.get(0).suits()).isEqualTo(tried.stream().anyMatch(TipSizing::suits));
  }
}
