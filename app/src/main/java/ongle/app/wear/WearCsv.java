package ongle.app.wear;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import ongle.app.words.Numbers;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What happened to worn nails as CSV: a line a finding, with the cause that is reckoned. */
final class WearCsv {
  private WearCsv() {}

  static String write(Wears.Worn worn) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      csv.printRecord(
          "finger",
          "kind",
          "place",
          "far_mm",
          "found_on",
          "day",
          "after",
          "cause",
          "share",
          "held");
      for (Wears.Explained each : worn.explained()) {
        Finding finding = each.finding();
        Diagnosis.Ranked first = each.diagnosis().first();
        csv.printRecord(
            finding.finger(),
            code(finding.kind()),
            code(finding.place()),
            Numbers.plain(finding.far(), 1),
            each.note().getSeenOn(),
            finding.day(),
            code(finding.after()),
            code(first.cause()),
            Numbers.plain(first.share(), 2),
            each.note().ownCause().map(WearCsv::code).orElse(""));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String code(Enum<?> of) {
    return of.name().toLowerCase(Locale.ROOT);
  }
}
