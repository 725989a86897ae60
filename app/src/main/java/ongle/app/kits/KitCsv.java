package ongle.app.kits;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.fitting.TipFit;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Kits as CSV: a header with the columns of the kind in any order, one size a line. Every bad line
 * is named with its reason; the good ones are kept.
 */
final class KitCsv {
  static final String NUMBER = "number";
  static final String RIGID = "rigid";
  static final String PIECES = "pieces";

  /** Most sizes a kit may have. */
  static final int MAX_ROWS = 200;

  /** The longest number a size may have. */
  static final int LONGEST_NUMBER = 20;

  /** Steps in width larger than this leave nails between two sizes, mm: what can be filed. */
  private static final double LARGEST_STEP = 2 * TipFit.MAX_FILED_PER_SIDE;

  private static final int MAX_PIECES = 100_000;

  private KitCsv() {}

  /**
   * A file as read.
   *
   * @param kind by its columns; null if it is no kit at all
   * @param rows that can be taken, in the order of the file
   * @param bad lines that cannot
   * @param remarks on the whole
   */
  record Read(KitKind kind, List<KitRow> rows, List<CsvText.Bad> bad, List<String> remarks) {}

  static Read read(CsvText text) {
    Reading reading = new Reading(text);
    return reading.read();
  }

  private static final class Reading {
    private final CsvText text;
    private final List<KitRow> rows = new ArrayList<>();
    private final List<Long> lines = new ArrayList<>();
    private final List<CsvText.Bad> bad = new ArrayList<>();
    private final List<String> remarks = new ArrayList<>();
    private final Map<String, Long> lineOf = new HashMap<>();
    private KitKind kind;

    Reading(CsvText text) {
      this.text = text;
      text.remark().ifPresent(remarks::add);
    }

    Read read() {
      List<CSVRecord> records = text.records();
      Set<String> header = text.header();
      if (!header.contains(NUMBER)) {
        return nothing(Words.say("csv.no-column", "column", NUMBER));
      }
      boolean tips = header.contains(KitColumn.WIDTH.csv());
      boolean forms = header.contains(KitColumn.MOUTH_WIDTH.csv());
      if (tips == forms) {
        return nothing(Words.say("kits.csv.neither"));
      }
      List<String> missing =
          (tips ? KitKind.TIPS : KitKind.PAPER)
              .columns().stream()
                  .map(KitColumn::csv)
                  .filter(column -> !header.contains(column))
                  .toList();
      if (!missing.isEmpty()) {
        return nothing(Words.say("kits.csv.missing", "columns", missing));
      }
      if (records.size() > MAX_ROWS) {
        return nothing(Words.say("kits.csv.too-many", "max", MAX_ROWS, "sizes", records.size()));
      }
      kind = tips ? KitKind.TIPS : kindOfForms(records);
      remarkOnOthers(header);
      records.forEach(this::take);
      remarkOnWidths();
      return new Read(kind, List.copyOf(rows), List.copyOf(bad), List.copyOf(remarks));
    }

    private Read nothing(String why) {
      remarks.add(why);
      return new Read(null, List.of(), List.of(), List.copyOf(remarks));
    }

    /** All forms of a kit are paper or all are rigid; the first line that says so decides. */
    private KitKind kindOfForms(List<CSVRecord> records) {
      return records.stream()
          .map(record -> text.value(record, RIGID).toLowerCase(Locale.ROOT))
          .filter(word -> word.equals("yes") || word.equals("no"))
          .findFirst()
          .map(word -> word.equals("yes") ? KitKind.RIGID : KitKind.PAPER)
          .orElse(KitKind.PAPER);
    }

    private void remarkOnOthers(Set<String> header) {
      Set<String> known = kind.columns().stream().map(KitColumn::csv).collect(Collectors.toSet());
      known.addAll(Set.of(NUMBER, RIGID, PIECES));
      List<String> unknown = header.stream().filter(column -> !known.contains(column)).toList();
      if (!unknown.isEmpty()) {
        remarks.add(Words.say("csv.unknown-columns", "columns", unknown));
      }
    }

    private void take(CSVRecord record) {
      long line = text.lineOf(record);
      try {
        KitRow row = row(record);
        row.check(kind);
        Long before = lineOf.putIfAbsent(row.number(), line);
        if (before != null) {
          throw new IllegalArgumentException(
              Words.say("kits.csv.twice", "number", row.number(), "line", before));
        }
        rows.add(row);
        lines.add(line);
      } catch (IllegalArgumentException e) {
        bad.add(new CsvText.Bad(line, e.getMessage()));
      }
    }

    private KitRow row(CSVRecord record) {
      text.checkWidth(record);
      String number = text.value(record, NUMBER);
      if (number.isEmpty() || number.length() > LONGEST_NUMBER) {
        throw new IllegalArgumentException(
            Words.say(
                number.isEmpty() ? "kits.csv.no-number" : "kits.number.length",
                "longest",
                LONGEST_NUMBER));
      }
      Map<KitColumn, Double> figures = new EnumMap<>(KitColumn.class);
      for (KitColumn column : kind.columns()) {
        figures.put(column, figure(column, text.value(record, column.csv())));
      }
      String rigid = text.value(record, RIGID).toLowerCase(Locale.ROOT);
      if (kind != KitKind.TIPS && !rigid.isEmpty() && !rigid.equals(word(kind))) {
        throw new IllegalArgumentException(
            Words.say("kits.csv.rigid", "rigid", rigid, "kind", kind));
      }
      return new KitRow(number, figures, pieces(text.value(record, PIECES)));
    }

    private void remarkOnWidths() {
      KitColumn width = kind == KitKind.TIPS ? KitColumn.WIDTH : KitColumn.MOUTH_WIDTH;
      boolean down = rows.size() > 1 && rows.get(0).mm(width) > rows.get(rows.size() - 1).mm(width);
      for (int i = 1; i < rows.size(); i++) {
        KitRow before = rows.get(i - 1);
        KitRow row = rows.get(i);
        double step = row.mm(width) - before.mm(width);
        if (step != 0 && step < 0 != down) {
          remarks.add(
              Words.say(
                  down ? "kits.csv.wider" : "kits.csv.narrower",
                  "number",
                  row.number(),
                  "line",
                  lines.get(i),
                  "before",
                  before.number()));
        } else if (kind == KitKind.TIPS && Math.abs(step) > LARGEST_STEP) {
          remarks.add(
              Words.say(
                  "kits.csv.step",
                  "before",
                  before.number(),
                  "number",
                  row.number(),
                  "step",
                  Math.abs(step)));
        }
      }
    }
  }

  private static String word(KitKind kind) {
    return kind == KitKind.RIGID ? "yes" : "no";
  }

  /**
   * A figure as typed.
   *
   * @throws IllegalArgumentException with what is allowed
   */
  static double figure(KitColumn column, String typed) {
    return Numbers.parse(typed)
        .filter(column::allows)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    Words.say(
                        typed.isEmpty() ? "csv.missing-value" : "csv.bad-value",
                        "what",
                        column,
                        "typed",
                        typed,
                        "range",
                        column.range())));
  }

  /**
   * Pieces as typed; null for nothing typed.
   *
   * @throws IllegalArgumentException with what is allowed
   */
  static Integer pieces(String typed) {
    if (typed.isEmpty()) {
      return null;
    }
    return Optional.of(typed)
        .filter(digits -> digits.matches("\\d{1,6}"))
        .map(Integer::valueOf)
        .filter(pieces -> pieces <= MAX_PIECES)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    Words.say("kits.pieces.wanted", "typed", typed, "max", MAX_PIECES)));
  }

  /** A kit as a CSV file with commas and points. */
  static String write(KitList kit) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      boolean forms = kit.kind() != KitKind.TIPS;
      List<Object> header = new ArrayList<>(List.of(NUMBER));
      kit.kind().columns().forEach(column -> header.add(column.csv()));
      if (forms) {
        header.add(RIGID);
      }
      header.add(PIECES);
      csv.printRecord(header);
      for (KitRow row : kit.rows()) {
        List<Object> line = new ArrayList<>(List.of(CsvText.guarded(row.number())));
        kit.kind().columns().forEach(column -> line.add(Numbers.plain(row.mm(column), 2)));
        if (forms) {
          line.add(word(kit.kind()));
        }
        line.add(row.pieces() == null ? "" : row.pieces());
        csv.printRecord(line);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
