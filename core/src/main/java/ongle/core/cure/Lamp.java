package ongle.core.cure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import ongle.core.Range;

/**
 * A curing lamp.
 *
 * @param code name in files and addresses
 * @param label name on screen
 * @param wavelengths it shines at, nm
 * @param nominal light at the nail when new, mW/cm²
 * @param measured light at the nail by the last meter reading, mW/cm²; empty when never measured
 * @param thumbsApart whether a thumb lies sideways in it and has to be cured by itself
 * @param programmes at least one
 */
public record Lamp(
    String code,
    String label,
    Set<Integer> wavelengths,
    double nominal,
    OptionalDouble measured,
    boolean thumbsApart,
    List<Programme> programmes) {

  /** Weaker than this share of its first light, a lamp no longer cures through in any time. */
  public static final double REFUSED_BELOW = 0.5;

  /** From this share on it counts as good as new. */
  public static final double GOOD_FROM = 0.9;

  /** Light that is believed of a lamp, mW/cm². */
  public static final Range LIGHT = new Range(1, 400);

  /** Wavelengths of salon lamps, nm. */
  public static final Range WAVES = new Range(300, 500);

  /**
   * Wavelengths as typed, with commas or spaces between them.
   *
   * @return empty if one of them is none a lamp shines at
   */
  public static Optional<Set<Integer>> wavelengths(String typed) {
    Set<Integer> waves = new TreeSet<>();
    for (String part : typed.strip().split("[,; ]+")) {
      if (!part.matches("\\d{1,4}") || !WAVES.allows(Integer.parseInt(part))) {
        return Optional.empty();
      }
      waves.add(Integer.valueOf(part));
    }
    return Optional.of(waves);
  }

  /** An LED lamp of usual strength. */
  public static final Lamp LED =
      new Lamp(
          "led",
          "LED",
          Set.of(365, 405),
          40,
          OptionalDouble.empty(),
          true,
          List.of(
              new Programme("10 s", 10, 1),
              new Programme("30 s", 30, 1),
              new Programme("60 s", 60, 1),
              new Programme("99 s, 60 %", 99, 0.6)));

  /** A lamp with fluorescent tubes. */
  public static final Lamp UV =
      new Lamp(
          "uv",
          "UV",
          Set.of(365),
          20,
          OptionalDouble.empty(),
          true,
          List.of(new Programme("20 s", 20, 1), new Programme("120 s", 120, 1)));

  /**
   * @throws IllegalArgumentException if there is no programme or wavelength, a wavelength is out of
   *     {@link #WAVES}, or the light out of {@link #LIGHT}
   */
  public Lamp {
    wavelengths = Set.copyOf(wavelengths);
    programmes = List.copyOf(programmes);
    if (programmes.isEmpty() || wavelengths.isEmpty()) {
      throw new IllegalArgumentException("lamp " + label + " needs a programme and a wavelength");
    }
    if (!wavelengths.stream().allMatch(WAVES::allows)) {
      throw new IllegalArgumentException(
          "wavelengths of a lamp are " + WAVES.min() + " to " + WAVES.max() + " nm");
    }
    if (!LIGHT.allows(nominal) || (measured.isPresent() && !(measured.getAsDouble() >= 0))) {
      throw new IllegalArgumentException(
          "lamp " + label + " shines with " + LIGHT.min() + " to " + LIGHT.max() + " mW/cm²");
    }
  }

  /** Light at the nail, mW/cm²: as measured, else as new. */
  public double light() {
    return measured.orElse(nominal);
  }

  /** Light left of what it had when new, 0 to about 1. */
  public double strength() {
    return light() / nominal;
  }

  /** Whether it is too weak to be used at all. */
  public boolean wornOut() {
    return strength() < REFUSED_BELOW;
  }

  /** Whether it has weakened so far that cures take longer. */
  public boolean weakened() {
    return strength() < GOOD_FROM;
  }

  /**
   * Light it gave when new, J/cm².
   *
   * @param seconds it shines
   * @param lowHeat in its gentle programme, as far as it has one
   */
  public double dose(double seconds, boolean lowHeat) {
    return seconds * power(lowHeat) * nominal / 1000;
  }

  /** How long it took for so much light when new, s. */
  public double seconds(double dose, boolean lowHeat) {
    return dose * 1000 / (power(lowHeat) * nominal);
  }

  private double power(boolean lowHeat) {
    return programmes.stream()
        .filter(programme -> lowHeat && programme.lowHeat())
        .mapToDouble(Programme::power)
        .findFirst()
        .orElse(1);
  }

  /** The same after a meter reading, mW/cm². */
  public Lamp measuring(double light) {
    return new Lamp(
        code, label, wavelengths, nominal, OptionalDouble.of(light), thumbsApart, programmes);
  }
}
