package ongle.core.cause;

import java.util.OptionalInt;
import ongle.core.Code;
import ongle.core.nail.Finger;

/**
 * Something that happened to a built nail.
 *
 * @param place where on the nail
 * @param far how far it has gone, mm; 0 where that is not known
 * @param day it was found, counted from the day it was built
 * @param whole day it was last seen whole; empty where nobody looked
 */
public record Finding(
    Finger finger, Kind kind, Place place, double far, int day, OptionalInt whole, After after) {
  /** What happened. */
  public enum Kind implements Code {
    LIFTING,
    CRACK,
    CHIP,
    BREAK,
    POP_OFF,
    TIP_OFF,
    PLATE_TORN,
    CLOUDED;

    /** Whether the nail gave, which is what its crack margin foretells. */
    public boolean broke() {
      return this == CRACK || this == BREAK;
    }

    /** Whether product came off the plate, which is what its lift margin foretells. */
    public boolean cameLoose() {
      return this == LIFTING || this == POP_OFF;
    }
  }

  /** Where it begins. */
  public enum Place implements Code {
    CUTICLE,
    LEFT_SIDE,
    RIGHT_SIDE,
    STRESS_LINE,
    FREE_EDGE,
    /** Along the join of a tip. */
    JOIN
  }

  /** After what. */
  public enum After implements Code {
    NOTHING_KNOWN,
    KNOCK,
    WATER,
    PICKING
  }

  /** No crack, however small, is this long, mm. */
  public static final double FARTHEST = 30;

  /**
   * @throws IllegalArgumentException if it was found before it was built, or before it was last
   *     seen whole, or goes on for longer than a nail
   */
  public Finding {
    if (day < 0 || whole.isPresent() && (whole.getAsInt() < 0 || whole.getAsInt() > day)) {
      throw new IllegalArgumentException("found on day " + day + ", whole on " + whole);
    }
    if (!(far >= 0) || far > FARTHEST) {
      throw new IllegalArgumentException("goes on for " + far);
    }
  }
}
