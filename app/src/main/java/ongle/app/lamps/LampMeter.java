package ongle.app.lamps;

import java.util.function.BiFunction;

/** Something that measures the light at the nail. */
public interface LampMeter {
  /**
   * Whom to tell.
   *
   * @param listener takes the lamp's code and the text sent, and answers what became of it
   */
  void onReading(BiFunction<String, String, String> listener);
}
