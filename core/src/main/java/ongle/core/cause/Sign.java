package ongle.core.cause;

import ongle.core.Code;

/**
 * Something the record, the plan, the check or the client tells of a nail. {@link #common} is how
 * often it is so with nails that nothing happened to.
 */
public enum Sign implements Code {
  /** From the record of the bench. */
  CUTICLE_SKIPPED(0.05),
  DEHYDRATOR_SKIPPED(0.05),
  PRIMER_SKIPPED(0.04),
  PRIMER_LATE(0.05),
  SKIN_TOUCHED(0.06),
  CAP_SKIPPED(0.06),
  LOT_EXPIRED(0.05),
  LOT_OPEN_LONG(0.05),
  CURED_SHORT(0.05),
  LAMP_WEAK(0.03),
  FORM_UNCHECKED(0.06),
  /** From how it was fitted. */
  ON_TIP(0.4),
  ON_FORM(0.4),
  TIP_OFF_SIZE(0.05),
  /** From the check, or the plan where nothing was measured. */
  APEX_LOW(0.07),
  APEX_FORWARD(0.07),
  BARREL_FLAT(0.07),
  EDGE_THICK(0.08),
  /** By eye, from the tip. */
  HAIRLINE_THICK(0.06),
  LAYER_THICK(0.03),
  /** From the margins on the day it happened. */
  MARGIN_LOW(0.10),
  LONG_FOR_HANDS(0.08),
  PAST_DUE(0.08),
  /** From the plate. */
  PLATE_THIN(0.10),
  NATURAL_LONG(0.06),
  BITES(0.08),
  /** From the client. */
  AFTER_KNOCK(0.06),
  AFTER_WATER(0.08),
  AFTER_PICKING(0.05),
  /** From the set: three or more nails of the same visit, or this one again and again. */
  MANY_NAILS(0.10),
  EARLY(0.20);

  private final double common;

  Sign(double common) {
    this.common = common;
  }

  public double common() {
    return common;
  }
}
