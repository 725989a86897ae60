package ongle.app.kits;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipsOrForms;
import ongle.core.shape.NailShape;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;

/** The kits at hand, read from the CSV files shipped with the application. */
@Service
public class KitCatalogue {
  private final List<TipKit> kits =
      List.of(read("lindenbox", "Lindenbox straight", NailShape.TAPERED_SQUARE));

  private final FormKit paper = readForms("alderleaf", "Alderleaf paper forms");
  private final FormKit rigid = readForms("shortback", "Shortback reusable forms");

  /** What a set is fitted from with this tip kit. */
  public Fitting fitting(TipKit tips, TipsOrForms school) {
    return new Fitting(tips, paper, rigid, school);
  }

  public List<TipKit> all() {
    return kits;
  }

  public Optional<TipKit> ofCode(String code) {
    return kits.stream().filter(kit -> kit.code().equals(code)).findFirst();
  }

  /** The kit a new set starts with. */
  public TipKit usual() {
    return kits.get(0);
  }

  private static TipKit read(String code, String label, NailShape outline) {
    return new TipKit(
        code,
        label,
        outline,
        rows(
            code,
            row ->
                new Tip(
                    row.get("number"),
                    mm(row, "width"),
                    mm(row, "depth"),
                    mm(row, "well_length"),
                    mm(row, "free_length"),
                    mm(row, "thickness"))));
  }

  private static FormKit readForms(String code, String label) {
    return new FormKit(
        code,
        label,
        rows(
            "forms/" + code,
            row ->
                new Form(
                    row.get("number"),
                    mm(row, "mouth_width"),
                    mm(row, "mouth_depth"),
                    mm(row, "mark_spacing"),
                    mm(row, "first_mark"),
                    mm(row, "sheet_width"),
                    mm(row, "longest"),
                    row.get("rigid").equals("yes"))));
  }

  private static double mm(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column + "_mm"));
  }

  private static <T> List<T> rows(String file, Function<CSVRecord, T> size) {
    CSVFormat format = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();
    try (Reader in =
        new InputStreamReader(
            new ClassPathResource("kits/" + file + ".csv").getInputStream(),
            StandardCharsets.UTF_8)) {
      return format.parse(in).stream().map(size).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
