package ongle.core.cause;

import java.util.EnumMap;
import java.util.Map;
import ongle.core.cause.Finding.Kind;
import ongle.core.cause.Finding.Place;

/**
 * How likely each cause leaves what was found and what the record shows: the one table diagnosis
 * reckons with. Planning figures of our own, from how builds give (domain): what fails first where
 * a hold, a margin or an edge is weak.
 */
final class Likelihoods {
  /** What is found where it does not belong to a cause. */
  private static final double RARELY = 0.03;

  private static final Map<Cause, Map<Found, Double>> FOUND = new EnumMap<>(Cause.class);
  private static final Map<Cause, Map<Sign, Double>> SIGNS = new EnumMap<>(Cause.class);

  private Likelihoods() {}

  /** Kind and place together, as far as they tell causes apart. */
  enum Found {
    LIFTS_AT_CUTICLE,
    LIFTS_AT_SIDE,
    LIFTS_AT_EDGE,
    LIFTS_AT_JOIN,
    CRACKS_AT_STRESS,
    CRACKS_ELSEWHERE,
    CHIPS,
    POPS_OFF,
    TIP_COMES_OFF,
    TEARS_PLATE,
    CLOUDS;

    static Found of(Finding finding) {
      return switch (finding.kind()) {
        case LIFTING ->
            switch (finding.place()) {
              case CUTICLE -> LIFTS_AT_CUTICLE;
              case LEFT_SIDE, RIGHT_SIDE -> LIFTS_AT_SIDE;
              case STRESS_LINE, FREE_EDGE -> LIFTS_AT_EDGE;
              case JOIN -> LIFTS_AT_JOIN;
            };
        case CRACK, BREAK ->
            finding.place() == Place.STRESS_LINE || finding.kind() == Kind.BREAK
                ? CRACKS_AT_STRESS
                : CRACKS_ELSEWHERE;
        case CHIP -> CHIPS;
        case POP_OFF -> POPS_OFF;
        case TIP_OFF -> TIP_COMES_OFF;
        case PLATE_TORN -> TEARS_PLATE;
        case CLOUDED -> CLOUDS;
      };
    }
  }

  static {
    // The hold is weak all over: it comes off whole, or lifts where the lever pulls, soon.
    found(Cause.NO_PRIMER, 0.25, 0.12, 0.08, 0.05, 0, 0, 0, 0.45, 0.02, 0, 0);
    found(Cause.NO_DEHYDRATOR, 0.30, 0.15, 0.10, 0.05, 0, 0, 0, 0.36, 0.02, 0, 0);
    found(Cause.PRIMER_OLD, 0.30, 0.15, 0.10, 0.05, 0, 0, 0, 0.36, 0.02, 0, 0);
    // Skin or product on skin: it opens where that lies.
    found(Cause.SKIN_LEFT, 0.68, 0.22, 0, 0, 0, 0, 0, 0.08, 0, 0, 0);
    found(Cause.SKIN_TOUCHED, 0.55, 0.38, 0, 0, 0, 0, 0, 0.05, 0, 0, 0);
    // An open edge takes water and knocks.
    found(Cause.EDGE_OPEN, 0, 0, 0.40, 0, 0, 0, 0.52, 0, 0, 0, 0.03);
    // Tips: the glue line, and what pulls at it.
    found(Cause.JOIN_GAP, 0, 0.03, 0, 0.52, 0.05, 0, 0, 0.03, 0.32, 0, 0.03);
    found(Cause.TIP_FIT, 0, 0.22, 0, 0.30, 0.05, 0.05, 0, 0.08, 0.28, 0, 0);
    // Soft within: it lifts, comes off, clouds.
    found(Cause.UNDERCURED, 0.25, 0.12, 0.08, 0, 0.08, 0.05, 0.05, 0.22, 0, 0, 0.15);
    found(Cause.EXPIRED, 0.20, 0.10, 0.08, 0, 0.12, 0.08, 0.08, 0.12, 0, 0, 0.20);
    // A forced form leaves a gap under the stress line.
    found(Cause.FORM_FORCED, 0, 0.08, 0.48, 0, 0.30, 0.05, 0, 0.05, 0, 0.02, 0);
    // Too little where it bends.
    found(Cause.APEX_FLAT, 0, 0, 0, 0, 0.80, 0.10, 0.02, 0.02, 0, 0.04, 0);
    found(Cause.APEX_FORWARD, 0.22, 0, 0, 0, 0.38, 0.30, 0, 0.03, 0, 0.03, 0);
    found(Cause.BARREL_FLAT, 0, 0.03, 0, 0, 0.60, 0.25, 0.03, 0, 0, 0.03, 0);
    found(Cause.EDGE_HEAVY, 0.50, 0.05, 0, 0, 0.25, 0.05, 0, 0.08, 0, 0.04, 0);
    found(Cause.TOO_LONG, 0.10, 0.03, 0, 0.03, 0.58, 0.08, 0.03, 0.05, 0.03, 0.05, 0);
    found(Cause.INFILL_LATE, 0.42, 0.08, 0.03, 0.03, 0.32, 0.03, 0, 0.03, 0.02, 0.03, 0);
    found(Cause.PLATE_THIN, 0.10, 0.05, 0, 0, 0.15, 0.05, 0, 0.12, 0, 0.50, 0);
    found(Cause.NATURAL_LONG, 0, 0.05, 0.55, 0, 0.25, 0.03, 0, 0.03, 0, 0.06, 0);
    found(Cause.PICKING, 0.32, 0.30, 0.08, 0.03, 0, 0, 0.06, 0.12, 0, 0.06, 0);
    found(Cause.KNOCK, 0.03, 0.03, 0.03, 0.02, 0.42, 0.15, 0.15, 0.05, 0.05, 0.05, 0);
    found(Cause.UNKNOWN, 0.20, 0.12, 0.10, 0.08, 0.22, 0.08, 0.12, 0.08, 0.06, 0.05, 0.02);

    sign(Cause.NO_PRIMER, Sign.PRIMER_SKIPPED, 0.90);
    sign(Cause.NO_PRIMER, Sign.MANY_NAILS, 0.60);
    sign(Cause.NO_PRIMER, Sign.EARLY, 0.60);
    sign(Cause.NO_DEHYDRATOR, Sign.DEHYDRATOR_SKIPPED, 0.90);
    sign(Cause.NO_DEHYDRATOR, Sign.MANY_NAILS, 0.50);
    sign(Cause.NO_DEHYDRATOR, Sign.EARLY, 0.50);
    sign(Cause.PRIMER_OLD, Sign.PRIMER_LATE, 0.90);
    sign(Cause.PRIMER_OLD, Sign.EARLY, 0.50);
    sign(Cause.SKIN_LEFT, Sign.CUTICLE_SKIPPED, 0.80);
    sign(Cause.SKIN_TOUCHED, Sign.SKIN_TOUCHED, 0.85);
    sign(Cause.EDGE_OPEN, Sign.CAP_SKIPPED, 0.85);
    sign(Cause.EDGE_OPEN, Sign.AFTER_WATER, 0.25);
    sign(Cause.JOIN_GAP, Sign.ON_TIP, 0.99);
    sign(Cause.JOIN_GAP, Sign.TIP_OFF_SIZE, 0.04);
    sign(Cause.TIP_FIT, Sign.ON_TIP, 0.99);
    sign(Cause.TIP_FIT, Sign.TIP_OFF_SIZE, 0.90);
    sign(Cause.UNDERCURED, Sign.CURED_SHORT, 0.70);
    sign(Cause.UNDERCURED, Sign.LAMP_WEAK, 0.40);
    sign(Cause.UNDERCURED, Sign.LAYER_THICK, 0.35);
    sign(Cause.UNDERCURED, Sign.MANY_NAILS, 0.40);
    sign(Cause.EXPIRED, Sign.LOT_EXPIRED, 0.85);
    sign(Cause.EXPIRED, Sign.LOT_OPEN_LONG, 0.85);
    sign(Cause.EXPIRED, Sign.MANY_NAILS, 0.40);
    sign(Cause.FORM_FORCED, Sign.ON_FORM, 0.99);
    sign(Cause.FORM_FORCED, Sign.FORM_UNCHECKED, 0.80);
    sign(Cause.APEX_FLAT, Sign.APEX_LOW, 0.88);
    sign(Cause.APEX_FLAT, Sign.MARGIN_LOW, 0.70);
    sign(Cause.APEX_FORWARD, Sign.APEX_FORWARD, 0.88);
    sign(Cause.APEX_FORWARD, Sign.MARGIN_LOW, 0.30);
    sign(Cause.BARREL_FLAT, Sign.BARREL_FLAT, 0.88);
    sign(Cause.BARREL_FLAT, Sign.MARGIN_LOW, 0.40);
    sign(Cause.EDGE_HEAVY, Sign.EDGE_THICK, 0.88);
    sign(Cause.EDGE_HEAVY, Sign.HAIRLINE_THICK, 0.85);
    sign(Cause.TOO_LONG, Sign.LONG_FOR_HANDS, 0.85);
    sign(Cause.TOO_LONG, Sign.MARGIN_LOW, 0.55);
    sign(Cause.INFILL_LATE, Sign.PAST_DUE, 0.97);
    sign(Cause.INFILL_LATE, Sign.MARGIN_LOW, 0.40);
    sign(Cause.INFILL_LATE, Sign.EARLY, 0.01);
    sign(Cause.PLATE_THIN, Sign.PLATE_THIN, 0.92);
    sign(Cause.NATURAL_LONG, Sign.NATURAL_LONG, 0.92);
    sign(Cause.PICKING, Sign.BITES, 0.60);
    sign(Cause.PICKING, Sign.AFTER_PICKING, 0.60);
    sign(Cause.KNOCK, Sign.AFTER_KNOCK, 0.85);
    sign(Cause.KNOCK, Sign.MANY_NAILS, 0.02);
  }

  private static void found(Cause cause, double... likely) {
    Map<Found, Double> row = new EnumMap<>(Found.class);
    double whole = 0;
    for (double each : likely) {
      whole += each + RARELY;
    }
    for (Found found : Found.values()) {
      row.put(found, (likely[found.ordinal()] + RARELY) / whole);
    }
    FOUND.put(cause, row);
  }

  private static void sign(Cause cause, Sign sign, double likely) {
    SIGNS.computeIfAbsent(cause, each -> new EnumMap<>(Sign.class)).put(sign, likely);
  }

  /** How likely a cause leaves this. */
  static double found(Cause cause, Finding finding) {
    return FOUND.getOrDefault(cause, Map.of()).getOrDefault(Found.of(finding), RARELY);
  }

  /**
   * By what knowing of a sign multiplies the odds of a cause.
   *
   * @param so whether it is so
   */
  static double factor(Cause cause, Sign sign, boolean so) {
    double with = SIGNS.getOrDefault(cause, Map.of()).getOrDefault(sign, sign.common());
    return so ? with / sign.common() : (1 - with) / (1 - sign.common());
  }
}
