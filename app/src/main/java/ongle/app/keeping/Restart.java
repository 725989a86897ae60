package ongle.app.keeping;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/**
 * Ends Ongle so that whoever started it begins again ({@code ./ongle start} and {@code demo} do).
 */
@Component
class Restart {
  /** Says so. */
  private static final int BEGINS_AGAIN = 75;

  private final ApplicationContext context;
  private final boolean possible;

  Restart(ApplicationContext context, @Value("${ongle.restarts:false}") boolean possible) {
    this.context = context;
    this.possible = possible;
  }

  boolean possible() {
    return possible;
  }

  /** In a moment: the answer goes out first. */
  void soon() {
    Thread ending =
        new Thread(
            () -> {
              LockSupport.parkNanos(TimeUnit.SECONDS.toNanos(1));
              System.exit(SpringApplication.exit(context, () -> BEGINS_AGAIN));
            },
            "ending");
    ending.setDaemon(false); // or the machine is gone with the last page, before it says why
    ending.start();
  }
}
