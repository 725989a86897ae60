package ongle.app.wear;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.nail.Finger;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** What was seen of worn nails as CSV: a line a nail and day; a nail that was whole is so too. */
final class WearCsv {
  private static final String FINGER = "finger";
  private static final String KIND = "kind";
  private static final String PLACE = "place";
  private static final String FAR = "far_mm";
  private static final String FOUND = "found_on";
  private static final String WHOLE_ON = "whole_on";
  private static final String AFTER = "after";
  private static final String SAID = "said";

  /** Stands for the kind of a nail nothing happened to. */
  private static final String WHOLE = "whole";

  private static final Set<String> KNOWN =
      Set.of(
          FINGER, KIND, PLACE, FAR, FOUND, WHOLE_ON, AFTER, SAID, "day", "cause", "share", "held");

  private WearCsv() {}

  /**
   * A file as read.
   *
   * @param seen that can be taken
   * @param bad lines that cannot
   * @param remarks on the whole
   */
  record Read(List<WearDesk.Sight> seen, List<Bad> bad, List<String> remarks) {}

  /**
   * A line that cannot be taken.
   *
   * @param line in the file, the header is 1
   */
  record Bad(long line, String reason) {}

  static Read read(CsvText text) {
    List<String> remarks = new ArrayList<>();
    text.remark().ifPresent(remarks::add);
    for (String column : List.of(FINGER, KIND, FOUND)) {
      if (!text.header().contains(column)) {
        remarks.add(Words.say("csv.no-column", "column", column));
        return new Read(List.of(), List.of(), remarks);
      }
    }
    List<String> unknown = text.header().stream().filter(each -> !KNOWN.contains(each)).toList();
    if (!unknown.isEmpty()) {
      remarks.add(Words.say("csv.unknown-columns", "columns", unknown));
    }
    List<WearDesk.Sight> seen = new ArrayList<>();
    List<Bad> bad = new ArrayList<>();
    for (CSVRecord record : text.records()) {
      try {
        text.checkWidth(record);
        seen.add(sight(text, record));
      } catch (IllegalArgumentException e) {
        bad.add(new Bad(text.lineOf(record), e.getMessage()));
      }
    }
    return new Read(seen, bad, remarks);
  }

  private static WearDesk.Sight sight(CsvText text, CSVRecord record) {
    Finger finger = one(Finger.values(), FINGER, text.value(record, FINGER));
    LocalDate day = day(text.value(record, FOUND));
    String kind = text.value(record, KIND);
    if (kind.equalsIgnoreCase(WHOLE)) {
      return new WearDesk.Sight(finger, day, Optional.empty());
    }
    String far = optional(text, record, FAR);
    String whole = optional(text, record, WHOLE_ON);
    String after = optional(text, record, AFTER);
    String said = optional(text, record, SAID);
    return new WearDesk.Sight(
        finger,
        day,
        Optional.of(
            new WearForm(
                one(Finding.Kind.values(), KIND, kind),
                one(Finding.Place.values(), PLACE, optional(text, record, PLACE)),
                far.isEmpty()
                    ? 0
                    : Numbers.parse(far)
                        .filter(value -> value >= 0 && value <= Finding.FARTHEST)
                        .orElseThrow(
                            () ->
                                new IllegalArgumentException(
                                    Words.say("wear.too-far", "most", Finding.FARTHEST))),
                whole.isEmpty() ? Optional.empty() : Optional.of(day(whole)),
                after.isEmpty()
                    ? Finding.After.NOTHING_KNOWN
                    : one(Finding.After.values(), AFTER, after),
                said.isEmpty()
                    ? null
                    : said.substring(0, Math.min(WearForm.LONGEST, said.length())),
                false)));
  }

  private static String optional(CsvText text, CSVRecord record, String column) {
    return text.header().contains(column) ? text.value(record, column) : "";
  }

  private static LocalDate day(String typed) {
    try {
      return LocalDate.parse(typed);
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException(Words.say("wear.no-day"), e);
    }
  }

  private static <E extends Enum<E>> E one(E[] all, String column, String typed) {
    return Stream.of(all)
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
                        Stream.of(all).map(WearCsv::code).toList())));
  }

  static String write(Wears.Worn worn) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      csv.printRecord(
          FINGER, KIND, PLACE, FAR, FOUND, "day", AFTER, "cause", "share", "held", SAID);
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
            each.note().ownCause().map(WearCsv::code).orElse(""),
            each.note().getSaid() == null ? "" : CsvText.guarded(each.note().getSaid()));
      }
      for (WearNote note : worn.whole()) {
        csv.printRecord(
            note.getFinger(), WHOLE, "", "", note.getSeenOn(), note.getDays(), "", "", "", "", "");
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
