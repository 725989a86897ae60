package ongle.app.check;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
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
  record Read(Map<Finger, Map<Quantity, Double>> measured, List<Bad> bad, List<String> remarks) {}

  /**
   * A line that cannot be taken.
   *
   * @param line in the file, the header is 1
   */
  record Bad(long line, String reason) {}

  static Read read(CsvText text) {
    List<String> remarks = new ArrayList<>();
    text.remark().ifPresent(remarks::add);
    for (String column : List.of(FINGER, MEASURE, BUILT)) {
      if (!text.header().contains(column)) {
        remarks.add(Words.say("csv.no-column", "column", column));
        return new Read(Map.of(), List.of(), remarks);
      }
    }
    List<String> unknown = text.header().stream().filter(each -> !KNOWN.contains(each)).toList();
    if (!unknown.isEmpty()) {
      remarks.add(Words.say("csv.unknown-columns", "columns", unknown));
    }
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    List<Bad> bad = new ArrayList<>();
    for (CSVRecord record : text.records()) {
      try {
        text.checkWidth(record);
        String built = text.value(record, BUILT);
        Finger finger = one(List.of(Finger.values()), FINGER, text.value(record, FINGER));
        Quantity quantity = one(AsBuilt.QUANTITIES, MEASURE, text.value(record, MEASURE));
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
      } catch (IllegalArgumentException e) {
        bad.add(new Bad(text.lineOf(record), e.getMessage()));
      }
    }
    measured.values().removeIf(Map::isEmpty);
    return new Read(measured, bad, remarks);
  }

  private static IllegalArgumentException notAllowed(Quantity quantity, String typed) {
    return new IllegalArgumentException(
        Words.say(
            "csv.bad-value", "what", quantity, "typed", typed, "range", Numbers.range(quantity)));
  }

  private static <E extends Enum<E>> E one(List<E> all, String column, String typed) {
    return all.stream()
        .filter(each -> each.name().equalsIgnoreCase(typed))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    Words.say(
                        "csv.one-of",
                        "column",
                        column,
                        "typed",
                        typed,
                        "all",
                        all.stream().map(each -> each.name().toLowerCase(Locale.ROOT)).toList())));
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
