package ongle.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipSizing;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShippedKitsTest {
  private final TipKit kit = ShippedKits.tips("lindenbox");

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
    Outline wanted = new Outline(NailShape.TAPERED_SQUARE, nail.width(), 8);
    assertThat(TipSizing.of(kit, nail, wanted).suits()).isTrue();
  }

  @Test
  void theShippedKitsDifferInWellCurveAndOutline() {
    List<KitList> all = ShippedKits.all();
    assertThat(all).extracting(KitList::kind).contains(KitKind.values());
    assertThat(all).extracting(KitList::code).doesNotHaveDuplicates();
    assertThat(all.stream().filter(list -> list.kind() == KitKind.TIPS))
        .extracting(KitList::outline)
        .contains(NailShape.TAPERED_SQUARE, NailShape.SQUARE, NailShape.BALLERINA);
  }
}
