package ongle.app.kits;

import java.util.List;
import java.util.stream.Collectors;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Stock;
import ongle.core.fitting.TipKit;
import ongle.core.shape.NailShape;

/**
 * A kit as a list, however it is stored.
 *
 * @param outline the blanks of a tip kit are moulded in; null for forms
 * @param about it, in half a sentence
 * @param rows at least one
 */
public record KitList(
    String code, String label, KitKind kind, NailShape outline, String about, List<KitRow> rows) {

  /** Only of a kit of tips. */
  TipKit tips() {
    return new TipKit(code, label, outline, rows.stream().map(KitRow::tip).toList(), stock());
  }

  /** Only of a kit of forms. */
  FormKit forms() {
    boolean rigid = kind == KitKind.RIGID;
    return new FormKit(code, label, rows.stream().map(row -> row.form(rigid)).toList(), stock());
  }

  private Stock stock() {
    return new Stock(
        rows.stream()
            .filter(row -> row.pieces() != null)
            .collect(Collectors.toMap(KitRow::number, KitRow::pieces)));
  }
}
