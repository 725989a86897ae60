package ongle.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.assertj.core.data.Percentage.withPercentage;

import ongle.core.ReferenceCase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class OutlineTest {
  private static final double[] REFERENCE_SHARES = {0.25, 0.5, 0.75, 0.9};

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void halfWidthsAgreeWithTheReference(ReferenceCase reference) {
    Outline outline = reference.outline();
    JsonNode expected = reference.expect().get("halfWidths");
    for (int i = 0; i < REFERENCE_SHARES.length; i++) {
      assertThat(outline.halfWidthAt(REFERENCE_SHARES[i] * outline.extension()))
          .isCloseTo(expected.get(i).doubleValue(), withPercentage(0.1));
    }
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void neverWiderThanTheGrowthPointsAndNeverWidening(NailShape shape) {
    for (double width = 6; width <= 18; width += 1.5) {
      for (double extension = 0.5; extension <= 25; extension += 3.5) {
        Outline outline = new Outline(shape, width, extension);
        double before = width / 2;
        for (int i = 0; i <= 50; i++) {
          double half = outline.halfWidthAt(extension * i / 50);
          assertThat(half).isBetween(0.0, before + 1e-9);
          before = half;
        }
      }
    }
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void startsAtTheGrowthPointsWithoutExtensionToo(NailShape shape) {
    assertThat(new Outline(shape, 11, 8).halfWidthAt(0)).isCloseTo(5.5, within(1e-9));
    assertThat(new Outline(shape, 11, 0).halfWidthAt(0)).isEqualTo(5.5);
  }

  @Test
  void aPointedShapeEndsInAPointAndABallerinaInAFlatTip() {
    assertThat(new Outline(NailShape.STILETTO, 11, 16).halfWidthAt(16)).isCloseTo(0, within(1e-9));
    assertThat(new Outline(NailShape.BALLERINA, 11, 16).halfWidthAt(16))
        .as("the flat tip less its two corners")
        .isCloseTo(0.45 * 5.5 - 0.04 * 11, within(1e-6));
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void noCurveLeavesItsStraightSideWithAKink(NailShape shape) {
    Outline outline = new Outline(shape, 11, 9);
    assumeThat(outline.straightTo()).isBetween(0.2, 8.9);
    double at = outline.straightTo();
    double before = outline.halfWidthAt(at - 0.01) - outline.halfWidthAt(at);
    double after = outline.halfWidthAt(at) - outline.halfWidthAt(at + 0.01);
    assertThat(after).isCloseTo(before, within(0.0004));
  }

  @Test
  void twelveShapesAreTwelveOutlinesAsSoonAsTheyRead() {
    for (double extension : new double[] {8, 15}) {
      for (NailShape one : NailShape.values()) {
        for (NailShape other : NailShape.values()) {
          if (one.compareTo(other) < 0
              && one.readsAt(extension, 10)
              && other.readsAt(extension, 10)) {
            assertThat(new Outline(one, 10, extension).areaApart(new Outline(other, 10, extension)))
                .as(one + " and " + other + " at " + extension)
                .isGreaterThan(0.5);
          }
        }
      }
    }
  }

  @Test
  void tooShortForItsShapeStaysInTheFamily() {
    assertThat(NailShape.BALLERINA.nearestThatReads(4, 11)).isEqualTo(NailShape.TAPERED_SQUARE);
    assertThat(NailShape.BALLERINA.nearestThatReads(2, 11)).isEqualTo(NailShape.SQUARE);
    assertThat(NailShape.STILETTO.nearestThatReads(8, 11)).isEqualTo(NailShape.ALMOND);
    assertThat(NailShape.RUSSIAN_ALMOND.nearestThatReads(3, 11)).isEqualTo(NailShape.OVAL);
    assertThat(NailShape.ALMOND.nearestThatReads(1.5, 11)).isEqualTo(NailShape.ROUND);
    assertThat(NailShape.STILETTO.nearestThatReads(12, 11)).isEqualTo(NailShape.STILETTO);
  }
}
