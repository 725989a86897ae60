package ongle.app.measure;

import java.util.function.Consumer;

/** A digital calliper that sends a line of text each time its button is pressed. */
public interface Calliper {
  /** Hears every line sent from now on. */
  void onLine(Consumer<String> listener);
}
