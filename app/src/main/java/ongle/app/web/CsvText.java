package ongle.app.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.regex.Pattern;
import ongle.app.words.Words;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.web.multipart.MultipartFile;

/**
 * A CSV file from anywhere: comma, semicolon or tab; UTF-8, UTF-16 or the old western encoding; a
 * first line that names the columns, in any case and order.
 */
public final class CsvText {
  private static final List<Character> SEPARATORS = List.of(',', ';', '\t');

  /** Most lines taken; no kit and no set has as many. */
  public static final int MAX_LINES = 2000;

  /** What a spreadsheet would take for something to run. */
  private static final Pattern RUNS = Pattern.compile("[=+\\-@\\t\\r].*", Pattern.DOTALL);

  private final String text;
  private final String remark;
  private final List<CSVRecord> records;
  private final Map<Long, Integer> lines = new HashMap<>();
  private final Map<String, Integer> columns;

  private CsvText(String text, String remark) {
    this.text = text;
    this.remark = remark;
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator(text))
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser parser = CSVParser.parse(text, format)) {
      List<CSVRecord> all =
          parser.stream()
              .filter(record -> record.stream().anyMatch(v -> !v.isBlank()))
              .limit(MAX_LINES + 1L)
              .toList();
      if (all.size() > MAX_LINES) {
        throw new IllegalArgumentException(Words.say("csv.too-many-lines", "max", MAX_LINES));
      }
      number(all);
      columns = all.isEmpty() ? Map.of() : columns(all.get(0));
      records = all.isEmpty() ? List.of() : all.subList(1, all.size());
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      throw new IllegalArgumentException(Words.say("csv.quotes"));
    }
  }

  /**
   * @throws IllegalArgumentException with the reason, if it is no such file
   */
  public static CsvText of(String text) {
    return new CsvText(text.startsWith("\uFEFF") ? text.substring(1) : text, null);
  }

  /**
   * As chosen as a file, else as pasted.
   *
   * @throws IllegalArgumentException with the reason, if it cannot be read
   */
  public static CsvText given(Optional<MultipartFile> file, String pasted) throws IOException {
    return file.isPresent() && !file.get().isEmpty() ? of(file.get().getBytes()) : of(pasted);
  }

  /**
   * Finds out the encoding by itself.
   *
   * @throws IllegalArgumentException with the reason, if it is no such file
   */
  public static CsvText of(byte[] file) {
    boolean wide = startsLike(file, 0xFF, 0xFE) || startsLike(file, 0xFE, 0xFF);
    try {
      return of(decoded(file, wide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8));
    } catch (CharacterCodingException old) {
      return new CsvText(
          checked(new String(file, Charset.forName("windows-1252"))), Words.say("csv.not-utf8"));
    }
  }

  private static String decoded(byte[] file, Charset charset) throws CharacterCodingException {
    return checked(
        charset
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT)
            .decode(ByteBuffer.wrap(file))
            .toString());
  }

  private static String checked(String text) {
    if (text.indexOf('\0') >= 0) {
      throw new IllegalArgumentException(Words.say("csv.no-text"));
    }
    return CleanText.of(text);
  }

  private static boolean startsLike(byte[] file, int first, int second) {
    return file.length >= 2 && (file[0] & 0xFF) == first && (file[1] & 0xFF) == second;
  }

  private static char separator(String text) {
    String header = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
    return SEPARATORS.stream()
        .max(Comparator.comparingLong(each -> header.chars().filter(c -> c == each).count()))
        .orElseThrow();
  }

  private static Map<String, Integer> columns(CSVRecord header) {
    Map<String, Integer> columns = new java.util.LinkedHashMap<>();
    for (int i = 0; i < header.size(); i++) {
      columns.putIfAbsent(header.get(i).toLowerCase(Locale.ROOT).strip().replace(' ', '_'), i);
    }
    return columns;
  }

  /** The text itself, to be read again. */
  public String text() {
    return text;
  }

  /** What had to be guessed. */
  public Optional<String> remark() {
    return Optional.ofNullable(remark);
  }

  /** Names of the columns, in small letters, blanks as underscores. */
  public Set<String> header() {
    return columns.keySet();
  }

  /** The lines under the header. */
  public List<CSVRecord> records() {
    return records;
  }

  /** The value of a column; empty if the line or the file has none. */
  public String value(CSVRecord record, String column) {
    Integer at = columns.get(column);
    return at == null || at >= record.size() ? "" : unguarded(record.get(at).strip());
  }

  /**
   * A line that cannot be taken.
   *
   * @param line in the file, the header is 1
   */
  public record Bad(long line, String reason) {}

  /**
   * What is to be said of a file.
   *
   * @param bad lines that cannot be taken
   * @param remarks on the whole
   */
  public record Told(List<Bad> bad, List<String> remarks) {}

  /**
   * Takes line by line: a bad one is told with its reason, and the others go on. None where a
   * column is missing.
   *
   * @param needed columns nothing can be taken without
   * @param known columns anything is made of
   * @param take throws an {@link IllegalArgumentException} with the reason for a bad line
   */
  public Told each(List<String> needed, Set<String> known, Consumer<CSVRecord> take) {
    List<String> remarks = new ArrayList<>();
    remark().ifPresent(remarks::add);
    for (String column : needed) {
      if (!header().contains(column)) {
        remarks.add(Words.say("csv.no-column", "column", column));
        return new Told(List.of(), remarks);
      }
    }
    List<String> unknown = header().stream().filter(each -> !known.contains(each)).toList();
    if (!unknown.isEmpty()) {
      remarks.add(Words.say("csv.unknown-columns", "columns", unknown));
    }
    List<Bad> bad = new ArrayList<>();
    for (CSVRecord record : records) {
      try {
        checkWidth(record);
        take.accept(record);
      } catch (IllegalArgumentException e) {
        bad.add(new Bad(lineOf(record), e.getMessage()));
      }
    }
    return new Told(bad, remarks);
  }

  /** How a word of core is written in a file. */
  public static String code(Enum<?> of) {
    return of.name().toLowerCase(Locale.ROOT);
  }

  /**
   * The one of these that is meant, in any case.
   *
   * @throws IllegalArgumentException that says which there are, if it is none of them
   */
  public static <E extends Enum<E>> E one(Collection<E> all, String column, String typed) {
    return one(all, CsvText::code, column, typed);
  }

  /**
   * The same of things that files call otherwise.
   *
   * @param called what a file calls each
   */
  public static <E> E one(
      Collection<E> all, Function<E, String> called, String column, String typed) {
    return all.stream()
        .filter(each -> called.apply(each).equalsIgnoreCase(typed))
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
                        all.stream().map(called).toList())));
  }

  /** The line of the file, the header is 1. */
  public long lineOf(CSVRecord record) {
    return lines.get(record.getRecordNumber());
  }

  /** Counts the lines once, on the way through the records. */
  private void number(List<CSVRecord> all) {
    int line = 1;
    int counted = 0;
    for (CSVRecord record : all) {
      int at = (int) record.getCharacterPosition();
      while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
        at++; // the position is before the empty lines that were passed over
      }
      for (; counted < at; counted++) {
        char c = text.charAt(counted);
        boolean pair = c == '\r' && counted + 1 < text.length() && text.charAt(counted + 1) == '\n';
        if (c == '\n' || (c == '\r' && !pair)) {
          line++;
        }
      }
      lines.put(record.getRecordNumber(), line);
    }
  }

  /** A text for a cell, so that no spreadsheet runs it. */
  public static String guarded(String cell) {
    return RUNS.matcher(cell).matches() ? "'" + cell : cell;
  }

  private static String unguarded(String cell) {
    return cell.startsWith("'") && RUNS.matcher(cell.substring(1)).matches()
        ? cell.substring(1)
        : cell;
  }

  /**
   * @throws IllegalArgumentException if the line has more values than the header names, as happens
   *     with decimal commas between commas
   */
  public void checkWidth(CSVRecord record) {
    if (record.size() > columns.size()) {
      throw new IllegalArgumentException(
          Words.say("csv.too-wide", "values", record.size(), "columns", columns.size()));
    }
  }
}
