package ongle.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleBinaryOperator;
import ongle.core.photo.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Edges in drawn pictures, to a fraction of a pixel. */
class EdgeSearchTest {
  private static final int SIDE = 80;
  private static final Spot ACROSS = new Spot(1, 0);

  /**
   * A picture of two greys.
   *
   * @param bright share of white at a place, 0 to 1
   */
  private static Pixels picture(DoubleBinaryOperator bright, double noise) {
    Random random = new Random(1);
    int[] rgb = new int[SIDE * SIDE];
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        double level = 60 + 140 * bright.applyAsDouble(x + 0.5, y + 0.5);
        int grey = (int) Math.round(level + noise * random.nextGaussian());
        rgb[y * SIDE + x] = grey << 16 | grey << 8 | grey;
      }
    }
    return new Pixels(SIDE, SIDE, rgb);
  }

  /** White from here on, its pixel covered in part. */
  private static double from(double edge, double x) {
    return Math.max(0, Math.min(1, x - edge + 0.5));
  }

  @ParameterizedTest
  @ValueSource(doubles = {39.0, 39.25, 40.5, 41.2})
  void anEdgeIsFoundToAFractionOfAPixel(double edge) {
    Pixels picture = picture((x, y) -> from(edge, x), 3);
    Optional<Spot> found = EdgeSearch.nearest(picture, new Spot(40, 40), ACROSS, 10, 0);
    assertThat(found).isPresent();
    assertThat(found.get().x()).isCloseTo(edge, within(0.15));
    assertThat(found.get().y()).isCloseTo(40, within(1e-9));
  }

  @Test
  void noEdgeIsMadeOfNoise() {
    Pixels flat = picture((x, y) -> 0.5, 4);
    assertThat(EdgeSearch.nearest(flat, new Spot(40, 40), ACROSS, 12, 0)).isEmpty();
  }

  @Test
  void theAskedOneOfTwoEdgesIsTaken() {
    Pixels stripe = picture((x, y) -> from(34, x) - from(47, x), 2);
    Spot thought = new Spot(40, 40);
    assertThat(EdgeSearch.nearest(stripe, thought, ACROSS, 12, 1).orElseThrow().x())
        .isCloseTo(47, within(0.2));
    assertThat(EdgeSearch.nearest(stripe, thought, ACROSS, 12, -1).orElseThrow().x())
        .isCloseTo(34, within(0.2));
    // The nearer one, where neither is asked for.
    assertThat(EdgeSearch.nearest(stripe, thought, ACROSS, 12, 0).orElseThrow().x())
        .isCloseTo(34, within(0.2));
  }

  @Test
  void aSlantedEdgeIsFoundAcrossItself() {
    Pixels slanted = picture((x, y) -> from(0, (x + y - 80) / Math.sqrt(2)), 2);
    Spot across = new Spot(Math.sqrt(0.5), Math.sqrt(0.5));
    Spot found = EdgeSearch.nearest(slanted, new Spot(40.6, 40.2), across, 8, 0).orElseThrow();
    assertThat((found.x() + found.y() - 80) / Math.sqrt(2)).isCloseTo(0, within(0.15));
  }

  @Test
  void atTheRimOfThePictureNothingBreaks() {
    Pixels picture = picture((x, y) -> from(1, x), 0);
    assertThat(EdgeSearch.nearest(picture, new Spot(1, 1), ACROSS, 20, 0)).isPresent();
    assertThatThrownBy(() -> new Pixels(3, 3, new int[8]))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
