package ongle.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class RangeTest {
  private static final Range ROOM = new Range(12, 35);

  @Test
  void bothBoundsAreIncludedAndNoNumberIsNot() {
    assertThat(ROOM.allows(12)).isTrue();
    assertThat(ROOM.allows(35)).isTrue();
    assertThat(ROOM.allows(11.999)).isFalse();
    assertThat(ROOM.allows(Double.NaN)).isFalse();
    assertThat(ROOM.held(50)).isEqualTo(35);
    assertThat(ROOM.held(-1)).isEqualTo(12);
    assertThat(ROOM.held(20)).isEqualTo(20);
  }

  @Test
  void whatIsOutOfItIsNamedAndNoneEndsBeforeItBegins() {
    assertThatThrownBy(() -> ROOM.check("room", 36)).hasMessageContaining("room");
    assertThatThrownBy(() -> new Range(2, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Range(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
  }
}
