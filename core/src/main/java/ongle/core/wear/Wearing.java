package ongle.core.wear;

import java.util.Objects;
import java.util.Set;
import ongle.core.nail.Digit;
import ongle.core.nail.Quantity;
import ongle.core.structure.FingerLoad;
import ongle.core.structure.WearPeriod;

/**
 * What a set has to last through.
 *
 * @param days until the infill
 * @param skipped steps of the preparation that are left out
 * @param growth of this client's nails
 * @param load what these hands ask of their nails against the usual, above 0
 * @param plates what these plates ask of the hold on them against the usual, above 0
 */
public record Wearing(int days, Set<PrepStep> skipped, Growth growth, double load, double plates) {
  /** Days until the infill unless said otherwise. */
  public static final int USUAL_DAYS = 21;

  /** Full preparation, the usual interval and the usual growth. */
  public static final Wearing USUAL = new Wearing(USUAL_DAYS, Set.of(), Growth.USUAL);

  /** Hands and plates as usual. */
  public Wearing(int days, Set<PrepStep> skipped, Growth growth) {
    this(days, skipped, growth, 1, 1);
  }

  /**
   * @throws IllegalArgumentException if the days are out of their range, or load or plates not
   *     above 0
   */
  public Wearing {
    if (!(load > 0 && plates > 0) || Double.isInfinite(load) || Double.isInfinite(plates)) {
      throw new IllegalArgumentException("asks " + load + " and " + plates + " times the usual");
    }
    Quantity.WEAR_DAYS.check(days);
    skipped = Set.copyOf(skipped);
    Objects.requireNonNull(growth);
  }

  /** The same with another interval. */
  public Wearing withDays(int other) {
    return new Wearing(other, skipped, growth, load, plates);
  }

  /** The same with every step of the preparation. */
  public Wearing fullyPrepared() {
    return new Wearing(days, Set.of(), growth, load, plates);
  }

  /** Share of the full hold that the preparation leaves, above 0 to 1. */
  public double prepQuality() {
    return PrepStep.quality(skipped);
  }

  /** Hold on these plates after this preparation, as a share of the full hold on usual ones. */
  public double hold() {
    return prepQuality() / plates;
  }

  /** What a nail of this finger has to get through under an everyday load. */
  public WearPeriod term(Digit digit, FingerLoad everyday) {
    return new WearPeriod(
        hold(), growth.after(digit, days), load == 1 ? everyday : everyday.times(load));
  }
}
