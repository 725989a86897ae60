package ongle.app.standin;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import ongle.app.measure.Calliper;
import org.springframework.stereotype.Component;

/** Stands in for a digital calliper: sends what a real one would, good and bad. */
@Component
class SimulatedCalliper implements Calliper {
  private final List<Consumer<String>> listeners = new CopyOnWriteArrayList<>();
  private final RandomGenerator chance = RandomGenerator.getDefault();

  /**
   * How the calliper behaves.
   *
   * @param jitter most it wavers by, mm; nothing while it holds
   * @param hold whether it holds the value still before sending
   * @param dropOuts share of presses that get lost, percent
   */
  record Behaviour(boolean inches, double jitter, boolean hold, int dropOuts) {}

  @Override
  public void onLine(Consumer<String> listener) {
    listeners.add(listener);
  }

  /**
   * Presses the button.
   *
   * @return the line sent; empty if it got lost on the way
   */
  String press(double millimetres, Behaviour behaviour) {
    if (chance.nextInt(100) < behaviour.dropOuts()) {
      return "";
    }
    double wavers = behaviour.hold() ? 0 : behaviour.jitter() * (2 * chance.nextDouble() - 1);
    double shown = millimetres + wavers;
    return send(
        behaviour.inches()
            ? String.format(Locale.ROOT, "%.3f in", shown / 25.4)
            : String.format(Locale.ROOT, "%.2f mm", shown));
  }

  String send(String line) {
    listeners.forEach(listener -> listener.accept(line));
    return line;
  }
}
