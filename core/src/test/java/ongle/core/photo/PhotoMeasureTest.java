package ongle.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import ongle.core.PinholeCamera;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhotoMeasureTest {
  private static final Camera CAMERA = new Camera(2400, 1800, 27);

  /** A nail 12.4 wide, 13.1 long, edge curve 1.9, leaning 5° to its right, tips upwards. */
  private static NailMarks nail(PinholeCamera seen, double above) {
    double x = 40;
    double y = -30;
    double lean = Math.toRadians(5);
    return new NailMarks(
        seen.pixel(x - 6.2, y, above),
        seen.pixel(x + 6.2, y, above),
        seen.pixel(x - 13.1 * Math.tan(lean), y + 13.1, above),
        seen.pixel(x + 1.9 * Math.tan(lean), y - 1.9, above),
        Optional.of(seen.pixel(x, y + 32, above)));
  }

  private static PhotoMeasure measured(PinholeCamera seen, NailMarks marks, double above) {
    return PhotoMeasure.of(seen.corners(), Card.USUAL, CAMERA, marks, Hand.RIGHT, above);
  }

  @ParameterizedTest
  @CsvSource({"0,0,0", "10,0,3", "15,70,-20", "20,130,90", "25,200,45", "25,300,170"})
  void sizesAreRecoveredWhateverTheTilt(double tilt, double towards, double turned) {
    PinholeCamera seen = new PinholeCamera(CAMERA, 340, tilt, towards, turned);
    for (double above : new double[] {0, 9}) {
      Map<Quantity, Double> values = measured(seen, nail(seen, above), above).values();
      assertThat(values.get(Quantity.WIDTH)).isCloseTo(12.4, within(0.01));
      assertThat(values.get(Quantity.PLATE_LENGTH)).isCloseTo(13.1, within(0.01));
      assertThat(values.get(Quantity.FREE_EDGE_DEPTH)).isCloseTo(1.9, within(0.01));
      assertThat(values.get(Quantity.LEAN)).isCloseTo(5, within(0.05));
    }
    CardView view = CardView.of(seen.corners(), Card.USUAL, CAMERA);
    assertThat(view.tilt()).isCloseTo(tilt, within(0.1));
    assertThat(view.distance()).isCloseTo(340 * Math.cos(Math.toRadians(tilt)), within(1.0));
  }

  @Test
  void theBandHoldsNineteenTimesInTwenty() {
    PinholeCamera seen = new PinholeCamera(CAMERA, 340, 12, 40, 0);
    Random hand = new Random(7);
    int outside = 0;
    int tries = 300;
    for (int i = 0; i < tries; i++) {
      NailMarks exact = nail(seen, 0);
      NailMarks marks =
          new NailMarks(
              shaken(exact.growthPoint(), hand),
              shaken(exact.otherGrowthPoint(), hand),
              shaken(exact.cuticle(), hand),
              shaken(exact.edge(), hand),
              Optional.empty());
      List<Spot> corners = seen.corners().stream().map(corner -> shaken(corner, hand)).toList();
      PhotoMeasure measure =
          PhotoMeasure.of(corners, Card.USUAL, CAMERA, marks, Hand.RIGHT, hand.nextGaussian());
      double off = Math.abs(measure.values().get(Quantity.WIDTH) - 12.4);
      outside += off > measure.bands().get(Quantity.WIDTH) ? 1 : 0;
    }
    assertThat(outside / (double) tries).isBetween(0.01, 0.09);
  }

  private static Spot shaken(Spot spot, Random hand) {
    return new Spot(spot.x() + hand.nextGaussian(), spot.y() + hand.nextGaussian());
  }

  @Test
  void leanIsToTheLittleFingersSideOnBothHands() {
    PinholeCamera seen = new PinholeCamera(CAMERA, 340, 0, 0, 0);
    NailMarks marks = nail(seen, 0);
    assertThat(measured(seen, marks, 0).values().get(Quantity.LEAN)).isPositive();
    PhotoMeasure left = PhotoMeasure.of(seen.corners(), Card.USUAL, CAMERA, marks, Hand.LEFT, 0);
    assertThat(left.values().get(Quantity.LEAN)).isCloseTo(-5, within(0.05));
  }

  @Test
  void theOrderOfTheCornersAndOfTheGrowthPointsDoesNotMatter() {
    PinholeCamera seen = new PinholeCamera(CAMERA, 300, 18, 60, 10);
    NailMarks marks = nail(seen, 0);
    List<Spot> c = seen.corners();
    List<Spot> crossed = List.of(c.get(2), c.get(0), c.get(3), c.get(1));
    NailMarks swapped =
        new NailMarks(
            marks.otherGrowthPoint(),
            marks.growthPoint(),
            marks.cuticle(),
            marks.edge(),
            marks.knuckle());
    PhotoMeasure measure = PhotoMeasure.of(crossed, Card.USUAL, CAMERA, swapped, Hand.RIGHT, 0);
    measured(seen, marks, 0)
        .values()
        .forEach(
            (quantity, value) ->
                assertThat(measure.values().get(quantity)).isCloseTo(value, within(1e-6)));
  }

  @Test
  void whatCannotBeACardIsNamed() {
    List<Spot> line =
        List.of(new Spot(0, 0), new Spot(400, 0), new Spot(800, 2), new Spot(400, 500));
    assertThatThrownBy(() -> CardView.of(line, Card.USUAL, CAMERA))
        .isInstanceOf(MarkTrouble.class)
        .hasMessageContaining("NoCard");
    List<Spot> small = List.of(new Spot(0, 0), new Spot(30, 0), new Spot(30, 20), new Spot(0, 20));
    assertThatThrownBy(() -> CardView.of(small, Card.USUAL, CAMERA))
        .hasMessageContaining("CardTooSmall");
    PinholeCamera tilted = new PinholeCamera(CAMERA, 340, 56, 90, 0);
    assertThatThrownBy(() -> CardView.of(tilted.corners(), Card.USUAL, CAMERA))
        .hasMessageContaining("Tilted");
  }

  @Test
  void marksInTheWrongPlaceAreNamed() {
    PinholeCamera seen = new PinholeCamera(CAMERA, 340, 0, 0, 0);
    NailMarks m = nail(seen, 0);
    NailMarks turned =
        new NailMarks(
            m.growthPoint(), m.otherGrowthPoint(), m.cuticle(), m.knuckle().get(), m.knuckle());
    assertThatThrownBy(() -> measured(seen, turned, 0))
        .isInstanceOf(MarkTrouble.class)
        .hasMessageContaining("WrongSide");
    NailMarks huge =
        new NailMarks(new Spot(100, 900), new Spot(2300, 900), m.cuticle(), m.edge(), m.knuckle());
    assertThatThrownBy(() -> measured(seen, huge, 0)).isInstanceOf(MarkTrouble.class);
  }
}
