package ongle.core.structure;

import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.School;

/** Where good technicians put the apex. */
public enum ApexSchool implements School {
  COMPUTED(
      "the computed place",
      "one share of every plate, where the set takes least product, drawn towards a third",
      Double.NaN),
  QUARTER(
      "a quarter of the plate", "leaves room for the apex to wander forward until the infill", 25),
  THIRD("a third of the plate", "strong over the whole interval without a hump", 100 / 3.0),
  MIDDLE("the middle of the plate", "a long even curve, for longer sets", 50),
  STRESS_LINE("the stress line", "thickest where it breaks, for short intervals", 100);

  /** The computed place lies between these shares of the plate. */
  public static final double REARMOST = 0.25;

  public static final double FOREMOST = 0.75;

  private final String label;
  private final String why;
  private final double position;

  ApexSchool(String label, String why, double position) {
    this.label = label;
    this.why = why;
    this.position = position;
  }

  @Override
  public String label() {
    return label;
  }

  @Override
  public String why() {
    return why;
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
