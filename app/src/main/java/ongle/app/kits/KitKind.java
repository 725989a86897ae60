package ongle.app.kits;

import java.util.List;

/** What a kit holds. */
public enum KitKind {
  TIPS(
      List.of(
          KitColumn.WIDTH,
          KitColumn.DEPTH,
          KitColumn.WELL_LENGTH,
          KitColumn.FREE_LENGTH,
          KitColumn.THICKNESS)),
  PAPER(KitColumn.OF_A_FORM),
  RIGID(KitColumn.OF_A_FORM);

  private final List<KitColumn> columns;

  KitKind(List<KitColumn> columns) {
    this.columns = columns;
  }

  /** What is known of each of its sizes, besides number and pieces. */
  public List<KitColumn> columns() {
    return columns;
  }
}
