package ongle.app.salon;

import java.util.List;
import ongle.core.bench.Routine;
import tools.jackson.databind.json.JsonMapper;

/** A salon's steps as JSON in the store. */
public final class Routines {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Routines() {}

  private record Stored(List<Routine.Line> lines) {}

  /** What was stored under earlier rules is brought into order. */
  public static Routine read(String stored) {
    return Routine.mended(JSON.readValue(stored, Stored.class).lines());
  }

  public static String write(Routine routine) {
    return JSON.writeValueAsString(routine);
  }
}
