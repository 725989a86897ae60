package ongle.app.frame;

import java.util.Locale;

/** The stages of a set, in the order of the work. */
public enum Stage {
  MEASURE,
  SHAPE,
  FIT,
  STRUCTURE,
  BENCH,
  CHECK,
  SHEET,
  WEAR;

  public String path() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The stage after this one; the last stays. */
  public Stage next() {
    return values()[Math.min(ordinal() + 1, values().length - 1)];
  }

  public Stage previous() {
    return values()[Math.max(ordinal() - 1, 0)];
  }
}
