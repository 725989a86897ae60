package ongle.app.kits;

import java.util.List;

/** What a kit holds. */
public enum KitKind {
  TIPS(
      "tips",
      List.of(
          KitColumn.WIDTH,
          KitColumn.DEPTH,
          KitColumn.WELL_LENGTH,
          KitColumn.FREE_LENGTH,
          KitColumn.THICKNESS)),
  PAPER("paper forms", KitColumn.OF_A_FORM),
  RIGID("reusable forms", KitColumn.OF_A_FORM);

  private final String label;
  private final List<KitColumn> columns;

  KitKind(String label, List<KitColumn> columns) {
    this.label = label;
    this.columns = columns;
  }

  public String label() {
    return label;
  }

  /** What is known of each of its sizes, besides number and pieces. */
  public List<KitColumn> columns() {
    return columns;
  }
}
