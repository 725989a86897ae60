package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Kills the salon at random moments and counts what it had promised; {@code ./ongle crash}. */
@Tag("crash")
class CrashIT {
  private static final int KILLS = Integer.getInteger("ongle.kills", 50);
  private static final int START_KILLS = 20;
  private static final String FORM = "application/x-www-form-urlencoded";
  private static final List<String> FIELDS =
      List.of("WIDTH", "PLATE_LENGTH", "OVERHANG", "FREE_EDGE");

  private final Random random = new Random(7);

  /** What stood in a field when it was last acknowledged, and what may stand there besides. */
  private record Kept(String acknowledged, String sent) {}

  @Test
  void whatWasAnsweredAsSavedIsThereAfterEveryKill() throws Exception {
    Map<String, Kept> kept = new ConcurrentHashMap<>();
    AtomicInteger acknowledged = new AtomicInteger();
    int lost = 0;
    try (Salon salon = new Salon()) {
      for (int kill = 0; kill < KILLS; kill++) {
        AtomicBoolean on = new AtomicBoolean(true);
        ExecutorService writers = Executors.newFixedThreadPool(FIELDS.size());
        for (int writer = 0; writer < FIELDS.size(); writer++) {
          String field = FIELDS.get(writer);
          int seed = kill * 10 + writer;
          writers.execute(() -> write(salon, field, new Random(seed), on, kept, acknowledged));
        }
        TimeUnit.MILLISECONDS.sleep(200 + random.nextInt(1500));
        salon.kill();
        on.set(false);
        writers.shutdown();
        assertThat(writers.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
        salon.start();
        lost += lost(salon, kept);
      }
      System.out.printf(
          "%d kills under %d writers: %d changes answered as saved, %d lost%n",
          KILLS, FIELDS.size(), acknowledged.get(), lost);
    }
    assertThat(lost).isZero();
  }

  private static void write(
      Salon salon,
      String field,
      Random random,
      AtomicBoolean on,
      Map<String, Kept> kept,
      AtomicInteger acknowledged) {
    while (on.get()) {
      String finger = (random.nextBoolean() ? "L" : "R") + (1 + random.nextInt(5));
      String id = finger + "-" + field;
      String value =
          field.equals("WIDTH")
              ? "1" + random.nextInt(4) + "." + random.nextInt(10)
              : field.equals("PLATE_LENGTH")
                  ? "1" + random.nextInt(3) + "." + random.nextInt(10)
                  : "1." + random.nextInt(10);
      String seen = kept.containsKey(id) ? kept.get(id).acknowledged() : null;
      try {
        if (seen == null) {
          seen = standing(salon.get("/sets/4/measure").body(), id);
          kept.put(id, new Kept(seen, seen));
        }
        kept.put(id, new Kept(seen, value));
        String answer =
            salon
                .post(
                    "/sets/4/measure/" + finger + "/" + field,
                    FORM,
                    "value=" + value + "&seen=" + URLEncoder.encode(seen, StandardCharsets.UTF_8))
                .body();
        if (answer.contains(">Saved<")) {
          kept.put(id, new Kept(value, value));
          acknowledged.incrementAndGet();
        }
      } catch (RuntimeException killed) {
        return;
      }
    }
  }

  /** Neither what was acknowledged last nor what was on its way. */
  private static int lost(Salon salon, Map<String, Kept> kept) {
    String page = salon.get("/sets/4/measure").body();
    int lost = 0;
    for (Map.Entry<String, Kept> each : List.copyOf(kept.entrySet())) {
      String stands = standing(page, each.getKey());
      if (!stands.equals(each.getValue().acknowledged())
          && !stands.equals(each.getValue().sent())) {
        lost++;
        System.out.println(each.getKey() + " stands at " + stands + ", was " + each.getValue());
      }
      kept.put(each.getKey(), new Kept(stands, stands));
    }
    return lost;
  }

  private static String standing(String page, String id) {
    Matcher field = Pattern.compile("<input[^>]*id=\"" + id + "\"[^>]*>").matcher(page);
    if (!field.find()) {
      throw new IllegalStateException("no field " + id);
    }
    Matcher value = Pattern.compile("\\svalue=\"([^\"]*)\"").matcher(field.group());
    return value.find() ? value.group(1) : "";
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
