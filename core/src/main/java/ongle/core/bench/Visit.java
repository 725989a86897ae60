package ongle.core.bench;

/** What the appointment is for. */
public enum Visit {
  NEW_SET("new set", "old product comes off first, then everything anew"),
  INFILL("infill", "regrowth filled, the apex moved back; what is not sound comes off"),
  REMOVAL("removal", "everything off, care, no product");

  private final String label;
  private final String about;

  Visit(String label, String about) {
    this.label = label;
    this.about = about;
  }

  public String label() {
    return label;
  }

  public String about() {
    return about;
  }
}
