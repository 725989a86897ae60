package ongle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Optional;
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

class BuildTest {
  private static final WearPeriod FULL = new WearPeriod(1, 0, FingerLoad.FULL);

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void volumesAgreeWithTheReference(ReferenceCase reference) {
    Build.Volumes volumes =
        reference.build(reference.expect().get("usedApexThickness").doubleValue()).volumes();
    JsonNode expected = reference.expect().get("volume");
    assertThat(volumes.cuticle())
        .isCloseTo(expected.get("cuticle").doubleValue(), withPercentage(2));
    assertThat(volumes.body()).isCloseTo(expected.get("body").doubleValue(), withPercentage(2));
    assertThat(volumes.extension())
        .isCloseTo(expected.get("extension").doubleValue(), withPercentage(2));
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void thickerIsNeverWeakerAndThicknessNeverLeavesItsEnds(Nail nail) {
    double before = 0;
    for (double apex = 0.8; apex <= 2.2; apex += 0.35) {
      Build build = almond(nail, apex);
      double margin = LoadedNail.of(build, FULL).after(0).of(FailureMode.CRACK).value();
      assertThat(margin).isGreaterThanOrEqualTo(before);
      before = margin;
      for (double x = 0; x <= build.profile().length(); x += 0.5) {
        assertThat(build.profile().thicknessAt(x))
            .isBetween(Profile.CUTICLE_THICKNESS, apex + 1e-9);
      }
    }
  }

  @Test
  void theProfilePeaksAtTheApexAndEndsAtItsEdges() {
    Profile profile = new Profile(12, 8, 5, 1.3, 0.6, 1.8);
    assertThat(profile.thicknessAt(0)).isCloseTo(0.10, within(1e-12));
    assertThat(profile.thicknessAt(5)).isCloseTo(1.3, within(1e-12));
    assertThat(profile.thicknessAt(20)).isCloseTo(0.6, within(1e-12));
  }

  @Test
  void anOverlayHolds() {
    Nail nail = Nails.plain();
    Build overlay =
        new Build(
            nail,
            new Outline(NailShape.SQUARE, nail.width(), 0),
            new Profile(nail.plateLength(), 0, nail.plateLength(), 0.8, 0.6, 1.8),
            0.22,
            Across.by(CrossThickness.SALON),
            Product.HARD_GEL);
    assertThat(LoadedNail.of(overlay, FULL).after(0).hold()).isTrue();
    assertThat(overlay.volumes().extension()).isZero();
    assertThat(overlay.volumes().total()).isPositive();
  }

  @Test
  void aDroopingPlateMovesTheHighestPointBack() {
    Profile profile = new Profile(12, 8, 6, 1.3, 0.6, 1.8);
    double level = new Arches(profile, 0, 0).highestAt();
    double drooping = new Arches(profile, -5, 0).highestAt();
    assertThat(level).isCloseTo(6, within(0.06));
    assertThat(drooping).isLessThan(level - 1);
    assertThat(new Arches(profile, 0, 0).highestElsewhere()).isFalse();
    assertThat(new Arches(profile, -5, 0).highestElsewhere()).isTrue();
  }

  @Test
  void aFiftiethOfAMillimetreAboutTheApexIsNoFault() {
    ApexSolver.Apex apex = new ApexSolver.Apex(4, 1.2, true, Optional.empty());
    assertThat(apex.tooThin(1.17)).isFalse();
    assertThat(apex.tooThick(1.23)).isFalse();
    assertThat(apex.tooThin(1.1)).isTrue();
    assertThat(apex.tooThick(1.3)).isTrue();
  }

  @Test
  void aStraightModernArchRunsParallelAndAShortSteepOneDoesNot() {
    assertThat(new Arches(new Profile(12, 14, 4, 1.0, 0.6, 1.0), 0, 5).parallel()).isTrue();
    assertThat(new Arches(new Profile(12, 4, 12, 1.8, 0.6, 1.8), 0, 0).parallel()).isFalse();
  }

  private static Build almond(Nail nail, double apex) {
    return new Build(
        nail,
        new Outline(NailShape.ALMOND, nail.width(), 9),
        new Profile(
            nail.plateLength(),
            9,
            nail.plateLength() / 3,
            apex,
            0.6,
            NailShape.ALMOND.archExponent()),
        NailShape.ALMOND.barrelDepthRatio(),
        Across.by(CrossThickness.SALON),
        Product.POLY_GEL);
  }
}
