package ongle.core.bench;

import java.time.Instant;
import java.util.Objects;

/**
 * Something that happened at the bench; never changed afterwards.
 *
 * @param at by the bench's clock
 * @param type what happened
 * @param step it happened at, by id; empty where it belongs to none
 * @param text reason or note; empty for none
 */
public record Event(Instant at, Type type, String step, String text) {
  /** What can happen. */
  public enum Type {
    /** The appointment begins. */
    BEGIN,
    /** A step of the technician's is finished. */
    DONE,
    /** A hand goes into the lamp or begins to soak; ends by itself. */
    STARTED,
    /** A hand goes into the lamp by itself as soon as that is free, which may be later. */
    WHEN_FREE,
    /** A step is left out, with a reason. */
    SKIPPED,
    /** The last step finished, started or left out is taken back. */
    BACK,
    /** A step that could come later is taken before the one advised. */
    FIRST,
    /** A part of a step, or a finger of it, is done; noted again, it is not. */
    TICK,
    /** The technician stops; lamps and chemistry do not. */
    PAUSED,
    RESUMED,
    NOTE,
    /** Product touched skin. */
    SKIN,
    /** The client felt heat; the hand is out of the lamp. */
    HEAT;

    /** Whether it moves the work on. */
    public boolean moves() {
      return this == DONE || this == STARTED || this == SKIPPED;
    }
  }

  public Event {
    Objects.requireNonNull(at);
    Objects.requireNonNull(type);
    Objects.requireNonNull(step);
    Objects.requireNonNull(text);
  }

  public static Event of(Instant at, Type type, String step) {
    return new Event(at, type, step, "");
  }
}
