package ongle.app.measure;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.web.CsvText;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.Readings;
import ongle.core.nail.SkinState;
import ongle.core.nail.Unit;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A measuring sheet as CSV: a line a finger, a column a measure with its unit in the name; what was
 * not measured is left empty. Every bad line is named with its reason.
 */
final class MeasuresCsv {
  private static final String FINGER = "finger";
  private static final String PLATE = "plate";
  private static final String SOUND = "sound";
  private static final String SKIN = "skin";

  private MeasuresCsv() {}

  /**
   * A file as read.
   *
   * @param plates that can be taken
   * @param bad lines that cannot
   * @param remarks on the whole
   */
  record Read(List<Plate> plates, List<CsvText.Bad> bad, List<String> remarks) {}

  /**
   * One finger's measures; empty where the file says nothing.
   *
   * @param values in each quantity's unit
   */
  record Plate(
      Finger finger,
      Map<Quantity, Double> values,
      Optional<PlateCondition> condition,
      Optional<SkinState> skin) {}

  /** What a sheet has columns for. */
  static List<Quantity> quantities() {
    return Stream.concat(Readings.OF_A_PLATE.stream(), Stream.of(Quantity.REGROWTH)).toList();
  }

  /** The column of a quantity, such as {@code plate_length_mm}. */
  static String column(Quantity quantity) {
    return quantity.name().toLowerCase(Locale.ROOT)
        + (quantity.unit() == Unit.DEGREE ? "_deg" : "_mm");
  }

  static String write(NailSet set) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
      List<Object> header = new ArrayList<>(List.of(FINGER));
      quantities().forEach(quantity -> header.add(column(quantity)));
      header.addAll(List.of(PLATE, SKIN));
      csv.printRecord(header);
      for (SetNail nail : set.getNails()) {
        List<Object> line = new ArrayList<>(List.of(nail.getFinger().name()));
        quantities()
            .forEach(
                quantity ->
                    line.add(
                        nail.value(quantity)
                            .map(value -> Numbers.plain(value, quantity.decimals()))
                            .orElse("")));
        line.add(words(nail.getPlateCondition()));
        line.add(word(nail.getSkin()));
        csv.printRecord(line);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  static Read read(CsvText text) {
    Set<String> known =
        Stream.concat(
                quantities().stream().map(MeasuresCsv::column), Stream.of(FINGER, PLATE, SKIN))
            .collect(Collectors.toSet());
    Map<Finger, Plate> plates = new EnumMap<>(Finger.class);
    CsvText.Told told =
        text.each(
            List.of(FINGER),
            known,
            record -> {
              Plate plate = plate(text, record);
              if (plates.putIfAbsent(plate.finger(), plate) != null) {
                throw new IllegalArgumentException(
                    Words.say("measure.csv.twice", "finger", plate.finger().name()));
              }
            });
    return new Read(List.copyOf(plates.values()), told.bad(), told.remarks());
  }

  private static Plate plate(CsvText text, CSVRecord record) {
    Finger finger =
        one(Finger.values(), Finger::name, "finger", text.value(record, FINGER))
            .orElseThrow(() -> new IllegalArgumentException(Words.say("measure.csv.no-finger")));
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (Quantity quantity : quantities()) {
      String typed = text.value(record, column(quantity));
      if (!typed.isEmpty()) {
        values.put(
            quantity,
            Numbers.parse(typed)
                .filter(quantity::allows)
                .orElseThrow(
                    () ->
                        new IllegalArgumentException(
                            Words.say(
                                "csv.bad-value",
                                "what",
                                quantity,
                                "typed",
                                typed,
                                "range",
                                Numbers.range(quantity)))));
      }
    }
    Optional<PlateCondition> condition = condition(text.value(record, PLATE));
    Optional<SkinState> skin =
        one(SkinState.values(), MeasuresCsv::word, SKIN, text.value(record, SKIN));
    try {
      new Readings(Map.of(finger, values)).nail(finger, PlateCondition.SOUND, SkinState.INTACT);
    } catch (OutOfRange e) {
      throw new IllegalArgumentException(
          Words.say("sets.contradiction", "quantity", e.quantity()), e);
    }
    return new Plate(finger, values, condition, skin);
  }

  private static <E> Optional<E> one(
      E[] all, Function<E, String> name, String column, String typed) {
    if (typed.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(CsvText.one(List.of(all), name, column, typed));
  }

  private static String words(PlateCondition condition) {
    return condition.sound()
        ? SOUND
        : condition.findings().stream().map(MeasuresCsv::word).collect(Collectors.joining("+"));
  }

  /** One word or several joined by a plus; empty where nothing is said. */
  private static Optional<PlateCondition> condition(String typed) {
    if (typed.isEmpty()) {
      return Optional.empty();
    }
    if (typed.equalsIgnoreCase(SOUND)) {
      return Optional.of(PlateCondition.SOUND);
    }
    return Optional.of(
        new PlateCondition(
            Arrays.stream(typed.split("\\+"))
                .map(String::strip)
                .flatMap(
                    each -> one(PlateFinding.values(), MeasuresCsv::word, PLATE, each).stream())
                .collect(Collectors.toSet())));
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
