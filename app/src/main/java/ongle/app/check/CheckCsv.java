package ongle.app.check;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.check.AsBuilt;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * What was built against what was planned, as CSV: a line a measure; what was not measured has
 * none.
 */
final class CheckCsv {
  private static final String FINGER = "finger";
  private static final String MEASURE = "measure";
  private static final String BUILT = "built";
  private static final Set<String> KNOWN =
      Set.of(FINGER, MEASURE, "unit", "planned", BUILT, "verdict");

  private CheckCsv() {}

  /**
   * A file as read.
   *
   * @param measured that can be taken, in each quantity's unit
   * @param bad lines that cannot
   * @param remarks on the whole
   */
  record Read(
      Map<Finger, Map<Quantity, Double>> measured, List<CsvText.Bad> bad, List<String> remarks) {}

  static Read read(CsvText text) {
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    CsvText.Told told =
        text.each(List.of(FINGER, MEASURE, BUILT), KNOWN, record -> take(text, record, measured));
    measured.values().removeIf(Map::isEmpty);
    return new Read(measured, told.bad(), told.remarks());
  }

  private static void take(
      CsvText text, CSVRecord record, Map<Finger, Map<Quantity, Double>> measured) {
    String built = text.value(record, BUILT);
    Finger finger = CsvText.one(List.of(Finger.values()), FINGER, text.value(record, FINGER));
    Quantity quantity = CsvText.one(AsBuilt.QUANTITIES, MEASURE, text.value(record, MEASURE));
    Map<Quantity, Double> of =
        measured.computeIfAbsent(finger, each -> new EnumMap<>(Quantity.class));
    if (of.containsKey(quantity)) {
      throw new IllegalArgumentException(
          Words.say("check.csv.twice", "finger", finger, "quantity", quantity));
    }
    of.put(
        quantity,
        Numbers.parse(built)
            .filter(quantity::allows)
            .orElseThrow(() -> notAllowed(quantity, built)));
  }

  private static IllegalArgumentException notAllowed(Quantity quantity, String typed) {
    return new IllegalArgumentException(
        Words.say(
            "csv.bad-value", "what", quantity, "typed", typed, "range", Numbers.range(quantity)));
  }

  static String write(SetCheck check) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      csv.printRecord(FINGER, MEASURE, "unit", "planned", BUILT, "verdict");
      for (NailCheck nail : check.nails().values()) {
        for (Quantity quantity : AsBuilt.QUANTITIES) {
          if (nail.built().of(quantity).isPresent()) {
            csv.printRecord(
                nail.plan().nail().finger(),
                CsvText.code(quantity),
                CsvText.code(quantity.unit()),
                Numbers.plain(AsBuilt.planned(nail.plan(), quantity), quantity.decimals()),
                Numbers.plain(nail.built().value(quantity), quantity.decimals()),
                CsvText.code(nail.verdict()));
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
