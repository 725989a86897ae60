package ongle.core.cause;

import java.util.Map;
import java.util.Optional;
import ongle.core.Code;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.wear.PrepStep;

/** The one thing that is done otherwise next time. */
public enum Change implements Code {
  CLEAN_CUTICLE,
  DEHYDRATE,
  PRIME,
  PRIME_SHORTER,
  KEEP_OFF_SKIN,
  CAP_EDGE,
  CLOSE_JOIN,
  OTHER_TIP,
  CURE_FULLY,
  FRESH_LOT,
  CUT_FORM,
  /** Thicker at the apex, by {@link #APEX_MORE} mm. */
  APEX_HIGHER,
  APEX_BACK,
  DEEPER_BARREL,
  THINNER_EDGE,
  /** Shorter, by {@link #SHORTER_BY} mm. */
  SHORTER,
  INFILL_EARLIER,
  SPARE_PLATE,
  SHORTEN_NATURAL,
  SMOOTH_EDGES,
  NONE;

  /** mm. */
  private static final double APEX_MORE = 0.2;

  /** mm. */
  private static final double SHORTER_BY = 3;

  /** Days. */
  private static final int EARLIER_BY = 5;

  public static Change against(Cause cause) {
    return switch (cause) {
      case SKIN_LEFT -> CLEAN_CUTICLE;
      case NO_DEHYDRATOR -> DEHYDRATE;
      case NO_PRIMER -> PRIME;
      case PRIMER_OLD -> PRIME_SHORTER;
      case SKIN_TOUCHED -> KEEP_OFF_SKIN;
      case EDGE_OPEN -> CAP_EDGE;
      case JOIN_GAP -> CLOSE_JOIN;
      case TIP_FIT -> OTHER_TIP;
      case UNDERCURED -> CURE_FULLY;
      case EXPIRED -> FRESH_LOT;
      case FORM_FORCED -> CUT_FORM;
      case APEX_FLAT -> APEX_HIGHER;
      case APEX_FORWARD -> APEX_BACK;
      case BARREL_FLAT -> DEEPER_BARREL;
      case EDGE_HEAVY -> THINNER_EDGE;
      case TOO_LONG -> SHORTER;
      case INFILL_LATE -> INFILL_EARLIER;
      case PLATE_THIN -> SPARE_PLATE;
      case NATURAL_LONG -> SHORTEN_NATURAL;
      case PICKING -> SMOOTH_EDGES;
      case KNOCK, UNKNOWN -> NONE;
    };
  }

  /** The step of the preparation it no longer leaves out; empty for any other change. */
  public Optional<PrepStep> prepares() {
    return switch (this) {
      case CLEAN_CUTICLE -> Optional.of(PrepStep.CUTICLE);
      case DEHYDRATE -> Optional.of(PrepStep.DEHYDRATE);
      case PRIME -> Optional.of(PrepStep.PRIMER);
      default -> Optional.empty();
    };
  }

  /**
   * What it sets by hand on a nail that is planned like this, in each quantity's unit; nothing
   * where it is hands that do otherwise.
   */
  public Map<Quantity, Double> sets(NailPlan plan) {
    return switch (this) {
      case APEX_HIGHER ->
          Map.of(
              Quantity.APEX_THICKNESS,
              Quantity.APEX_THICKNESS
                  .range()
                  .held(plan.build().profile().apexThickness() + APEX_MORE));
      case SHORTER ->
          Map.of(
              Quantity.EXTENSION,
              Quantity.EXTENSION.range().held(Math.max(0, plan.extension() - SHORTER_BY)));
      default -> Map.of();
    };
  }

  /** Days until the infill of a set that was planned for so many. */
  public int lasts(int days) {
    return this == INFILL_EARLIER ? (int) Quantity.WEAR_DAYS.range().held(days - EARLIER_BY) : days;
  }
}
