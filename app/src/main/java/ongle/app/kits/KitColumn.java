package ongle.app.kits;

import java.util.List;
import java.util.Locale;
import ongle.app.web.Numbers;

/** One figure of a size in a kit, mm: its name in files and on screen, and what it may be. */
public enum KitColumn {
  WIDTH("width", 3, 30, "across the well, sidewall to sidewall"),
  DEPTH("depth", 0, 15, "of its cross curve at the well"),
  WELL_LENGTH("well length", 0.5, 25, "from its end to the stop"),
  FREE_LENGTH("free length", 1, 80, "from the stop to the tip"),
  THICKNESS("thickness", 0.1, 3, "of the free part"),
  MOUTH_WIDTH("mouth width", 3, 30, "of the opening; of a paper form as it lies flat"),
  MOUTH_DEPTH("mouth depth", 0, 15, "how far the opening stands back in its middle"),
  MARK_SPACING("mark spacing", 0.5, 10, "between two marks"),
  FIRST_MARK("first mark", 0.2, 20, "from the mouth to the first mark"),
  SHEET_WIDTH("sheet width", 3, 120, "of the whole form"),
  LONGEST("longest", 1, 80, "extension it carries");

  static final List<KitColumn> OF_A_FORM =
      List.of(MOUTH_WIDTH, MOUTH_DEPTH, MARK_SPACING, FIRST_MARK, SHEET_WIDTH, LONGEST);

  private final String label;
  private final double least;
  private final double most;
  private final String meaning;

  KitColumn(String label, double least, double most, String meaning) {
    this.label = label;
    this.least = least;
    this.most = most;
    this.meaning = meaning;
  }

  public String label() {
    return label;
  }

  public String meaning() {
    return meaning;
  }

  /** Smallest allowed value, mm. */
  public double least() {
    return least;
  }

  /** Largest allowed value, mm. */
  public double most() {
    return most;
  }

  /** Its column in a CSV file. */
  public String csv() {
    return name().toLowerCase(Locale.ROOT) + "_mm";
  }

  public boolean allows(double value) {
    return value >= least && value <= most;
  }

  /** "3.0 to 30.0 mm". */
  public String range() {
    return Numbers.format(least, 1) + " to " + Numbers.mm(most);
  }
}
