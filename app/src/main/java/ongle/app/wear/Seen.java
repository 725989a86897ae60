package ongle.app.wear;

import ongle.core.cause.Finding;
import ongle.core.nail.Finger;

/**
 * What the salon's own figures are counted from: one note without its words.
 *
 * @param kind null where the nail was whole
 * @param foretold chance it was foretold to be whole until that day, 0 to 1
 */
record Seen(
    long setId,
    Finger finger,
    Finding.Kind kind,
    int days,
    double foretold,
    String product,
    String shape,
    String way,
    String technician,
    boolean leftOut) {
  boolean fine() {
    return kind == null;
  }

  /** Whether it cracked or broke, which is what is foretold. */
  boolean broken() {
    return kind == Finding.Kind.CRACK || kind == Finding.Kind.BREAK;
  }
}
