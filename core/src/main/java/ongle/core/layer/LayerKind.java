package ongle.core.layer;

import ongle.core.Code;

/** What a layer is, from the plate out. Thicknesses are planning figures of our own. */
public enum LayerKind implements Code {
  PRIMER(0),
  /** Scrubbed into the plate in place of primer, and not cured by itself. */
  BASE_RUBBED(0),
  /** A thin coat on the plate, cured. */
  BASE(0.05),
  SLIP(0),
  FRAME(0),
  BODY(0),
  /** The cuticle end of the body in another powder. */
  CUTICLE(0),
  /** Foil, glitter or a flower, laid on the filed body. */
  INLAY(0.10),
  COLOUR(0.04),
  /** Clear over what was laid or painted, filed even. */
  CAP(0.15),
  TOP(0.05);

  private final double thickness;

  LayerKind(double thickness) {
    this.thickness = thickness;
  }

  /** One usual layer of it, mm; 0 for what is part of the body or has no thickness. */
  public double thickness() {
    return thickness;
  }

  /** Whether it is cured as a coat of its own. */
  public boolean cured() {
    return this == BASE || this == COLOUR || this == CAP || this == TOP;
  }
}
