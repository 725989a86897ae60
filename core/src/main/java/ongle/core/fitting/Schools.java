package ongle.core.fitting;

import java.util.Objects;

/**
 * The salon's habits in fitting, where good technicians differ.
 *
 * @param tipsOrForms where either would do
 * @param bitten how bitten nails are built on
 */
public record Schools(TipsOrForms tipsOrForms, FreeHandOrForms bitten) {
  public static final Schools USUAL = new Schools(TipsOrForms.TIPS, FreeHandOrForms.FREE_HAND);

  public Schools {
    Objects.requireNonNull(tipsOrForms);
    Objects.requireNonNull(bitten);
  }
}
