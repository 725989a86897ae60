package ongle.core.structure;

import java.util.Optional;
import ongle.core.School;
import ongle.core.shape.NailShape;

/** How the upper arch runs from the apex to the tip, and how the lower arch is set for it. */
public enum UpperArch implements School {
  OF_SHAPE,
  CLASSIC,
  MODERN,
  RUSSIAN;

  private static final double CURVED = 1.8;
  private static final double STRAIGHT = 1.0;
  private static final double MODERN_TILT = 5;
  private static final double RUSSIAN_TILT = 8;

  /** Exponent p of the fall beyond the apex. */
  public double exponent(NailShape shape) {
    return switch (this) {
      case OF_SHAPE -> shape.archExponent();
      case CLASSIC -> CURVED;
      case MODERN, RUSSIAN -> STRAIGHT;
    };
  }

  /** Tilt of the lower arch beyond the plate against the finger's axis, degrees; plus lifts. */
  public double tilt(NailShape shape) {
    return switch (this) {
      case OF_SHAPE -> shape.formTilt();
      case CLASSIC -> 0;
      case MODERN -> MODERN_TILT;
      case RUSSIAN -> RUSSIAN_TILT;
    };
  }

  public String code() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  public static Optional<UpperArch> ofCode(String code) {
    for (UpperArch arch : values()) {
      if (arch.code().equals(code)) {
        return Optional.of(arch);
      }
    }
    return Optional.empty();
  }
}
