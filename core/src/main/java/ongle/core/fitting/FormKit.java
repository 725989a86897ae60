package ongle.core.fitting;

import java.util.List;

/**
 * A roll or box of forms of one make.
 *
 * @param code name in the set file and in addresses
 * @param label name on screen
 * @param forms at least one, numbers all different, all paper or all rigid
 * @param stock what is left of each
 */
public record FormKit(String code, String label, List<Form> forms, Stock stock) {
  /** A kit whose pieces nobody counts. */
  public FormKit(String code, String label, List<Form> forms) {
    this(code, label, forms, Stock.UNCOUNTED);
  }

  /**
   * @throws IllegalArgumentException if there is no form, a number twice, or paper and rigid forms
   *     together
   */
  public FormKit {
    if (forms.isEmpty()) {
      throw new IllegalArgumentException("kit " + code + " has no forms");
    }
    if (forms.stream().map(Form::number).distinct().count() < forms.size()) {
      throw new IllegalArgumentException("kit " + code + " has a number twice");
    }
    if (forms.stream().map(Form::rigid).distinct().count() > 1) {
      throw new IllegalArgumentException("kit " + code + " mixes paper and rigid forms");
    }
    forms = List.copyOf(forms);
  }

  public boolean rigid() {
    return forms.get(0).rigid();
  }

  /** By its code: a kit is asked about for every nail, and two with one code are rarely two. */
  @Override
  public int hashCode() {
    return code.hashCode();
  }
}
