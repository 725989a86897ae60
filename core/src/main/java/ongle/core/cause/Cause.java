package ongle.core.cause;

import ongle.core.Code;

/** Why a nail fails. {@link #prior} is how often it is that, before anything is known. */
public enum Cause implements Code {
  SKIN_LEFT(0.08),
  NO_DEHYDRATOR(0.04),
  NO_PRIMER(0.04),
  SKIN_TOUCHED(0.07),
  PRIMER_OLD(0.03),
  EDGE_OPEN(0.06),
  JOIN_GAP(0.04),
  TIP_FIT(0.04),
  UNDERCURED(0.05),
  EXPIRED(0.03),
  FORM_FORCED(0.03),
  APEX_FLAT(0.05),
  APEX_FORWARD(0.03),
  BARREL_FLAT(0.03),
  EDGE_HEAVY(0.02),
  TOO_LONG(0.06),
  INFILL_LATE(0.05),
  PLATE_THIN(0.03),
  NATURAL_LONG(0.03),
  PICKING(0.05),
  KNOCK(0.07),
  /** Nothing that leaves a sign. */
  UNKNOWN(0.25);

  private final double prior;

  Cause(double prior) {
    this.prior = prior;
  }

  public double prior() {
    return prior;
  }
}
