package ongle.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import ongle.core.Nails;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.shape.LengthWish.Mode;
import org.junit.jupiter.api.Test;

class LengthWishTest {
  private static double wished(Mode mode, double value, Nail nail) {
    return new LengthWish(mode, value).wishedFor(List.of(nail)).get(0);
  }

  @Test
  void waysToGiveALength() {
    Nail nail = Nails.of(Finger.L2, 11, 12, 2);
    assertThat(wished(Mode.MILLIMETRES, 7, nail)).isEqualTo(7);
    assertThat(wished(Mode.PLATE_SHARE, 50, nail)).isEqualTo(6);
    assertThat(wished(Mode.COVER_FINGERTIP, 2, nail)).isCloseTo(3.5, within(1e-9));
  }

  @Test
  void equallySlenderGivesTheWideNailMoreButNeverMoreThanItsCorrection() {
    List<Nail> hand =
        List.of(
            Nails.of(Finger.R1, 15, 13, 3),
            Nails.of(Finger.R3, 11.5, 12, 2),
            Nails.of(Finger.R5, 9, 9.5, 1.5));
    List<Double> lengths = new LengthWish(Mode.SLENDERNESS, 8).wishedFor(hand);
    assertThat(lengths.get(0)).isCloseTo(9.5, within(1e-9));
    assertThat(lengths).allMatch(length -> length >= 6.5 - 1e-9 && length <= 9.5 + 1e-9);
    assertThat(new LengthWish(Mode.SLENDERNESS, 0).wishedFor(hand)).containsOnly(0.0);
  }

  @Test
  void theWishThatReachesALengthIsFoundAlsoWhereTheCorrectionIsBound() {
    List<Nail> hand =
        List.of(
            Nails.of(Finger.R1, 15, 13, 3),
            Nails.of(Finger.R3, 11.5, 12, 2),
            Nails.of(Finger.R5, 9, 9.5, 1.5));
    for (double wanted : new double[] {5, 8, 12}) {
      for (int i = 0; i < hand.size(); i++) {
        LengthWish wish = LengthWish.reaching(Mode.SLENDERNESS, hand.get(i), hand, wanted);
        assertThat(wish.wishedFor(hand).get(i)).isCloseTo(wanted, within(0.1));
      }
    }
  }

  @Test
  void aBittenNailIsBuiltPastTheFingertip() {
    Nail bitten =
        new Nail(Finger.L2, 11, 7, 2, 0, 0, 0, 0, 3, PlateCondition.BITTEN, SkinState.INTACT);
    LengthWish wish = new LengthWish(Mode.MILLIMETRES, 2);
    assertThat(wish.minFor(bitten)).isEqualTo(3.5);
    assertThat(wish.minFor(Nails.plain())).isZero();
    assertThat(new LengthWish(Mode.AS_GROWN, 0).minFor(bitten)).isZero();
  }

  @Test
  void anAbsurdLengthIsRefused() {
    assertThatThrownBy(() -> new LengthWish(Mode.MILLIMETRES, 400)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new LengthWish(Mode.PLATE_SHARE, Double.NaN))
        .isInstanceOf(OutOfRange.class);
  }
}
