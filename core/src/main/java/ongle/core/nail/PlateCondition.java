package ongle.core.nail;

import java.util.Optional;

/** The state of the natural plate with its thickness and strength; planning figures of our own. */
public enum PlateCondition {
  SOUND("sound", 0.45, 0.40, 70, null),
  THIN(
      "thin",
      0.28,
      0.34,
      60,
      "Thin plate: finest grit, no electric file on the plate, low-heat curing, shorter length."),
  DAMAGED(
      "damaged",
      0.32,
      0.26,
      50,
      "Damaged plate: finest grit, no electric file on the plate, low-heat curing, shorter length."),
  BITTEN(
      "bitten",
      0.35,
      0.30,
      60,
      "Bitten nail: never file under the hyponychium; just cover the fingertip, and plan an earlier infill.");

  /** Young's modulus of the plate, MPa. */
  public static final double MODULUS = 2000;

  private final String label;
  private final double thickness;
  private final double allowedBedPull;
  private final double strength;
  private final String caution;

  PlateCondition(
      String label, double thickness, double allowedBedPull, double strength, String caution) {
    this.label = label;
    this.thickness = thickness;
    this.allowedBedPull = allowedBedPull;
    this.strength = strength;
    this.caution = caution;
  }

  public String label() {
    return label;
  }

  /** Plate thickness, mm. */
  public double thickness() {
    return thickness;
  }

  /** Pull the bed may see, N/mm². */
  public double allowedBedPull() {
    return allowedBedPull;
  }

  /** Bending strength of the plate, MPa. */
  public double strength() {
    return strength;
  }

  public Optional<String> caution() {
    return Optional.ofNullable(caution);
  }
}
