package ongle.e2e;

import java.util.concurrent.TimeUnit;

/** A moment in which nothing is done. */
final class Pause {
  private Pause() {}

  static void of(long millis) {
    try {
      TimeUnit.MILLISECONDS.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
