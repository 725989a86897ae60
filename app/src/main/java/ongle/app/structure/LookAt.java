package ongle.app.structure;

import java.util.Arrays;
import java.util.Optional;

/** What the workbench shows of a nail. */
enum LookAt {
  NAIL,
  SCHOOLS,
  BARREL,
  TEN,
  WEEKS,
  ROUND;

  /** Name in the address. */
  public String path() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  static Optional<LookAt> at(String path) {
    return Arrays.stream(values()).filter(look -> look.path().equals(path)).findFirst();
  }
}
