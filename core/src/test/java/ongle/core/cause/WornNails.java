package ongle.core.cause;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import ongle.core.cause.Finding.After;
import ongle.core.cause.Finding.Kind;
import ongle.core.cause.Finding.Place;
import ongle.core.nail.Finger;

/**
 * Nails as they wear: four holds on the plate, what bends and what chips, pulled and bent a little
 * harder or softer every day until something gives. A planted cause weakens what it weakens; what
 * is written down of it is mostly true, and now and then something is written down that was not so.
 * Knows nothing of the table it tests.
 */
final class WornNails {
  /** A record is right this often. */
  private static final double WRITTEN_DOWN = 0.92;

  /** And tells of something that was nothing this often. */
  private static final double FALSE_ALARM = 0.01;

  private static final int LONGEST = 35;

  /** The infill is due then. */
  private static final int DUE = 26;

  private final Random random;

  WornNails(Random random) {
    this.random = random;
  }

  /** One failed nail with what is known of it. */
  record Worn(Finding finding, Map<Sign, Boolean> known) {}

  /** Strengths of one nail against what an ordinary day asks, which is about 0.45. */
  private static final class Nail {
    double cuticle;
    double side;
    double edge;
    double join;
    double bend;
    double back;
    double chip;
    double plate;
    boolean tip;
    boolean clouds;
    boolean picked;
    boolean knocked;
    double lever = 1;
    boolean late;
  }

  private double about(double value) {
    return value * Math.exp(0.10 * random.nextGaussian());
  }

  private Nail sound(boolean tip) {
    Nail nail = new Nail();
    nail.tip = tip;
    nail.cuticle = about(1.15);
    nail.side = about(1.25);
    nail.edge = about(1.3);
    nail.join = about(1.3);
    nail.bend = about(1.2);
    nail.back = about(1.5);
    nail.chip = about(1.35);
    nail.plate = about(1.5);
    return nail;
  }

  /** What the cause weakens, and how plainly it can be read off afterwards. */
  private Set<Sign> plant(Nail nail, Cause cause) {
    double weak = 0.42 + 0.16 * random.nextDouble();
    switch (cause) {
      case NO_PRIMER, NO_DEHYDRATOR, PRIMER_OLD -> {
        nail.cuticle *= weak;
        nail.side *= weak;
        nail.edge *= weak;
        nail.join *= weak;
        return Set.of(
            cause == Cause.NO_PRIMER
                ? Sign.PRIMER_SKIPPED
                : cause == Cause.PRIMER_OLD ? Sign.PRIMER_LATE : Sign.DEHYDRATOR_SKIPPED);
      }
      case SKIN_LEFT -> {
        nail.cuticle *= weak;
        nail.side *= 0.8;
        return Set.of(Sign.CUTICLE_SKIPPED);
      }
      case SKIN_TOUCHED -> {
        nail.cuticle *= weak;
        nail.side *= weak * 1.1;
        return Set.of(Sign.SKIN_TOUCHED);
      }
      case EDGE_OPEN -> {
        nail.edge *= weak * 1.1;
        nail.chip *= weak;
        return Set.of(Sign.CAP_SKIPPED);
      }
      case JOIN_GAP -> {
        nail.join *= weak;
        return Set.of();
      }
      case TIP_FIT -> {
        nail.join *= weak;
        nail.side *= weak * 1.25;
        return Set.of(Sign.TIP_OFF_SIZE);
      }
      case UNDERCURED, EXPIRED -> {
        nail.cuticle *= weak * 1.15;
        nail.side *= weak * 1.3;
        nail.bend *= weak * 1.35;
        nail.clouds = random.nextDouble() < 0.15;
        return cause == Cause.EXPIRED ? goneOff() : Set.of(softBecause());
      }
      case FORM_FORCED -> {
        nail.edge *= weak;
        nail.bend *= weak * 1.35;
        return Set.of(Sign.FORM_UNCHECKED);
      }
      case APEX_FLAT -> {
        nail.bend *= weak;
        return Set.of(Sign.APEX_LOW);
      }
      case APEX_FORWARD -> {
        nail.back *= weak * 0.95;
        nail.cuticle *= 0.8;
        nail.bend *= 0.7;
        return Set.of(Sign.APEX_FORWARD);
      }
      case BARREL_FLAT -> {
        nail.bend *= weak * 1.05;
        nail.back *= weak * 1.15;
        return Set.of(Sign.BARREL_FLAT);
      }
      case EDGE_HEAVY -> {
        nail.cuticle *= weak * 1.1;
        nail.bend *= 0.7;
        // Whoever looks from the tip sees most of them.
        return random.nextDouble() < 0.75
            ? Set.of(Sign.EDGE_THICK, Sign.HAIRLINE_THICK)
            : Set.of(Sign.EDGE_THICK);
      }
      case TOO_LONG -> {
        nail.lever = 1 / (weak * 1.05);
        return Set.of(Sign.LONG_FOR_HANDS);
      }
      case INFILL_LATE -> {
        nail.late = true;
        // Told by the dates alone.
        return Set.of();
      }
      case PLATE_THIN -> {
        nail.plate *= weak * 0.75;
        return Set.of(Sign.PLATE_THIN);
      }
      case NATURAL_LONG -> {
        nail.edge *= weak;
        return Set.of(Sign.NATURAL_LONG);
      }
      case PICKING -> {
        nail.picked = true;
        return Set.of(random.nextBoolean() ? Sign.BITES : Sign.AFTER_PICKING);
      }
      case KNOCK -> {
        nail.knocked = true;
        return Set.of(Sign.AFTER_KNOCK);
      }
      case UNKNOWN -> {
        return Set.of();
      }
    }
    return Set.of();
  }

  /** A nail that failed of this; tried until one did. */
  Worn failed(Cause cause) {
    while (true) {
      boolean tip =
          cause == Cause.JOIN_GAP
              || cause == Cause.TIP_FIT
              || cause != Cause.FORM_FORCED && random.nextDouble() < 0.4;
      Nail nail = sound(tip);
      Set<Sign> leaves = plant(nail, cause);
      int day = 1;
      Optional<Finding> finding = Optional.empty();
      int last = nail.late ? LONGEST + 14 : 24;
      while (day <= last && finding.isEmpty()) {
        finding = today(nail, day);
        day++;
      }
      boolean byItself = cause != Cause.UNKNOWN || finding.isPresent();
      if (finding.isPresent() && byItself && !(nail.late && finding.get().day() <= DUE)) {
        return new Worn(finding.get(), known(finding.get(), leaves, tip, cause, nail));
      }
    }
  }

  /** One day: pulled at the plate, bent over the stress line, knocked at the edge. */
  private Optional<Finding> today(Nail nail, int day) {
    // The lever grows as the nail does, and once far out it pulls hard.
    double grown = 1 + 0.006 * day + (nail.late ? 0.03 * Math.max(0, day - 22) : 0);
    double pull = 0.42 * Math.exp(0.22 * random.nextGaussian()) * Math.sqrt(nail.lever) * grown;
    double bends = 0.42 * Math.exp(0.24 * random.nextGaussian()) * nail.lever * grown;
    double knocks = 0.42 * Math.exp(0.24 * random.nextGaussian());
    if (nail.knocked && random.nextDouble() < 0.06) {
      bends *= 3.2;
      knocks *= 3.2;
      pull *= 1.3;
    }
    if (nail.picked && random.nextDouble() < 0.12) {
      double where = random.nextDouble();
      return found(
          Kind.LIFTING,
          where < 0.45 ? Place.CUTICLE : where < 0.7 ? Place.LEFT_SIDE : Place.RIGHT_SIDE,
          day);
    }
    if (nail.clouds && day > 5 && random.nextDouble() < 0.2) {
      return found(Kind.CLOUDED, Place.STRESS_LINE, day);
    }
    double[] left = {
      nail.cuticle - pull,
      nail.side - pull,
      nail.edge - (pull + knocks) / 2,
      nail.tip ? nail.join - (pull + bends) / 2 : 9,
      nail.bend - bends,
      nail.back - bends,
      nail.chip - knocks,
      nail.plate - (pull + bends) / 2
    };
    int first = 0;
    for (int i = 1; i < left.length; i++) {
      first = left[i] < left[first] ? i : first;
    }
    if (left[first] > 0) {
      return Optional.empty();
    }
    // What is weak all round does not lift at one place: it comes off.
    boolean allRound = nail.cuticle < 0.75 && nail.side < 0.8 && nail.edge < 0.9;
    return switch (first) {
      case 0 -> pops(allRound, day).or(() -> found(Kind.LIFTING, Place.CUTICLE, day));
      case 1 ->
          pops(allRound, day)
              .or(
                  () ->
                      found(
                          Kind.LIFTING,
                          random.nextBoolean() ? Place.LEFT_SIDE : Place.RIGHT_SIDE,
                          day));
      case 2 -> pops(allRound, day).or(() -> found(Kind.LIFTING, Place.FREE_EDGE, day));
      case 3 ->
          random.nextDouble() < 0.38
              ? found(Kind.TIP_OFF, Place.JOIN, day)
              : found(Kind.LIFTING, Place.JOIN, day);
      case 4 -> found(random.nextDouble() < 0.7 ? Kind.CRACK : Kind.BREAK, Place.STRESS_LINE, day);
      case 5 -> found(Kind.CRACK, Place.CUTICLE, day);
      case 6 -> found(Kind.CHIP, Place.FREE_EDGE, day);
      default -> found(Kind.PLATE_TORN, Place.STRESS_LINE, day);
    };
  }

  /** A cure cut short, a lamp gone weak, or more laid on than the light goes through. */
  private Sign softBecause() {
    double which = random.nextDouble();
    return which < 0.6 ? Sign.CURED_SHORT : which < 0.85 ? Sign.LAMP_WEAK : Sign.LAYER_THICK;
  }

  /** Past its date, open too long, or both, as jars at the back of a shelf are. */
  private Set<Sign> goneOff() {
    double which = random.nextDouble();
    return which < 0.3
        ? Set.of(Sign.LOT_EXPIRED)
        : which < 0.6
            ? Set.of(Sign.LOT_OPEN_LONG)
            : EnumSet.of(Sign.LOT_EXPIRED, Sign.LOT_OPEN_LONG);
  }

  private Optional<Finding> pops(boolean allRound, int day) {
    return allRound && random.nextDouble() < 0.6
        ? found(Kind.POP_OFF, Place.CUTICLE, day)
        : Optional.empty();
  }

  private static Optional<Finding> found(Kind kind, Place place, int day) {
    return Optional.of(
        new Finding(Finger.R3, kind, place, 1, day, OptionalInt.empty(), After.NOTHING_KNOWN));
  }

  private Map<Sign, Boolean> known(
      Finding finding, Set<Sign> leaves, boolean tip, Cause cause, Nail nail) {
    Map<Sign, Boolean> known = new EnumMap<>(Sign.class);
    for (Sign sign : Sign.values()) {
      known.put(sign, random.nextDouble() < FALSE_ALARM);
    }
    known.put(Sign.ON_TIP, tip);
    known.put(Sign.ON_FORM, !tip);
    known.put(Sign.EARLY, finding.day() <= 7);
    known.put(Sign.PAST_DUE, finding.day() > DUE);
    known.put(Sign.MARGIN_LOW, nail.bend / nail.lever < 0.85);
    if (!tip) {
      known.put(Sign.TIP_OFF_SIZE, false);
    }
    leaves.forEach(sign -> known.put(sign, random.nextDouble() < WRITTEN_DOWN));
    // What weakens the whole set shows on several of its nails.
    boolean ofTheSet =
        switch (cause) {
          case NO_PRIMER, NO_DEHYDRATOR, PRIMER_OLD, UNDERCURED, EXPIRED -> true;
          default -> false;
        };
    known.put(Sign.MANY_NAILS, random.nextDouble() < (ofTheSet ? 0.5 : 0.04));
    // Clients forget.
    for (Sign said : new Sign[] {Sign.AFTER_KNOCK, Sign.AFTER_WATER, Sign.AFTER_PICKING}) {
      if (!known.get(said) && random.nextDouble() < 0.3) {
        known.remove(said);
      }
    }
    return known;
  }
}
