package ongle.app.structure;

import java.util.Arrays;
import java.util.Optional;

/** What the workbench shows of a nail. */
enum LookAt {
  NAIL("Workbench", "three views, to work on"),
  SCHOOLS("Schools", "side by side"),
  BARREL("Barrel", "C-curve and pinching"),
  TEN("The ten", "who is weakest"),
  WEEKS("Weeks ahead", "how it wears"),
  ROUND("In the round", "turn it, cut it");

  private final String label;
  private final String about;

  LookAt(String label, String about) {
    this.label = label;
    this.about = about;
  }

  public String label() {
    return label;
  }

  public String about() {
    return about;
  }

  /** Name in the address. */
  public String path() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  static Optional<LookAt> at(String path) {
    return Arrays.stream(values()).filter(look -> look.path().equals(path)).findFirst();
  }
}
