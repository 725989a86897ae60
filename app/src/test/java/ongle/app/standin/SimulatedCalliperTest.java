package ongle.app.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import ongle.app.standin.SimulatedCalliper.Behaviour;
import ongle.core.nail.CalliperReading;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SimulatedCalliperTest {
  private final SimulatedCalliper calliper = new SimulatedCalliper();
  private final List<String> heard = new ArrayList<>();

  @BeforeEach
  void listen() {
    calliper.onLine(heard::add);
  }

  private static double millimetres(String line) {
    return ((CalliperReading.Length) CalliperReading.of(line)).millimetres();
  }

  @Test
  void itWaversAroundTheValueAndHoldsItWhenHeld() {
    for (int i = 0; i < 200; i++) {
      calliper.press(11.8, new Behaviour(false, 0.2, false, 0));
    }
    assertThat(heard)
        .hasSize(200)
        .allMatch(line -> Math.abs(millimetres(line) - 11.8) <= 0.2 + 0.005)
        .anyMatch(line -> millimetres(line) < 11.75)
        .anyMatch(line -> millimetres(line) > 11.85);
    assertThat(calliper.press(11.8, new Behaviour(false, 0.2, true, 0))).isEqualTo("11.80 mm");
  }

  @Test
  void lostPressesReachNobody() {
    assertThat(calliper.press(11.8, new Behaviour(false, 0, true, 100))).isEmpty();
    assertThat(heard).isEmpty();
    for (int i = 0; i < 300; i++) {
      calliper.press(11.8, new Behaviour(false, 0, true, 30));
    }
    assertThat(heard.size()).isBetween(150, 270);
  }

  @Test
  void inchesAreSentAsInches() {
    assertThat(calliper.press(25.4, new Behaviour(true, 0, true, 0))).isEqualTo("1.000 in");
  }
}
