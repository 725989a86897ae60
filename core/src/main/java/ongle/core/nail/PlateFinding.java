package ongle.core.nail;

import java.util.Optional;

/**
 * Something found on a natural plate. Some change how much the plate carries; planning figures of
 * our own. The others change the work: how it is prepared, shortened and fitted.
 */
public enum PlateFinding {
  BITTEN("bitten", 0.35, 0.30, 60),
  THIN("thin", 0.28, 0.34, 60),
  DAMAGED("damaged", 0.32, 0.26, 50),
  SPLIT("split edge"),
  RIDGED("ridged"),
  FLAT("flat"),
  FAN_SHAPED("fan-shaped"),
  HOOKED("hooked");

  private final String label;
  private final double thickness;
  private final double allowedBedPull;
  private final double strength;

  PlateFinding(String label) {
    this(
        label,
        PlateCondition.SOUND_THICKNESS,
        PlateCondition.SOUND_PULL,
        PlateCondition.SOUND_STRENGTH);
  }

  PlateFinding(String label, double thickness, double allowedBedPull, double strength) {
    this.label = label;
    this.thickness = thickness;
    this.allowedBedPull = allowedBedPull;
    this.strength = strength;
  }

  public String label() {
    return label;
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

  /** What to be careful of, one or two sentences. */
  public Optional<String> caution() {
    return Optional.ofNullable(
        switch (this) {
          case THIN ->
              "Thin plate: finest grit, no electric file on the plate, low-heat curing, shorter length.";
          case DAMAGED ->
              "Damaged plate: finest grit, no electric file on the plate, low-heat curing, shorter length.";
          case BITTEN ->
              "Bitten nail: never file under the hyponychium; just cover the fingertip, and plan an earlier infill.";
          case SPLIT -> "Split edge: shorten beyond the split; on a tip, cap the well over it.";
          case RIDGED -> "Ridged plate: a levelling base fills the ridges; do not file them away.";
          case FLAT -> "Flat plate: a deep tip springs off it; roll the form before it goes on.";
          case FAN_SHAPED -> "Fan-shaped: relief cuts in the form, and a narrowing shape.";
          case HOOKED -> "Hooked nail: the free edge as short as it goes, the form lifted.";
        });
  }
}
