package ongle.core.fitting;

import ongle.core.School;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;

/** Where technicians differ on a form: what gives the C-curve. */
public enum Barrel implements School {
  CLOSED_FORM,
  OPEN_FORM;

  /** A closed form gives barrels up to this deep, share of their width; a pipe needs its tool. */
  private static final double CLOSED_REACHES = 0.36;

  /**
   * Depth ratio of the barrel as it comes off a form, before any pinching.
   *
   * @param wanted depth ratio at the free edge
   */
  public double given(NailShape shape, Nail nail, double wanted) {
    double own = nail.crossCurve().depthRatio();
    boolean closes = this == CLOSED_FORM && shape.formClosedBeyond().isPresent();
    return closes ? Math.max(own, Math.min(wanted, CLOSED_REACHES)) : Math.min(own, wanted);
  }
}
