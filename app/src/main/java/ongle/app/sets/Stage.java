package ongle.app.sets;

import java.util.Locale;

/** The stages of a set, in the order of the work. */
public enum Stage {
  MEASURE("Measure", "every plate"),
  SHAPE("Shape", "shape, length, product"),
  FIT("Fit", "tip or form for each finger"),
  STRUCTURE("Structure", "apex, thickness, barrel"),
  BENCH("Bench", "product, order, guide"),
  SHEET("Sheet", "for the desk");

  private final String label;
  private final String about;

  Stage(String label, String about) {
    this.label = label;
    this.about = about;
  }

  public String label() {
    return label;
  }

  public String about() {
    return about;
  }

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
