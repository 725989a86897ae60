package ongle.core.structure;

import java.util.Optional;

/** Where good technicians put the apex. */
public enum ApexSchool {
  QUARTER("a quarter of the plate", 25),
  THIRD("a third of the plate", 100 / 3.0),
  MIDDLE("the middle of the plate", 50),
  STRESS_LINE("over the stress line", 100);

  private final String label;
  private final double position;

  ApexSchool(String label, double position) {
    this.label = label;
    this.position = position;
  }

  public String label() {
    return label;
  }

  /** Distance from the cuticle, percent of the plate length. */
  public double position() {
    return position;
  }

  public String code() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  public static Optional<ApexSchool> ofCode(String code) {
    for (ApexSchool school : values()) {
      if (school.code().equals(code)) {
        return Optional.of(school);
      }
    }
    return Optional.empty();
  }
}
