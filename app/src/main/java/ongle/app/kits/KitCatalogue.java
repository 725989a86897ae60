package ongle.app.kits;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.shape.NailShape;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;

/** The tip kits at hand, read from the CSV files shipped with the application. */
@Service
public class KitCatalogue {
  private final List<TipKit> kits =
      List.of(read("lindenbox", "Lindenbox straight", NailShape.TAPERED_SQUARE));

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
    CSVFormat format = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();
    try (Reader in =
        new InputStreamReader(
            new ClassPathResource("kits/" + code + ".csv").getInputStream(),
            StandardCharsets.UTF_8)) {
      List<Tip> tips = new ArrayList<>();
      for (CSVRecord row : format.parse(in)) {
        tips.add(
            new Tip(
                row.get("number"),
                Double.parseDouble(row.get("width_mm")),
                Double.parseDouble(row.get("depth_mm")),
                Double.parseDouble(row.get("well_length_mm")),
                Double.parseDouble(row.get("free_length_mm")),
                Double.parseDouble(row.get("thickness_mm"))));
      }
      return new TipKit(code, label, outline, tips);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
