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
  /**
   * @throws IllegalArgumentException if the value is not finite
   */
  public Target {
    Objects.requireNonNull(finger);
    Objects.requireNonNull(measure);
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException(measure + " of " + finger + " has no value");
    }
  }

  /** Everything a step can work to. */
  public enum Measure {
    TAKE_OFF("mm", 2),
    CLIP_OFF("mm", 1),
    FILE_A_SIDE("mm", 2),
    WELL_BACK("mm", 1),
    CUT_AT("mm", 1),
    MOUTH("mm", 1),
    TILT("°", 0),
    AIM("°", 0),
    CLOSE("mm", 1),
    MARK("", 1),
    APEX("mm", 2),
    APEX_AT("mm", 1),
    PINCH_TO("mm", 1),
    LENGTH("mm", 1),
    FREE_EDGE("mm", 1),
    STRAIGHT_TO("mm", 1),
    TIP_WIDTH("mm", 1),
    EDGE("mm", 2);
    private final String unit;
    private final int decimals;

    Measure(String unit, int decimals) {
      this.unit = unit;
      this.decimals = decimals;
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
