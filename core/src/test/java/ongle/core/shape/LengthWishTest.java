package ongle.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ongle.core.Nails;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.shape.LengthWish.Mode;
import org.junit.jupiter.api.Test;

class LengthWishTest {
  @Test
  void threeWaysToGiveALength() {
    Nail nail = Nails.of(Finger.L2, 11, 12, 2);
    assertThat(new LengthWish(Mode.MILLIMETRES, 7).extensionOf(nail)).isEqualTo(7);
    assertThat(new LengthWish(Mode.PLATE_SHARE, 50).extensionOf(nail)).isEqualTo(6);
    assertThat(new LengthWish(Mode.COVER_FINGERTIP, 2).extensionOf(nail))
        .isCloseTo(3.5, within(1e-9));
  }

  @Test
  void aBittenNailIsBuiltPastTheFingertipWhateverTheWish() {
    Nail bitten =
        new Nail(Finger.L2, 11, 7, 2, 0, 0, 0, 3, PlateCondition.BITTEN, SkinState.INTACT);
    assertThat(new LengthWish(Mode.MILLIMETRES, 1).extensionOf(bitten)).isEqualTo(3.5);
    assertThat(new LengthWish(Mode.MILLIMETRES, 1).wishedFor(bitten)).isEqualTo(1);
    assertThat(new LengthWish(Mode.MILLIMETRES, 5).extensionOf(bitten)).isEqualTo(5);
  }

  @Test
  void anAbsurdLengthIsRefused() {
    assertThatThrownBy(() -> new LengthWish(Mode.MILLIMETRES, 400)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new LengthWish(Mode.PLATE_SHARE, Double.NaN))
        .isInstanceOf(OutOfRange.class);
  }
}
