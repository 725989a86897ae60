package ongle.core.nail;

/** The skin around the nail and what shows under the plate, and what that forbids. */
public enum SkinState {
  INTACT(Rule.BUILD),
  DRY(Rule.BUILD),
  CUT(Rule.POSTPONE),
  SORE(Rule.REFER),
  PUS(Rule.REFER),
  SPOTS(Rule.REFER),
  LOOSE(Rule.REFER);

  /** What a finding asks for. */
  private enum Rule {
    BUILD,
    POSTPONE,
    REFER
  }

  private final Rule rule;

  SkinState(Rule rule) {
    this.rule = rule;
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
