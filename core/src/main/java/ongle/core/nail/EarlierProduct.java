package ongle.core.nail;

import java.util.Optional;

/** What is on the nail when the client sits down, and what comes off how. */
public enum EarlierProduct {
  NONE("bare", null),
  POLISH("plain polish", "Plain polish comes off with remover."),
  GEL_POLISH("gel polish", "Gel polish: thin it with a file, then soak; never prise it off."),
  SOAK_OFF_GEL("soak-off gel", "Soak-off gel: thin it with a file, then soak, or infill if sound."),
  HARD_GEL("hard gel", "Hard gel does not soak: file it down, or infill if it is sound."),
  ACRYLIC("acrylic", "Acrylic: thin it with a file, then soak, or infill if it is sound."),
  POLY_GEL("poly gel", "Poly gel: file it down almost to the plate, or infill if it is sound."),
  UNKNOWN("something unknown", "Unknown product: file a little and see; soak only what softens.");

  private final String label;
  private final String first;

  EarlierProduct(String label, String first) {
    this.label = label;
    this.first = first;
  }

  public String label() {
    return label;
  }

  /** What to do with it before anything else, one sentence; empty on a bare nail. */
  public Optional<String> first() {
    return Optional.ofNullable(first);
  }
}
