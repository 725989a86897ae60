package ongle.core.fitting;

import ongle.core.nail.Nail;
import ongle.core.shape.Outline;

/**
 * One tip of one kit for one nail.
 *
 * @param kit it is taken from
 * @param fit how it sits
 * @param blank what its outline leaves to do
 */
public record TipPick(TipKit kit, TipFit fit, Blank blank) {

  static TipPick of(TipKit kit, TipFit fit, Nail nail, Outline wanted) {
    return new TipPick(kit, fit, Blank.of(kit.outline(), fit.tip(), nail, wanted));
  }

  public String number() {
    return fit.tip().number();
  }

  /** Whether one is left, as far as they are counted. */
  public boolean inStock() {
    return kit.stock().has(number());
  }

  /** Whether nothing speaks against taking it. */
  public boolean suits() {
    return inStock() && fit.suits() && blank.covers();
  }

  /** All there is to file: the sides of the well and the blank's outline, mm². */
  public double toFile() {
    return 2 * fit.filePerSide() * fit.tip().wellLength() + blank.toFile();
  }
}
