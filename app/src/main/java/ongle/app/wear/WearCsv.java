package ongle.app.wear;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
  record Read(List<WearDesk.Sight> seen, List<CsvText.Bad> bad, List<String> remarks) {}

  static Read read(CsvText text) {
    List<WearDesk.Sight> seen = new ArrayList<>();
    CsvText.Told told =
        text.each(List.of(FINGER, KIND, FOUND), KNOWN, record -> seen.add(sight(text, record)));
    return new Read(seen, told.bad(), told.remarks());
  }

  private static WearDesk.Sight sight(CsvText text, CSVRecord record) {
    Finger finger = CsvText.one(List.of(Finger.values()), FINGER, text.value(record, FINGER));
    LocalDate day = day(text.value(record, FOUND));
    String kind = text.value(record, KIND);
    if (kind.equalsIgnoreCase(WHOLE)) {
      return new WearDesk.Sight(finger, day, Optional.empty());
    }
    String far = text.value(record, FAR);
    String whole = text.value(record, WHOLE_ON);
    String after = text.value(record, AFTER);
    String said = text.value(record, SAID);
    return new WearDesk.Sight(
        finger,
        day,
        Optional.of(
            new WearForm(
                CsvText.one(List.of(Finding.Kind.values()), KIND, kind),
                CsvText.one(List.of(Finding.Place.values()), PLACE, text.value(record, PLACE)),
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
                    : CsvText.one(List.of(Finding.After.values()), AFTER, after),
                said.isEmpty()
                    ? null
                    : said.substring(0, Math.min(WearForm.LONGEST, said.length())),
                false)));
  }

  private static LocalDate day(String typed) {
    try {
      return LocalDate.parse(typed);
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException(Words.say("wear.no-day"), e);
    }
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
            CsvText.code(finding.kind()),
            CsvText.code(finding.place()),
            Numbers.plain(finding.far(), 1),
            each.note().getSeenOn(),
            finding.day(),
            CsvText.code(finding.after()),
            CsvText.code(first.cause()),
            Numbers.plain(first.share(), 2),
            each.note().ownCause().map(CsvText::code).orElse(""),
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
}
