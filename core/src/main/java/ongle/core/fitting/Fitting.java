package ongle.core.fitting;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What a set is fitted from, and the salon's habits.
 *
 * @param tips tip kits at hand
 * @param forms form kits at hand, paper and reusable
 * @param schools of the salon, or of this set
 * @param kit code of the tip kit to lead the set; empty for the one with the least to file
 */
public record Fitting(
    List<TipKit> tips, List<FormKit> forms, Schools schools, Optional<String> kit) {
  public Fitting {
    tips = List.copyOf(tips);
    forms = List.copyOf(forms);
    Objects.requireNonNull(schools);
    Objects.requireNonNull(kit);
  }

  public List<FormKit> paper() {
    return forms.stream().filter(kit -> !kit.rigid()).toList();
  }

  public List<FormKit> rigid() {
    return forms.stream().filter(FormKit::rigid).toList();
  }

  public Optional<TipKit> tipKit(String code) {
    return tips.stream().filter(each -> each.code().equals(code)).findFirst();
  }
}
