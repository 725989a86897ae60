package ongle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Arrays;
import java.util.Set;
import ongle.core.Nails;
import ongle.core.ReferenceCase;
import ongle.core.nail.Nail;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The beam against closed forms, the margins against the reference, and laws that must hold. */
class LoadedNailTest {
  private static final double DAY_21 = 21 * 0.105;
  private static final WearPeriod THREE_WEEKS = new WearPeriod(1, DAY_21, FingerLoad.FULL);

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void marginsAgreeWithTheReferenceOnTheFirstAndTheLastDay(ReferenceCase reference) {
    LoadedNail nail =
        LoadedNail.of(
            reference.build(reference.expect().get("usedApexThickness").doubleValue()),
            THREE_WEEKS);
    agrees(nail.after(0), reference.expect().get("day0"));
    agrees(nail.after(DAY_21), reference.expect().get("day21"));
  }

  private static void agrees(Margins margins, JsonNode expected) {
    for (FailureMode cause : FailureMode.values()) {
      JsonNode value = expected.get(cause.name().toLowerCase());
      if (value == null || value.isNull()) {
        assertThat(margins.of(cause).value()).as("no pull, no limit").isInfinite();
      } else {
        assertThat(margins.of(cause).value())
            .as(cause.name())
            .isCloseTo(value.doubleValue(), withPercentage(2));
      }
    }
    assertThat(margins.of(FailureMode.CRACK).at())
        .isCloseTo(expected.get("crackAt").doubleValue(), within(0.1));
    assertThat(margins.tipStiffness())
        .isCloseTo(expected.get("tipStiffness").doubleValue(), withPercentage(2));
  }

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void theApexAgreesWithTheReference(ReferenceCase reference) {
    ApexSolver.Apex apex =
        ApexSolver.thinnest(
            reference::build, reference.apexAt(), 0.8, 2.2, THREE_WEEKS, Set.of(FailureMode.CRACK));
    assertThat(apex.thickness())
        .isCloseTo(reference.expect().get("usedApexThickness").doubleValue(), withPercentage(2));
    assertThat(apex.holds()).isEqualTo(!reference.expect().get("apexThickness").isNull());
  }

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void aCoarseMeshFindsTheSameMargins(ReferenceCase reference) {
    Build build = reference.build(1.4);
    Endurance close = Endurance.of(build, THREE_WEEKS);
    Endurance rough = Endurance.roughly(build, THREE_WEEKS);
    for (FailureMode cause : FailureMode.values()) {
      if (close.of(cause).value() < 20) {
        assertThat(rough.of(cause).value())
            .as(cause.name())
            .isCloseTo(close.of(cause).value(), withPercentage(1));
      }
    }
  }

  @Test
  void anEvenBeamHeldStifflyIsTheTextbookCantilever() {
    double stiffness = 900;
    double free = 10;
    BeamOnBed.Bent bent = even(20, free, stiffness).bent(1e11, 0, 10, 1);
    assertThat(bent.atEnd()).isCloseTo(free * free * free / (3 * stiffness), withPercentage(1.5));
    assertThat(Math.abs(bent.moment(100, 0))).isCloseTo(10, withPercentage(0.1));
    assertThat(Math.abs(bent.moment(150, 0))).isCloseTo(5, withPercentage(0.1));
  }

  @Test
  void aLongBeamOnItsBedIsTheTextbookHalfInfiniteOne() {
    double stiffness = 900;
    double bed = 11;
    double lambda = Math.pow(bed / (4 * stiffness), 0.25);
    BeamOnBed beam = even(80, 0, stiffness);
    BeamOnBed.Bent bent = beam.bent(bed, 0, 80, 1);
    assertThat(bent.atEnd()).isCloseTo(2 * lambda / bed, withPercentage(0.01));
    double inside = 2 / lambda;
    assertThat(bent.deflectionAt(80 - inside))
        .isCloseTo(2 * lambda / bed * Math.exp(-2) * Math.cos(2), withPercentage(0.1));
  }

  @Test
  void aBedEndingWithinAnElementIsNoCoarserThanOneEndingAtANode() {
    double[] fine = nodes(0, 20, 200);
    double[] coarse = nodes(0, 20, 20);
    double[] stiff = new double[3 * 200];
    Arrays.fill(stiff, 900);
    double[] stiffCoarse = Arrays.copyOf(stiff, 60);
    double atNode = new BeamOnBed(fine, stiff).bent(11, 0, 9.3, 1).atEnd();
    double within = new BeamOnBed(coarse, stiffCoarse).bent(11, 0, 9.3, 1).atEnd();
    assertThat(within).isCloseTo(atNode, withPercentage(0.05));
  }

  @Test
  void aBeamHeldByNothingIsRefused() {
    BeamOnBed beam = even(10, 0, 900);
    assertThatThrownBy(() -> beam.bent(1, 12, 15, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> beam.bent(0, 0, 10, 1)).isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void longerIsNeverSaferAndNothingIsEverNoNumber(Nail nail) {
    double before = Double.POSITIVE_INFINITY;
    for (double extension : new double[] {0, 2, 6, 12, 20}) {
      Endurance endurance = Endurance.roughly(almond(nail, extension, 1.4), THREE_WEEKS);
      for (Margins.Margin margin : endurance.last().all()) {
        assertThat(margin.value()).as(margin.cause().name()).isPositive().isNotNaN();
      }
      double bed = endurance.of(FailureMode.BED).value();
      assertThat(bed).isLessThanOrEqualTo(before);
      before = bed;
    }
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void theApexFoundHoldsAndAHairLessDoesNot(Nail nail) {
    ApexSolver.Design design = (at, thickness) -> almond(nail, 7, at, thickness);
    double at = nail.plateLength() / 3;
    ApexSolver.Apex apex =
        ApexSolver.thinnest(design, at, 0.5, 2.2, THREE_WEEKS, Set.of(FailureMode.CRACK));
    assertThat(crack(design.with(at, apex.thickness())) >= 1).isEqualTo(apex.holds());
    if (apex.holds() && apex.binding().isPresent()) {
      assertThat(crack(design.with(at, apex.thickness() - 0.01))).isLessThan(1);
    }
  }

  private static double crack(Build build) {
    return Endurance.roughly(build, THREE_WEEKS).of(FailureMode.CRACK).ofAim();
  }

  @Test
  void aTipCarriesItsShareAndTheProductOverItIsLess() {
    Nail nail = Nails.plain();
    Build plain = almond(nail, 9, 1.3);
    Build onTip =
        new Build(
            nail,
            plain.outline(),
            plain.profile(),
            plain.barrelDepthRatio(),
            plain.across(),
            Product.SOAK_OFF_GEL,
            new TipUnder(5, 9, 0.45));
    Build without =
        new Build(
            nail,
            plain.outline(),
            plain.profile(),
            plain.barrelDepthRatio(),
            plain.across(),
            Product.SOAK_OFF_GEL);
    assertThat(onTip.volumes().extension()).isLessThan(0.8 * without.volumes().extension());
    assertThat(onTip.volumes().cuticle()).isEqualTo(without.volumes().cuticle());
    assertThat(Endurance.of(onTip, THREE_WEEKS).of(FailureMode.CRACK).value())
        .isGreaterThan(Endurance.of(without, THREE_WEEKS).of(FailureMode.CRACK).value());
  }

  @Test
  void poorPreparationLiftsFirst() {
    Build build = almond(Nails.plain(), 9, 1.3);
    double full = LoadedNail.of(build, THREE_WEEKS).after(0).of(FailureMode.LIFT).value();
    double poor =
        LoadedNail.of(build, new WearPeriod(0.5, DAY_21, FingerLoad.FULL))
            .after(0)
            .of(FailureMode.LIFT)
            .value();
    assertThat(poor).isCloseTo(full / 2, withPercentage(0.001));
  }

  @Test
  void thickerSidewallsSetByHandStiffenTheNail() {
    Build fine = almond(Nails.plain(), 9, 1.3);
    Build full =
        new Build(
            fine.nail(),
            fine.outline(),
            fine.profile(),
            fine.barrelDepthRatio(),
            new Across(CrossThickness.SALON, java.util.OptionalDouble.of(0.8)),
            fine.product());
    assertThat(LoadedNail.of(full, THREE_WEEKS).after(0).tipStiffness())
        .isGreaterThan(LoadedNail.of(fine, THREE_WEEKS).after(0).tipStiffness());
    assertThat(full.across().side(0.3)).as("never more than the middle").isEqualTo(0.3);
  }

  private static BeamOnBed even(double length, double beyond, double stiffness) {
    double[] at = nodes(0, length, 200);
    double[] all = new double[3 * 200];
    Arrays.fill(all, stiffness);
    return new BeamOnBed(at, all);
  }

  private static double[] nodes(double from, double to, int parts) {
    double[] at = new double[parts + 1];
    for (int i = 0; i <= parts; i++) {
      at[i] = from + (to - from) * i / parts;
    }
    return at;
  }

  private static Build almond(Nail nail, double extension, double thickness) {
    return almond(nail, extension, nail.plateLength() / 3, thickness);
  }

  private static Build almond(Nail nail, double extension, double at, double thickness) {
    return new Build(
        nail,
        new Outline(NailShape.ALMOND, nail.width(), extension),
        new Profile(
            nail.plateLength(), extension, at, thickness, 0.6, NailShape.ALMOND.archExponent()),
        NailShape.ALMOND.barrelDepthRatio(),
        Across.by(CrossThickness.SALON),
        Product.POLY_GEL);
  }
}
