package ongle.core.cause;

import ongle.core.Code;

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
  public static final double APEX_MORE = 0.2;

  /** mm. */
  public static final double SHORTER_BY = 3;

  /** Days. */
  public static final int EARLIER_BY = 5;

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
}
