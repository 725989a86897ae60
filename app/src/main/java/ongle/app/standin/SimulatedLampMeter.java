package ongle.app.standin;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiFunction;
import ongle.app.lamps.LampMeter;
import ongle.app.words.Words;
import org.springframework.stereotype.Component;

/** Stands in for a light meter laid into a lamp: sends what a real one would, good and bad. */
@Component
class SimulatedLampMeter implements LampMeter {
  private final List<BiFunction<String, String, String>> listeners = new CopyOnWriteArrayList<>();

  @Override
  public void onReading(BiFunction<String, String, String> listener) {
    listeners.add(listener);
  }

  /**
   * Sends a reading.
   *
   * @return what became of it
   */
  String send(String lamp, String light) {
    return listeners.stream()
        .map(listener -> listener.apply(lamp, light))
        .reduce((one, other) -> other)
        .orElseGet(() -> Words.say("standin.nobody"));
  }
}
