package ongle.core.portion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class NeedTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 10);

  private static Lot lot(String number, double left, String expires, String opened) {
    return new Lot(
        Material.TOP_COAT.code(),
        number,
        15,
        left,
        Optional.ofNullable(expires).map(LocalDate::parse),
        Optional.ofNullable(opened).map(LocalDate::parse),
        12,
        OptionalDouble.of(30));
  }

  private static Need need(double amount, Lot... shelf) {
    return Need.of(Material.TOP_COAT, amount, List.of(shelf), TODAY);
  }

  @Test
  void whatIsOpenGoesFirstThenWhatSpoilsFirst() {
    Need need =
        need(3, lot("closed", 15, "2026-05-01", null), lot("open", 2, "2027-05-01", "2025-11-01"));

    assertThat(need.standing()).isEqualTo(Need.Standing.ENOUGH);
    assertThat(need.from().stream().map(taken -> taken.lot().number()))
        .containsExactly("open", "closed");
    assertThat(need.cost().orElseThrow()).isCloseTo(6, within(1e-9));
  }

  @Test
  void whatIsSpoiltIsNeverTaken() {
    assertThat(need(1, lot("a", 9, "2026-03-09", null)).standing())
        .isEqualTo(Need.Standing.ALL_EXPIRED);
    assertThat(need(1, lot("a", 9, "2026-03-10", null)).standing()).isEqualTo(Need.Standing.ENOUGH);
    assertThat(need(1, lot("a", 9, null, "2025-03-09")).standing())
        .isEqualTo(Need.Standing.ALL_OPEN_TOO_LONG);
    assertThat(need(1, lot("a", 9, "2026-01-01", null), lot("b", 9, null, null)).unusable())
        .hasSize(1);
  }

  @Test
  void whatLacksIsSaidAndHasNoCost() {
    Need need = need(20, lot("a", 15, null, null));

    assertThat(need.standing()).isEqualTo(Need.Standing.SHORT);
    assertThat(need.lacking()).isCloseTo(5, within(1e-9));
    assertThat(need.cost()).isEmpty();
    assertThat(need(1).standing()).isEqualTo(Need.Standing.UNCOUNTED);
    assertThat(need(1, lot("a", 0, null, null)).standing()).isEqualTo(Need.Standing.SHORT);
  }

  @Test
  void aLotCannotHoldMoreThanItsContent() {
    assertThatThrownBy(() -> lot("a", 16, null, null)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> lot(" ", 5, null, null)).isInstanceOf(IllegalArgumentException.class);
  }
}
