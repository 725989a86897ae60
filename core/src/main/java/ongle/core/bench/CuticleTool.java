package ongle.core.bench;

import ongle.core.School;

/** What clears dead skin off the plate. */
public enum CuticleTool implements School {
  BY_HAND("by hand", "stick and pusher; nothing that can cut"),
  ELECTRIC_FILE("electric file", "quick and thorough on sound plates in practised hands");

  private final String label;
  private final String why;

  CuticleTool(String label, String why) {
    this.label = label;
    this.why = why;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
  }
}
