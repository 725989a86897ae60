package ongle.app.salon;

import ongle.core.bench.Routine;
import tools.jackson.databind.json.JsonMapper;

/** A salon's steps as JSON in the store. */
public final class Routines {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Routines() {}

  public static Routine read(String stored) {
    return JSON.readValue(stored, Routine.class);
  }

  public static String write(Routine routine) {
    return JSON.writeValueAsString(routine);
  }
}
