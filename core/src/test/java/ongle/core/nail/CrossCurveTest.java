package ongle.core.nail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import ongle.core.ReferenceCase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class CrossCurveTest {
  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void plateArcAgreesWithTheReference(ReferenceCase reference) {
    JsonNode arc = reference.expect().get("plateArc");
    CrossCurve curve = reference.nail().crossCurve();
    assertThat(curve.radius()).isCloseTo(arc.get("radius").doubleValue(), withPercentage(0.1));
    assertThat(curve.arcLength())
        .isCloseTo(arc.get("arcLength").doubleValue(), withPercentage(0.1));
    assertThat(curve.circleShare())
        .isCloseTo(arc.get("circleShare").doubleValue(), withPercentage(0.1));
  }

  @Test
  void flatCurveIsAsLongAsItsChord() {
    CrossCurve flat = new CrossCurve(12, 0);
    assertThat(flat.arcLength()).isEqualTo(12);
    assertThat(flat.circleShare()).isZero();
    assertThat(new CrossCurve(12, 1e-4).arcLength()).isCloseTo(12, within(1e-6));
  }

  @Test
  void halfCircleIsHalfTheCircle() {
    CrossCurve half = new CrossCurve(10, 5);
    assertThat(half.radius()).isCloseTo(5, within(1e-12));
    assertThat(half.circleShare()).isCloseTo(0.5, within(1e-12));
  }

  @Test
  void pinchingKeepsTheArcAndNarrowsTheNail() {
    CrossCurve before = new CrossCurve(11, 2);
    CrossCurve pinched = before.pinchedTo(0.4);
    assertThat(pinched.arcLength()).isCloseTo(before.arcLength(), within(1e-9));
    assertThat(pinched.depthRatio()).isCloseTo(0.4, within(1e-12));
    assertThat(pinched.chord()).isLessThan(before.chord());
  }

  @Test
  void refusesWhatIsNoCurve() {
    assertThatThrownBy(() -> new CrossCurve(0, 0)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new CrossCurve(10, 5.1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new CrossCurve(10, Double.NaN))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aGuideCircleGivesTheDepthOverAChord() {
    CrossCurve curve = new CrossCurve(11, 2.4);
    assertThat(CrossCurve.onCircle(11, 2 * curve.radius()).orElseThrow().depth())
        .isCloseTo(2.4, within(1e-9));
    assertThat(CrossCurve.onCircle(11, 11).orElseThrow().depth()).isCloseTo(5.5, within(1e-9));
    assertThat(CrossCurve.onCircle(11, 10.9)).isEmpty();
  }
}
