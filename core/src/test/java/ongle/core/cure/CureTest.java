package ongle.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import ongle.core.nail.PlateCondition;
import ongle.core.portion.Mix;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;

class CureTest {
  private static final LightCure HARD = Product.HARD_GEL.light().orElseThrow();

  private static int seconds(Lamp lamp) {
    return (int) LampTime.full(lamp, HARD).orElseThrow().duration().toSeconds();
  }

  @Test
  void theProgrammesOfUsualLampsAreTaken() {
    assertThat(seconds(Lamp.LED)).isEqualTo(60);
    assertThat(seconds(Lamp.UV)).isEqualTo(120);
    assertThat(LampTime.flash(Lamp.LED, HARD).orElseThrow().duration().toSeconds()).isEqualTo(10);
    assertThat(LampTime.gentle(Lamp.LED, HARD).orElseThrow().programme().lowHeat()).isTrue();
  }

  @Test
  void theWeakerTheLampTheLongerUntilItIsRefused() {
    int before = 0;
    for (double light = 40; light >= 20; light -= 1) {
      int now = seconds(Lamp.LED.measuring(light));
      assertThat(now).isGreaterThanOrEqualTo(before);
      assertThat(now * light / 1000).isGreaterThanOrEqualTo(0.97 * HARD.fullDose() - 1e-9);
      before = now;
    }
    assertThat(LampTime.full(Lamp.LED.measuring(19), HARD)).isEmpty();
    assertThat(LampTime.refusal(Lamp.LED.measuring(19), HARD)).isPresent();
    assertThat(LampTime.refusal(Lamp.LED.measuring(25), HARD)).isEmpty();
  }

  @Test
  void aHairLessLightOrAHairMoreDepthCostsNoSecondPressAndNoSecondLayer() {
    assertThat(seconds(Lamp.LED.measuring(39.9))).isEqualTo(60);
    assertThat(seconds(Lamp.LED.measuring(38.5))).isGreaterThan(60);
    for (double over : new double[] {1.0, 1.04, 1.06}) {
      Layers layers =
          Layers.of(
              over * HARD.clearReach(), HARD, false, Lamp.UV, 0.1, PlateCondition.SOUND, false);
      assertThat(layers.count()).as("%s", over).isEqualTo(over > 1.05 ? 2 : 1);
    }
  }

  @Test
  void aProgrammeOfNoTimeAndALampWithoutLightAreNone() {
    assertThatThrownBy(() -> new Programme("0 s", 0, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () ->
                new Lamp(
                    "x",
                    "x",
                    Set.of(365),
                    0,
                    OptionalDouble.empty(),
                    true,
                    List.of(new Programme("60 s", 60, 1))))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void thickOrPigmentedNeedsMoreLayersAndThinPlatesCoolerOnes() {
    assertThat(layers(0.9, false, PlateCondition.SOUND).count()).isEqualTo(1);
    assertThat(layers(1.6, false, PlateCondition.SOUND).count()).isEqualTo(2);
    assertThat(layers(1.6, true, PlateCondition.SOUND).count()).isEqualTo(3);
    Layers thin = layers(1.6, false, PlateCondition.THIN);
    assertThat(thin.heat().advice()).isNotEqualTo(Layers.Advice.SPLIT);
    assertThat(thin.each() * thin.count()).isEqualTo(1.6);
  }

  private static Layers layers(double thickness, boolean pigmented, PlateCondition plate) {
    return Layers.of(thickness, HARD, pigmented, Lamp.LED, 1, plate, false);
  }

  @Test
  void acrylicSetsFasterInAWarmRoomAndADryMix() {
    Setting usual = Setting.at(21, Mix.NORMAL);

    assertThat(Setting.at(33, Mix.NORMAL).hard()).isEqualTo(usual.hard().dividedBy(2));
    assertThat(Setting.at(21, Mix.WETTER).working()).isGreaterThan(usual.working());
    assertThat(usual.working())
        .isLessThan(usual.pinchFrom())
        .isLessThan(usual.pinchUntil())
        .isLessThan(usual.hard());
    assertThatThrownBy(() -> Setting.at(50, Mix.NORMAL))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whoFeelsHeatGetsItInSmallerPortions() {
    Layers usual = Layers.of(1.2, HARD, false, Lamp.LED, 1, PlateCondition.THIN, false);
    Layers felt = Layers.of(1.2, HARD, false, Lamp.LED, 1, PlateCondition.THIN, true);

    assertThat(felt.count()).isGreaterThanOrEqualTo(usual.count());
    assertThat(felt.heat().index() * felt.count())
        .isGreaterThan(usual.heat().index() * usual.count());
  }
}
