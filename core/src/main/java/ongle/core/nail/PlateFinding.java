package ongle.core.nail;

import ongle.core.Code;

/**
 * Something found on a natural plate. Some change how much the plate carries; planning figures of
 * our own. The others change the work: how it is prepared, shortened and fitted.
 */
public enum PlateFinding implements Code {
  BITTEN(0.35, 0.30, 60),
  THIN(0.28, 0.34, 60),
  DAMAGED(0.32, 0.26, 50),
  SPLIT,
  RIDGED,
  FLAT,
  FAN_SHAPED,
  HOOKED;

  private final double thickness;
  private final double allowedBedPull;
  private final double strength;

  PlateFinding() {
    this(PlateCondition.SOUND_THICKNESS, PlateCondition.SOUND_PULL, PlateCondition.SOUND_STRENGTH);
  }

  PlateFinding(double thickness, double allowedBedPull, double strength) {
    this.thickness = thickness;
    this.allowedBedPull = allowedBedPull;
    this.strength = strength;
  }

  /** Plate thickness, mm; a sound plate's where it changes nothing. */
  double thickness() {
    return thickness;
  }

  /** Pull the bed may see, N/mm². */
  double allowedBedPull() {
    return allowedBedPull;
  }

  /** Bending strength of the plate, MPa. */
  double strength() {
    return strength;
  }

  /** Whether the plate is too weak for coarse grit, an electric file or heat. */
  public boolean delicate() {
    return this == THIN || this == DAMAGED;
  }
}
