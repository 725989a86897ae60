package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Kills the salon at random moments and counts what it had promised; {@code ./ongle crash}. */
@Tag("crash")
class CrashIT {
  private static final int KILLS = Integer.getInteger("ongle.kills", 50);
  private static final int START_KILLS = 20;

  private final Random random = new Random(7);

  @Test
  void whatWasAnsweredAsSavedIsThereAfterEveryKill() throws Exception {
    int lost = 0;
    try (Salon salon = Salon.encrypted()) {
      Writers writers = new Writers(List.of(salon), 4);
      for (int kill = 0; kill < KILLS; kill++) {
        AtomicBoolean on = new AtomicBoolean(true);
        ExecutorService all = Executors.newFixedThreadPool(Writers.FIELDS.size());
        for (int writer = 0; writer < Writers.FIELDS.size(); writer++) {
          String field = Writers.FIELDS.get(writer);
          int seed = kill * 10 + writer;
          all.execute(() -> writers.write(field, new Random(seed), on::get, 0));
        }
        TimeUnit.MILLISECONDS.sleep(200 + random.nextInt(1500));
        salon.kill();
        on.set(false);
        all.shutdown();
        assertThat(all.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
        salon.start();
        lost = writers.lost(salon);
      }
      System.out.printf(
          "%d kills under %d writers: %d changes answered as saved, %d lost%n",
          KILLS, Writers.FIELDS.size(), writers.acknowledged(), lost);
    }
    assertThat(lost).isZero();
  }

  @Test
  void aFirstStartThatIsKilledCanAlwaysBeginAgain() throws Exception {
    List<Integer> moments = new ArrayList<>();
    for (int i = 0; i < START_KILLS; i++) {
      moments.add(1500 + i * 500);
    }
    try (Salon salon = Salon.notStarted()) {
      for (int moment : moments) {
        salon.launch();
        TimeUnit.MILLISECONDS.sleep(moment);
        salon.kill();
        if (random.nextInt(3) == 0) {
          salon.forget();
        }
      }
      salon.start();
      assertThat(salon.get("/clients").body()).contains("Ines Tarrowby");
      assertThat(salon.get("/sets/4/structure").statusCode()).isEqualTo(200);
      System.out.printf("%d kills while starting: it begins, and the demo is whole%n", START_KILLS);
    }
  }
}
