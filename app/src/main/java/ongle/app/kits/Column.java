package ongle.app.kits;

import java.util.ArrayList;
import java.util.List;
import ongle.app.words.Words;

/** A column of a kit's table. */
record Column(String field, String label, String unit, String meaning) {
  static List<Column> of(KitKind kind) {
    List<Column> columns = new ArrayList<>();
    columns.add(
        new Column(KitCsv.NUMBER, Words.say("kits.number"), "", Words.say("kits.number.meaning")));
    kind.columns()
        .forEach(c -> columns.add(new Column(c.csv(), Words.of(c), "mm", Words.of(c, "meaning"))));
    columns.add(
        new Column(KitCsv.PIECES, Words.say("kits.pieces"), "", Words.say("kits.pieces.meaning")));
    return columns;
  }
}
