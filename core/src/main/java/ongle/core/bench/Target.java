package ongle.core.bench;

import java.util.Objects;
import ongle.core.nail.Finger;

/**
 * What a step works to on one nail.
 *
 * @param finger the nail's
 * @param measure what is measured
 * @param value in the measure's unit
 */
public record Target(Finger finger, Measure measure, double value) {
  public Target {
    Objects.requireNonNull(finger);
    Objects.requireNonNull(measure);
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException(measure + " of " + finger + " has no value");
    }
  }

  /** Everything a step can work to. */
  public enum Measure {
    TAKE_OFF("take %s off where it is highest", "mm", 2),
    LEAVE("leave %s on", "mm", 2),
    FILE_A_SIDE("file %s off each side", "mm", 2),
    WELL_BACK("cut the well back by %s", "mm", 1),
    CUT_AT("cut %s beyond the stress line", "mm", 1),
    MOUTH("cut the mouth %s deeper", "mm", 1),
    TILT("set it %s against the plate", "°", 0),
    AIM("turn it %s", "°", 0),
    CLOSE("close it %s beyond the length", "mm", 1),
    MARK("build to mark %s", "", 1),
    APEX("apex %s thick", "mm", 2),
    APEX_AT("apex %s from the cuticle", "mm", 1),
    PINCH_TO("squeeze it to %s", "mm", 1),
    LENGTH("%s beyond the stress line", "mm", 1),
    FREE_EDGE("leave %s of the natural edge", "mm", 1),
    STRAIGHT_TO("sides straight to %s", "mm", 1),
    TIP_WIDTH("flat tip %s wide", "mm", 1),
    EDGE("free edge %s thick", "mm", 2);

    private final String phrase;
    private final String unit;
    private final int decimals;

    Measure(String phrase, String unit, int decimals) {
      this.phrase = phrase;
      this.unit = unit;
      this.decimals = decimals;
    }

    /** What to do, with %s where the figure goes. */
    public String phrase() {
      return phrase;
    }

    /** Symbol; empty for a plain number. */
    public String unit() {
      return unit;
    }

    /** Digits after the point that can be worked to. */
    public int decimals() {
      return decimals;
    }
  }
}
