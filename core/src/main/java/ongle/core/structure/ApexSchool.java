package ongle.core.structure;

import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.School;

/** Where good technicians put the apex. */
public enum ApexSchool implements School {
  COMPUTED(Double.NaN),
  QUARTER(25),
  THIRD(100 / 3.0),
  MIDDLE(50),
  STRESS_LINE(100);

  /** The computed place lies between these shares of the plate. */
  public static final double REARMOST = 0.25;

  public static final double FOREMOST = 0.75;
  private final double position;

  ApexSchool(double position) {
    this.position = position;
  }

  /** Distance from the cuticle, percent of the plate length; empty when each nail has its own. */
  public OptionalDouble position() {
    return Double.isNaN(position) ? OptionalDouble.empty() : OptionalDouble.of(position);
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
