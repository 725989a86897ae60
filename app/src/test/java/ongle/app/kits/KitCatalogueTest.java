package ongle.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipSizing;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KitCatalogueTest {
  private final TipKit kit = new KitCatalogue().usual();

  @Test
  void theShippedKitFallsEvenlyFromTenSizesUp() {
    assertThat(kit.tips()).hasSizeGreaterThanOrEqualTo(10);
    for (int i = 1; i < kit.tips().size(); i++) {
      Tip wider = kit.tips().get(i - 1);
      Tip next = kit.tips().get(i);
      assertThat(next.width()).isLessThan(wider.width());
      assertThat(next.crossCurve().arcLength()).isLessThan(wider.crossCurve().arcLength());
      // A step no larger than what can be filed, so that no nail falls between two sizes.
      assertThat(wider.crossCurve().arcLength() - next.crossCurve().arcLength()).isLessThan(1.6);
    }
  }

  @ParameterizedTest
  @EnumSource(Digit.class)
  void everyUsualNailFindsATipInIt(Digit digit) {
    Nail nail =
        new Nail(
            Finger.of(Hand.LEFT, digit),
            digit.usualWidth(),
            digit.usualPlateLength(),
            digit.usualWidth() * digit.usualDepthRatio(),
            0.5,
            1.5,
            0,
            0,
            1.5,
            PlateCondition.SOUND,
            SkinState.INTACT);
    assertThat(TipSizing.of(kit, nail, 8).advised().orElseThrow().suits()).isTrue();
  }

  @Test
  void anUnknownKitIsNone() {
    assertThat(new KitCatalogue().ofCode("nobodys")).isEmpty();
    assertThat(new KitCatalogue().ofCode(kit.code())).isPresent();
  }
}
