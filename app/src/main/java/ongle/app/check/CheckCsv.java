package ongle.app.check;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import ongle.app.words.Numbers;
import ongle.core.check.AsBuilt;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Quantity;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What was built against what was planned, as CSV: a line a measure; what was not measured has
 * none.
 */
final class CheckCsv {
  private CheckCsv() {}

  static String write(SetCheck check) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      csv.printRecord("finger", "measure", "unit", "planned", "built", "verdict");
      for (NailCheck nail : check.nails().values()) {
        for (Quantity quantity : AsBuilt.QUANTITIES) {
          if (nail.built().of(quantity).isPresent()) {
            csv.printRecord(
                nail.plan().nail().finger(),
                quantity.name().toLowerCase(Locale.ROOT),
                quantity.unit().name().toLowerCase(Locale.ROOT),
                Numbers.plain(AsBuilt.planned(nail.plan(), quantity), quantity.decimals()),
                Numbers.plain(nail.built().value(quantity), quantity.decimals()),
                nail.verdict().name().toLowerCase(Locale.ROOT));
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
