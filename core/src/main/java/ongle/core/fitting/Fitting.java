package ongle.core.fitting;

import java.util.Objects;

/**
 * What a set is fitted from, and the salon's habit where either would do.
 *
 * @param tips the tip kit on the desk
 * @param paper forms to be cut
 * @param rigid reusable forms
 * @param school tips or forms
 */
public record Fitting(TipKit tips, FormKit paper, FormKit rigid, TipsOrForms school) {
  public Fitting {
    Objects.requireNonNull(tips);
    Objects.requireNonNull(school);
    if (paper.rigid() || !rigid.rigid()) {
      throw new IllegalArgumentException("paper forms first, then reusable ones");
    }
  }
}
