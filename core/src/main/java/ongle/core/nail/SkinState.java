package ongle.core.nail;

import java.util.Optional;

/** The skin around the nail, and what it forbids. */
public enum SkinState {
  INTACT("intact", null),
  DRY("dry, torn", "Torn or dry skin: nothing sharp, keep primer and product off it."),
  CUT(
      "open cut",
      "Open cut: no acid primer, no product near it, tools that cannot cut again; in doubt postpone this finger."),
  SORE(
      "red, swollen or sore",
      "Do not build on this finger: redness, swelling or pain belongs to a doctor or pharmacist first.");

  private final String label;
  private final String caution;

  SkinState(String label, String caution) {
    this.label = label;
    this.caution = caution;
  }

  public String label() {
    return label;
  }

  public Optional<String> caution() {
    return Optional.ofNullable(caution);
  }

  /** Whether this finger must not be built on at all. */
  public boolean forbidsBuilding() {
    return this == SORE;
  }
}
