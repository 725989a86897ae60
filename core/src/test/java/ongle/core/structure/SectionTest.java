package ongle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import ongle.core.nail.CrossCurve;
import org.junit.jupiter.api.Test;

/** Sections against the textbook. */
class SectionTest {
  @Test
  void aFlatThinSectionIsARectangle() {
    Section section =
        Section.of(
            new CrossCurve(10, 0),
            0.3,
            Across.by(CrossThickness.SALON),
            Section.Layer.NONE,
            Section.Layer.NONE);
    assertThat(section.area()).isCloseTo(10 * 0.3, withPercentage(0.01));
    assertThat(section.neutralAxis()).isCloseTo(0.15, within(1e-4));
    assertThat(section.secondMoment()).isCloseTo(10 * Math.pow(0.3, 3) / 12, withPercentage(0.1));
    assertThat(section.topModulus()).isCloseTo(10 * 0.09 / 6, withPercentage(0.1));
  }

  @Test
  void aHalfCircleIsHalfARing() {
    double inner = 5;
    double outer = 5.3;
    Section section =
        Section.of(
            new CrossCurve(10, 5),
            0.3,
            Across.by(CrossThickness.SALON),
            Section.Layer.NONE,
            Section.Layer.NONE);
    double area = Math.PI / 2 * (outer * outer - inner * inner);
    double centroid =
        2.0
            / 3
            * (Math.pow(outer, 3) - Math.pow(inner, 3))
            * 2
            / (Math.PI * (outer * outer - inner * inner));
    double aboutCentre = Math.PI / 8 * (Math.pow(outer, 4) - Math.pow(inner, 4));
    assertThat(section.area()).isCloseTo(area, withPercentage(0.01));
    assertThat(section.neutralAxis()).isCloseTo(centroid - inner, within(1e-6));
    assertThat(section.secondMoment())
        .isCloseTo(aboutCentre - area * centroid * centroid, withPercentage(0.01));
  }

  @Test
  void twoFlatLayersFollowTheTransformedSection() {
    double ratio = 2;
    Section section =
        Section.of(
            new CrossCurve(10, 0),
            0.3,
            Across.by(CrossThickness.SALON),
            new Section.Layer(0.4, ratio),
            Section.Layer.NONE);
    double product = 3;
    double plate = 4 * ratio;
    double axis = (product * 0.15 + plate * -0.2) / (product + plate);
    double second =
        10 * Math.pow(0.3, 3) / 12
            + product * Math.pow(0.15 - axis, 2)
            + ratio * 10 * Math.pow(0.4, 3) / 12
            + plate * Math.pow(-0.2 - axis, 2);
    assertThat(section.neutralAxis()).isCloseTo(axis, within(1e-4));
    assertThat(section.secondMoment()).isCloseTo(second, withPercentage(0.1));
    assertThat(section.lowest()).isCloseTo(-0.4, within(1e-4));
  }

  @Test
  void aDeeperBarrelIsStiffer() {
    double before = 0;
    for (double depth = 0; depth <= 4.5; depth += 0.5) {
      double second =
          Section.of(
                  new CrossCurve(11, 0).pinchedTo(depth / 11),
                  0.8,
                  Across.by(CrossThickness.ALL_ROUND),
                  Section.Layer.NONE,
                  Section.Layer.NONE)
              .secondMoment();
      assertThat(second).isGreaterThan(before);
      before = second;
    }
  }
}
