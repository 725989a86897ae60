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
 */
public record Wearing(int days, Set<PrepStep> skipped, Growth growth) {
  /** Days until the infill unless said otherwise. */
  public static final int USUAL_DAYS = 21;

  /** Full preparation, the usual interval and the usual growth. */
  public static final Wearing USUAL = new Wearing(USUAL_DAYS, Set.of(), Growth.USUAL);

  public Wearing {
    Quantity.WEAR_DAYS.check(days);
    skipped = Set.copyOf(skipped);
    Objects.requireNonNull(growth);
  }

  /** The same with another interval. */
  public Wearing withDays(int other) {
    return new Wearing(other, skipped, growth);
  }

  /** The same with every step of the preparation. */
  public Wearing fullyPrepared() {
    return new Wearing(days, Set.of(), growth);
  }

  /** Share of the full hold on the plate, above 0 to 1. */
  public double prepQuality() {
    return PrepStep.quality(skipped);
  }

  /** What a nail of this finger has to get through under an everyday load. */
  public WearPeriod term(Digit digit, FingerLoad load) {
    return new WearPeriod(prepQuality(), growth.after(digit, days), load);
  }
}
