package ongle.core.layer;

import java.util.Set;
import ongle.core.Code;
import ongle.core.product.LightCure;
import ongle.core.product.Product;

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
  /** Foil, glitter or a flower, laid on the filed body. */
  INLAY(0.10),
  COLOUR(0.04),
  /** Clear over what was laid or painted, filed even. */
  CAP(0.15),
  TOP(0.05);

  private static final Set<Integer> EITHER = Set.of(365, 405);

  /** What a thin clear coat needs of a lamp. */
  private static final LightCure COAT = new LightCure(0.3, 0.3, 2.4, 0.4, EITHER, 0.5);

  private final double thickness;

  LayerKind(double thickness) {
    this.thickness = thickness;
  }

  /** One layer of it, mm; 0 for what is part of the body or has no thickness. */
  public double thickness() {
    return thickness;
  }

  /** Whether it is cured as a coat of its own. */
  public boolean cured() {
    return this == BASE || this == CAP || this == TOP;
  }

  /**
   * What it needs of a lamp.
   *
   * @throws IllegalStateException if it is not cured, or as its product is
   */
  public LightCure cure() {
    return switch (this) {
      case BASE, TOP -> COAT;
      case CAP -> Product.HARD_GEL.light().orElseThrow();
      default -> throw new IllegalStateException(this + " has no cure of its own");
    };
  }
}
