package ongle.e2e;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writers that remember what was answered as saved, and look whether it still stands. Each writes
 * one field of the ten nails of a set, at whichever instance answers.
 */
final class Writers {
  static final List<String> FIELDS = List.of("WIDTH", "PLATE_LENGTH", "OVERHANG", "FREE_EDGE");

  private static final String FORM = "application/x-www-form-urlencoded";
  private static final long PATIENCE_MILLIS = 100;

  private final List<Salon> instances;
  private final int set;
  private final Map<String, Kept> kept = new ConcurrentHashMap<>();
  private final AtomicInteger acknowledged = new AtomicInteger();
  private final AtomicInteger lost = new AtomicInteger();

  /** What stood in a field when it was last acknowledged, and what may stand there besides. */
  private record Kept(String acknowledged, String sent) {}

  /**
   * @param instances of one salon; with one alone a writer stops once it does not answer
   */
  Writers(List<Salon> instances, int set) {
    this.instances = instances;
    this.set = set;
  }

  /** Writes while it is on, with a pause between. */
  void write(String field, Random random, BooleanSupplier on, long pauseMillis) {
    int at = random.nextInt(instances.size());
    while (on.getAsBoolean()) {
      String finger = (random.nextBoolean() ? "L" : "R") + (1 + random.nextInt(5));
      try {
        write(instances.get(at), finger, field, value(field, random));
        at = random.nextInt(instances.size());
        Pause.of(pauseMillis);
      } catch (RuntimeException killed) {
        if (instances.size() == 1) {
          return;
        }
        at = (at + 1) % instances.size();
        Pause.of(PATIENCE_MILLIS);
        lookAt(instances.get(at), finger + "-" + field);
      }
    }
  }

  private static String value(String field, Random random) {
    return field.equals("WIDTH")
        ? "1" + random.nextInt(4) + "." + random.nextInt(10)
        : field.equals("PLATE_LENGTH")
            ? "1" + random.nextInt(3) + "." + random.nextInt(10)
            : "1." + random.nextInt(10);
  }

  private void write(Salon salon, String finger, String field, String value) {
    String id = finger + "-" + field;
    String seen;
    if (kept.containsKey(id)) {
      seen = kept.get(id).acknowledged();
    } else {
      seen = standing(page(salon), id);
      kept.put(id, new Kept(seen, seen));
    }
    kept.put(id, new Kept(seen, value));
    String answer =
        salon
            .post(
                "/sets/" + set + "/measure/" + finger + "/" + field,
                FORM,
                "value=" + value + "&seen=" + URLEncoder.encode(seen, StandardCharsets.UTF_8))
            .body();
    if (answer.contains(">Saved<")) {
      kept.put(id, new Kept(value, value));
      acknowledged.incrementAndGet();
    }
  }

  private String page(Salon salon) {
    return salon.get("/sets/" + set + "/measure").body();
  }

  /** Whether a field of one that was killed holds what it should. */
  private void lookAt(Salon salon, String id) {
    try {
      look(page(salon), id);
    } catch (RuntimeException alsoKilled) {
      // Looked at in the end.
    }
  }

  private void look(String page, String id) {
    Kept each = kept.get(id);
    if (each == null) {
      return;
    }
    String stands = standing(page, id);
    if (!stands.equals(each.acknowledged()) && !stands.equals(each.sent())) {
      lost.incrementAndGet();
      System.out.println(id + " stands at " + stands + ", was " + each);
    }
    kept.put(id, new Kept(stands, stands));
  }

  /** Looks at every field; how many in all held neither what was acknowledged nor what was sent. */
  int lost(Salon salon) {
    String page = page(salon);
    List.copyOf(kept.keySet()).forEach(id -> look(page, id));
    return lost.get();
  }

  int acknowledged() {
    return acknowledged.get();
  }

  /** What stands in a field of a page. */
  static String standing(String page, String id) {
    Matcher field = Pattern.compile("<input[^>]*id=\"" + id + "\"[^>]*>").matcher(page);
    if (!field.find()) {
      throw new IllegalStateException("no field " + id);
    }
    Matcher value = Pattern.compile("\\svalue=\"([^\"]*)\"").matcher(field.group());
    return value.find() ? value.group(1) : "";
  }
}
