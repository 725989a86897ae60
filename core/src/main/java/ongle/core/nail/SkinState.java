package ongle.core.nail;

import java.util.Optional;

/** The skin around the nail and what shows under the plate, and what that forbids. */
public enum SkinState {
  INTACT("intact", Rule.BUILD, null, null),
  DRY(
      "dry, torn",
      Rule.BUILD,
      "Torn or dry skin: nothing sharp, keep primer and product off it.",
      null),
  CUT(
      "open cut",
      Rule.POSTPONE,
      "Open cut: no acid primer, no product near it, tools that cannot cut again; in doubt postpone this finger.",
      "Clean it, cover it, and build this finger when the skin has closed."),
  SORE(
      "red, swollen or sore",
      Rule.REFER,
      "Do not build on this finger: redness, swelling or pain belongs to a doctor or pharmacist first.",
      "Leave it bare; care only, and only where it does not hurt."),
  PUS(
      "pus",
      Rule.REFER,
      "Do not build on this finger: pus belongs to a doctor.",
      "Do not touch it further; single-use tools go in the bin, the rest is disinfected."),
  SPOTS(
      "green or dark spots",
      Rule.REFER,
      "Do not build on this finger: green or dark spots belong to a doctor or pharmacist first.",
      "Leave the plate bare and dry; covering it makes it worse."),
  LOOSE(
      "plate loose from its bed",
      Rule.REFER,
      "Do not build on this finger: a plate that comes loose belongs to a doctor first.",
      "Shorten it so that nothing levers on it; leave it bare.");

  /** What a finding asks for. */
  private enum Rule {
    BUILD,
    POSTPONE,
    REFER
  }

  private final String label;
  private final Rule rule;
  private final String caution;
  private final String instead;

  SkinState(String label, Rule rule, String caution, String instead) {
    this.label = label;
    this.rule = rule;
    this.caution = caution;
    this.instead = instead;
  }

  public String label() {
    return label;
  }

  public Optional<String> caution() {
    return Optional.ofNullable(caution);
  }

  /** What to do with the finger instead of building; empty where it may be built on. */
  public Optional<String> instead() {
    return Optional.ofNullable(instead);
  }

  /** Whether it is open anywhere: no nippers, nothing sharp and no acid primer near it. */
  public boolean broken() {
    return this == DRY || this == CUT;
  }

  /** Whether this finger is not built on unless the technician has a reason, or at all. */
  public boolean forbidsBuilding() {
    return rule != Rule.BUILD;
  }

  /** Whether a technician with a reason may build all the same. */
  public boolean mayBeOverruled() {
    return rule == Rule.POSTPONE;
  }
}
