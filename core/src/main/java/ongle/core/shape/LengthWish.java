package ongle.core.shape;

import java.util.List;
import java.util.function.ToDoubleFunction;
import ongle.core.School;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;

/**
 * How long the client wants the set, in one of six ways, turned into each finger's extension.
 *
 * @param mode which way it is given
 * @param value in the mode's quantity and unit
 */
public record LengthWish(Mode mode, double value) {
  /** A bitten nail is built at least this far past the fingertip, mm. */
  public static final double BITTEN_BEYOND_FINGERTIP = 0.5;

  /** The ways to give a length. */
  public enum Mode implements School {
    MILLIMETRES(Quantity.EXTENSION),
    PLATE_SHARE(Quantity.PLATE_SHARE),
    SLENDERNESS(Quantity.EXTENSION),
    COVER_FINGERTIP(Quantity.COVER),
    AS_GROWN(Quantity.FREE_EDGE),
    SHORTENED(Quantity.FREE_EDGE);
    private final Quantity quantity;

    Mode(Quantity quantity) {
      this.quantity = quantity;
    }

    /** What the number means, with its unit and range. */
    public Quantity quantity() {
      return quantity;
    }

    /** Whether the nails stay as long as they are or get shorter: a set of overlays. */
    public boolean natural() {
      return this == AS_GROWN || this == SHORTENED;
    }

    /** Whether a number goes with it. */
    public boolean numbered() {
      return this != AS_GROWN;
    }
  }

  public LengthWish {
    mode.quantity().check(value);
  }

  /** Most that is added or taken so that unequal plates look equally slender, mm. */
  public static final double SLENDERNESS_CORRECTION = 1.5;

  /**
   * What the wish alone asks of each nail, mm beyond the stress line, within the allowed range; in
   * the order given. Equally slender means the same visible length over width, as far as the
   * correction goes.
   */
  public List<Double> wishedFor(List<Nail> nails) {
    double slenderness = mean(nails, nail -> (nail.plateLength() + value) / nail.width());
    return nails.stream().map(nail -> within(wishedFor(nail, slenderness))).toList();
  }

  private double wishedFor(Nail nail, double slenderness) {
    return switch (mode) {
      case MILLIMETRES -> value;
      case PLATE_SHARE -> nail.plateLength() * value / 100;
      case COVER_FINGERTIP -> nail.overhang() + value;
      case AS_GROWN -> nail.freeEdge();
      case SHORTENED -> Math.min(value, nail.freeEdge());
      case SLENDERNESS -> {
        double correction = slenderness * nail.width() - nail.plateLength() - value;
        yield value + bounded(correction, value);
      }
    };
  }

  private static double within(double extension) {
    return Math.max(0, Math.min(extension, Quantity.EXTENSION.max()));
  }

  /**
   * The wish in this mode that gives one of the nails an extension, as near as the mode's range and
   * decimals allow.
   *
   * @param nails the whole set, as equally slender depends on all of them
   * @param extension mm
   */
  public static LengthWish reaching(Mode mode, Nail nail, List<Nail> nails, double extension) {
    double value =
        switch (mode) {
          case MILLIMETRES -> extension;
          case SLENDERNESS -> slenderReaching(nail, nails, extension);
          case PLATE_SHARE -> 100 * extension / nail.plateLength();
          case COVER_FINGERTIP -> extension - nail.overhang();
          case AS_GROWN -> 0;
          case SHORTENED -> extension;
        };
    Quantity quantity = mode.quantity();
    double within = Math.max(quantity.min(), Math.min(quantity.max(), value));
    double factor = Math.pow(10, quantity.decimals());
    return new LengthWish(mode, Math.round(within * factor) / factor);
  }

  /**
   * The visible length grows with the value, so the value that reaches it without a bound is found
   * first; if the correction then is past its bound, the bound is what is added.
   */
  private static double slenderReaching(Nail nail, List<Nail> nails, double extension) {
    double ofPlates = mean(nails, each -> each.plateLength() / each.width());
    double perMillimetre = mean(nails, each -> 1 / each.width());
    double unbound =
        (extension + nail.plateLength() - nail.width() * ofPlates) / (nail.width() * perMillimetre);
    return extension - bounded(extension - unbound, unbound);
  }

  /** Never more than the length itself, so that next to nothing stays next to nothing. */
  private static double bounded(double correction, double value) {
    double max = Math.max(0, Math.min(SLENDERNESS_CORRECTION, value));
    return Math.max(-max, Math.min(max, correction));
  }

  private static double mean(List<Nail> nails, ToDoubleFunction<Nail> of) {
    return nails.stream().mapToDouble(of).average().orElse(0);
  }

  /** The least extension this nail is built with: a bitten one covers its fingertip, mm. */
  public double minFor(Nail nail) {
    return !mode.natural() && nail.condition().has(PlateFinding.BITTEN)
        ? nail.overhang() + BITTEN_BEYOND_FINGERTIP
        : 0;
  }
}
