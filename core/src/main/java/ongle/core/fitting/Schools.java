package ongle.core.fitting;

import java.util.Objects;

/**
 * The salon's habits in fitting, where good technicians differ.
 *
 * @param tipsOrForms where either would do
 * @param bitten how bitten nails are built on
 * @param barrel where the C-curve comes from on a form
 */
public record Schools(TipsOrForms tipsOrForms, FreeHandOrForms bitten, Barrel barrel) {
  public static final Schools USUAL =
      new Schools(TipsOrForms.TIPS, FreeHandOrForms.FREE_HAND, Barrel.CLOSED_FORM);

  /** With the barrel from the closed form. */
  public Schools(TipsOrForms tipsOrForms, FreeHandOrForms bitten) {
    this(tipsOrForms, bitten, Barrel.CLOSED_FORM);
  }

  public Schools {
    Objects.requireNonNull(tipsOrForms);
    Objects.requireNonNull(bitten);
    Objects.requireNonNull(barrel);
  }
}
