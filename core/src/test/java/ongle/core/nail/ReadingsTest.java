package ongle.core.nail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import ongle.core.nail.Reading.Source;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReadingsTest {
  @Test
  void whatWasMeasuredStands() {
    Readings readings = new Readings(Map.of(Finger.L2, Map.of(Quantity.WIDTH, 10.7)));
    assertThat(readings.of(Finger.L2, Quantity.WIDTH))
        .isEqualTo(new Reading(10.7, Source.MEASURED));
  }

  @Test
  void theTwinIsTheFirstEstimate() {
    Readings readings =
        new Readings(
            Map.of(
                Finger.L2, Map.of(Quantity.WIDTH, 10.7),
                Finger.L3, Map.of(Quantity.WIDTH, 14.0)));
    assertThat(readings.of(Finger.R2, Quantity.WIDTH)).isEqualTo(new Reading(10.7, Source.TWIN));
  }

  @Test
  void otherFingersFollowTheHandInProportion() {
    double wide = Digit.INDEX.usualWidth() * 1.1;
    Readings readings = new Readings(Map.of(Finger.L2, Map.of(Quantity.WIDTH, wide)));
    Reading little = readings.of(Finger.R5, Quantity.WIDTH);
    assertThat(little.source()).isEqualTo(Source.HAND);
    assertThat(little.value()).isCloseTo(Digit.LITTLE.usualWidth() * 1.1, within(1e-9));
  }

  @Test
  void oneLeaningNailSaysNothingOfItsNeighbours() {
    Readings readings = new Readings(Map.of(Finger.L2, Map.of(Quantity.LEAN, 6.0)));
    assertThat(readings.of(Finger.L3, Quantity.LEAN).value()).isZero();
  }

  @Test
  void anEstimateNeverPassesAHalfCircle() {
    Readings readings =
        new Readings(
            Map.of(
                Finger.L3, Map.of(Quantity.WIDTH, 20.0, Quantity.ARCH_DEPTH, 9.9),
                Finger.R3, Map.of(Quantity.WIDTH, 6.0)));
    Nail nail = readings.nail(Finger.R3, PlateCondition.SOUND, SkinState.INTACT);
    assertThat(nail.archDepth()).isEqualTo(3.0);
  }

  @Test
  void nothingMeasuredStillGivesTenNails() {
    Readings readings = new Readings(new EnumMap<>(Finger.class));
    for (Finger finger : Finger.values()) {
      assertThat(readings.nail(finger, PlateCondition.SOUND, SkinState.INTACT).width())
          .isEqualTo(finger.digit().usualWidth());
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 0, 2.99, 25.01, 1e9, Double.NaN, Double.POSITIVE_INFINITY})
  void absurdWidthsAreRefusedByName(double width) {
    assertThatThrownBy(() -> new Readings(Map.of(Finger.L1, Map.of(Quantity.WIDTH, width))))
        .isInstanceOfSatisfying(
            OutOfRange.class, e -> assertThat(e.quantity()).isEqualTo(Quantity.WIDTH));
  }

  @Test
  void aPlatePastAHalfCircleIsRefused() {
    assertThatThrownBy(
            () ->
                new Nail(
                    Finger.L1, 8, 10, 4.5, 0, 0, 0, 0, 1, PlateCondition.SOUND, SkinState.INTACT))
        .isInstanceOfSatisfying(
            OutOfRange.class, e -> assertThat(e.quantity()).isEqualTo(Quantity.ARCH_DEPTH));
  }

  @Test
  void theLastVisitKnowsBetterThanTheTwinButNotTheFreeEdge() {
    Readings readings =
        new Readings(
            Map.of(Finger.R3, Map.of(Quantity.WIDTH, 12.0, Quantity.FREE_EDGE, 0.4)),
            Map.of(Finger.L3, Map.of(Quantity.WIDTH, 11.6, Quantity.FREE_EDGE, 2.0)));
    assertThat(readings.of(Finger.L3, Quantity.WIDTH))
        .isEqualTo(new Reading(11.6, Source.LAST_VISIT));
    assertThat(readings.of(Finger.L3, Quantity.FREE_EDGE)).isEqualTo(new Reading(0.4, Source.TWIN));
    assertThat(readings.of(Finger.R3, Quantity.WIDTH).measured()).isTrue();
  }
}
