package ongle.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.bench.Removal;
import ongle.core.bench.Target;
import ongle.core.cure.Layers;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.OldBuild;
import ongle.core.portion.Lot;
import ongle.core.portion.Material;
import ongle.core.portion.Need;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Figures in the salon's words, each with its unit. */
class BenchWordsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 10);

  @ParameterizedTest
  @CsvSource({"0, 0:00", "59, 0:59", "60, 1:00", "3725, 62:05", "-3, 0:00"})
  void aClockCountsMinutesAndSeconds(long seconds, String shown) {
    assertThat(BenchWords.clock(Duration.ofSeconds(seconds))).isEqualTo(shown);
  }

  @ParameterizedTest
  @CsvSource({
    "TAKE_OFF, 0.304, 0.30 mm",
    "LENGTH, 5.75, 5.8 mm",
    "MARK, 3.5, 3.5",
    "TILT, 7, 7° up",
    "TILT, -2, 2° down",
    "TILT, 0, straight on",
    "AIM, -6, 6° towards the thumb"
  })
  void aTargetHasTheUnitItIsMeasuredIn(Target.Measure measure, double value, String shown) {
    assertThat(BenchWords.value(new Target(Finger.L2, measure, value))).isEqualTo(shown);
  }

  @ParameterizedTest
  @EnumSource(Target.Measure.class)
  void everyMeasureReadsAsASentence(Target.Measure measure) {
    assertThat(Words.say(Words.key(measure), "value", "5 mm"))
        .contains("5 mm")
        .doesNotContain("{")
        .matches("[a-z5].*");
  }

  @Test
  void oldProductIsThinnedAndSoakedInRoundsOrFiled() {
    OldBuild measured = OldBuild.UNASKED.measuring(OptionalDouble.of(0.9));
    assertThat(
            BenchWords.removal(Removal.of(EarlierProduct.ACRYLIC, OldBuild.UNASKED).orElseThrow()))
        .isEqualTo("comes off: file until a thin film remains, then soak 10 min + 4 min");
    assertThat(BenchWords.removal(Removal.of(EarlierProduct.HARD_GEL, measured).orElseThrow()))
        .isEqualTo("comes off: file 0.82 mm away, until a thin film remains on the plate");
    assertThat(Removal.of(EarlierProduct.POLISH, OldBuild.UNASKED)).isEmpty();
  }

  @Test
  void layersSayTheirHeatAndWhatToDoAboutIt() {
    assertThat(BenchWords.layers(new Layers(1, 0.8, new Layers.Heat(0.8))))
        .isEqualTo("1 layer of 0.80 mm, heat 0.8");
    assertThat(BenchWords.layers(new Layers(2, 0.7, new Layers.Heat(1.4))))
        .startsWith("2 layers of 0.70 mm, heat 1.4: dip");
  }

  private static Lot lot(String number, double left, LocalDate expires) {
    return new Lot(
        Material.TOP_COAT.code(),
        number,
        15,
        left,
        Optional.of(expires),
        Optional.empty(),
        12,
        OptionalDouble.of(14));
  }

  @Test
  void theShelfSaysWhichLotWhatIsLackingAndWhatIsSpoilt() {
    Lot good = lot("TC-1", 2, DAY.plusDays(30));
    Lot spoilt = lot("TC-0", 9, DAY.minusDays(1));

    assertThat(BenchWords.shelf(Need.of(Material.TOP_COAT, 1, List.of(good, spoilt), DAY)))
        .isEqualTo("enough: TC-1 (not TC-0)");
    assertThat(BenchWords.shelf(Need.of(Material.TOP_COAT, 3, List.of(good), DAY)))
        .isEqualTo("short of 1.00 ml: TC-1");
    assertThat(BenchWords.shelf(Need.of(Material.TOP_COAT, 1, List.of(spoilt), DAY)))
        .isEqualTo("expired (not TC-0)");
    assertThat(BenchWords.shelf(Need.of(Material.TOP_COAT, 1, List.of(), DAY)))
        .isEqualTo("not on the shelf list");
  }

  @Test
  void aStandingThatIsNotServedIsSaidAtTheFirstStep() {
    assertThat(Need.Standing.UNCOUNTED.served()).isTrue();
    assertThat(Need.Standing.ENOUGH.served()).isTrue();
    assertThat(Need.Standing.SHORT.served()).isFalse();
    assertThat(Need.Standing.ALL_EXPIRED.served()).isFalse();
    assertThat(Need.Standing.ALL_OPEN_TOO_LONG.served()).isFalse();
  }
}
