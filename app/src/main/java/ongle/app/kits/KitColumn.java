package ongle.app.kits;

import java.util.List;
import java.util.Locale;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;

/** One figure of a size in a kit, mm: its name in files and on screen, and what it may be. */
public enum KitColumn {
  WIDTH(3, 30),
  DEPTH(0, 15),
  WELL_LENGTH(0.5, 25),
  FREE_LENGTH(1, 80),
  THICKNESS(0.1, 3),
  MOUTH_WIDTH(3, 30),
  MOUTH_DEPTH(0, 15),
  MARK_SPACING(0.5, 10),
  FIRST_MARK(0.2, 20),
  SHEET_WIDTH(3, 120),
  LONGEST(1, 80);

  static final List<KitColumn> OF_A_FORM =
      List.of(MOUTH_WIDTH, MOUTH_DEPTH, MARK_SPACING, FIRST_MARK, SHEET_WIDTH, LONGEST);

  private final Range range;

  KitColumn(double min, double max) {
    range = new Range(min, max);
  }

  /** Smallest allowed value, mm. */
  public double min() {
    return range.min();
  }

  /** Largest allowed value, mm. */
  public double max() {
    return range.max();
  }

  /** Its column in a CSV file. */
  public String csv() {
    return name().toLowerCase(Locale.ROOT) + "_mm";
  }

  public boolean allows(double value) {
    return range.allows(value);
  }

  /** "3.0 to 30.0 mm". */
  public String range() {
    return Words.say("number.range", "min", Numbers.format(min(), 1), "max", Numbers.mm(max()));
  }
}
