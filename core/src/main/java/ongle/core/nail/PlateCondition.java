package ongle.core.nail;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import ongle.core.Code;

/**
 * The state of a natural plate: all that was found on it, with its thickness and strength. Of
 * several findings, the least of each figure counts.
 *
 * @param findings in the order of {@link PlateFinding}; none on a sound plate
 */
public record PlateCondition(Set<PlateFinding> findings) implements Code {
  static final double SOUND_THICKNESS = 0.45;
  static final double SOUND_PULL = 0.40;
  static final double SOUND_STRENGTH = 70;

  /** Young's modulus of the plate, MPa. */
  public static final double MODULUS = 2000;

  public static final PlateCondition SOUND = new PlateCondition(Set.of());
  public static final PlateCondition THIN = of(PlateFinding.THIN);
  public static final PlateCondition DAMAGED = of(PlateFinding.DAMAGED);
  public static final PlateCondition BITTEN = of(PlateFinding.BITTEN);

  public PlateCondition {
    Set<PlateFinding> ordered = EnumSet.noneOf(PlateFinding.class);
    ordered.addAll(findings);
    findings = Collections.unmodifiableSet(ordered);
  }

  public static PlateCondition of(PlateFinding... findings) {
    return new PlateCondition(Set.of(findings));
  }

  public boolean has(PlateFinding finding) {
    return findings.contains(finding);
  }

  public boolean sound() {
    return findings.isEmpty();
  }

  /** Whether any finding keeps coarse grit, electric files and heat off the plate. */
  public boolean delicate() {
    return findings.stream().anyMatch(PlateFinding::delicate);
  }

  /** Plate thickness, mm. */
  public double thickness() {
    return min(SOUND_THICKNESS, PlateFinding::thickness);
  }

  /** Pull the bed may see, N/mm². */
  public double allowedBedPull() {
    return min(SOUND_PULL, PlateFinding::allowedBedPull);
  }

  /** Bending strength of the plate, MPa. */
  public double strength() {
    return min(SOUND_STRENGTH, PlateFinding::strength);
  }

  private double min(double sound, ToDoubleFunction<PlateFinding> of) {
    double min = sound;
    for (PlateFinding finding : findings) {
      min = Math.min(min, of.applyAsDouble(finding));
    }
    return min;
  }
}
