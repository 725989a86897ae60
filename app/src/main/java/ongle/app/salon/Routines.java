package ongle.app.salon;

import java.util.List;
import ongle.core.Memo;
import ongle.core.bench.Routine;
import tools.jackson.databind.json.JsonMapper;

/** A salon's steps as JSON in the store. */
public final class Routines {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** A visit keeps the one it began with, and asks for it at every press. */
  private static final Memo<String, Routine> READ = Memo.forEachDesk(2);

  private Routines() {}

  private record Stored(List<Routine.Line> lines) {}

  /** What was stored under earlier rules is brought into order. */
  public static Routine read(String stored) {
    return READ.of(stored, () -> Routine.mended(JSON.readValue(stored, Stored.class).lines()));
  }

  public static String write(Routine routine) {
    return JSON.writeValueAsString(routine);
  }
}
