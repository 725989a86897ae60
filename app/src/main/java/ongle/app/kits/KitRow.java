package ongle.app.kits;

import java.util.Map;
import ongle.app.words.Words;
import ongle.core.fitting.Form;
import ongle.core.fitting.Tip;

/**
 * One size of a kit.
 *
 * @param number printed on it
 * @param figures every column of its kind, mm
 * @param pieces left; null when nobody counts
 */
public record KitRow(String number, Map<KitColumn, Double> figures, Integer pieces) {

  double mm(KitColumn column) {
    return figures.get(column);
  }

  Tip tip() {
    return new Tip(
        number,
        mm(KitColumn.WIDTH),
        mm(KitColumn.DEPTH),
        mm(KitColumn.WELL_LENGTH),
        mm(KitColumn.FREE_LENGTH),
        mm(KitColumn.THICKNESS));
  }

  Form form(boolean rigid) {
    return new Form(
        number,
        mm(KitColumn.MOUTH_WIDTH),
        mm(KitColumn.MOUTH_DEPTH),
        mm(KitColumn.MARK_SPACING),
        mm(KitColumn.FIRST_MARK),
        mm(KitColumn.SHEET_WIDTH),
        mm(KitColumn.LONGEST),
        rigid);
  }

  /**
   * @throws IllegalArgumentException with the reason, if no such thing can be
   */
  void check(KitKind kind) {
    if (kind == KitKind.TIPS) {
      if (mm(KitColumn.DEPTH) > mm(KitColumn.WIDTH) / 2) {
        throw new IllegalArgumentException(Words.say("kits.too-deep"));
      }
      tip();
    } else {
      form(kind == KitKind.RIGID);
    }
  }
}
