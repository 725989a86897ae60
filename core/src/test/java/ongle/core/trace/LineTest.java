package ongle.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import ongle.core.check.Body.Place;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import org.junit.jupiter.api.Test;

/** Lines in pictures, and where a camera sees what. */
class LineTest {
  private static final Line CORNER =
      new Line(List.of(new Spot(0, 0), new Spot(10, 0), new Spot(10, 10)));

  @Test
  void placesBesideALineHaveASide() {
    assertThat(CORNER.beside(new Spot(5, 3))).isCloseTo(3, within(1e-9));
    assertThat(CORNER.beside(new Spot(5, -3))).isCloseTo(-3, within(1e-9));
    assertThat(CORNER.beside(new Spot(8, 5))).isCloseTo(2, within(1e-9));
    assertThat(CORNER.beside(new Spot(5, 0))).isZero();
  }

  @Test
  void placesStandEvenlyAndNoneAtTheEnds() {
    List<Line.At> places = CORNER.evenly(4);
    assertThat(places).hasSize(4);
    assertThat(places.get(0).spot()).isEqualTo(new Spot(2.5, 0));
    assertThat(places.get(3).spot()).isEqualTo(new Spot(10, 7.5));
    assertThat(places.get(0).across().y()).isEqualTo(1);
    assertThat(CORNER.across(new Spot(11, 8)).x()).isEqualTo(-1);
  }

  private static Pose pose(View view, double tilt, double towards) {
    return Pose.looking(
        new Camera(1600, 1200, 80),
        view,
        new Place(10, 0, 0),
        new Spot(700, 500),
        100,
        tilt,
        towards,
        0);
  }

  @Test
  void fromAboveTheTipIsAwayAndTheLeftIsLeft() {
    Pose above = pose(View.ABOVE, 0, 0);
    Spot here = above.sees(new Place(10, 0, 0));
    assertThat(here.x()).isCloseTo(700, within(1e-9));
    assertThat(here.y()).isCloseTo(500, within(1e-9));
    assertThat(above.sees(new Place(15, 0, 0)).y()).isLessThan(here.y());
    assertThat(above.sees(new Place(10, 5, 0)).x()).isLessThan(here.x());
    // What is nearer is larger.
    double low = here.x() - above.sees(new Place(10, 5, 0)).x();
    double high = here.x() - above.sees(new Place(10, 5, 10)).x();
    assertThat(high).isGreaterThan(low);
  }

  @Test
  void fromTheSideUpIsUpAndDownTheBarrelTheTipIsNearest() {
    Pose side = pose(View.SIDE, 0, 0);
    assertThat(side.sees(new Place(10, 0, 3)).y()).isLessThan(500);
    assertThat(side.sees(new Place(15, 0, 0)).x()).isGreaterThan(700);
    Pose barrel = pose(View.BARREL, 0, 0);
    assertThat(barrel.depth(new Place(20, 0, 0))).isLessThan(barrel.depth(new Place(5, 0, 0)));
  }

  @Test
  void aTiltIsTheTiltThatWasAskedFor() {
    for (double towards : new double[] {0, 70, 200}) {
      assertThat(Pose.tilt(pose(View.ABOVE, 12, towards).axes(), Pose.Straight.ABOVE))
          .isCloseTo(12, within(1e-6));
    }
    assertThat(pose(View.SIDE, 0, 0).scale()).isCloseTo(36.98, within(0.05));
  }
}
