package ongle.app.kits;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import ongle.app.web.CsvText;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.TipKit;
import ongle.core.shape.NailShape;
import org.springframework.core.io.ClassPathResource;

/** The invented kits a salon starts with, as CSV files on the class path. */
public final class ShippedKits {
  private ShippedKits() {}

  /** In the order of the list. */
  public static List<KitList> all() {
    CsvText index = csv("shipped");
    return index.records().stream()
        .map(
            row -> {
              String file = index.value(row, "file");
              KitCsv.Read read = KitCsv.read(csv(file));
              if (!read.bad().isEmpty() || read.kind() == null) {
                throw new IllegalStateException("shipped kit " + file + ": " + read);
              }
              return new KitList(
                  file.substring(file.indexOf('/') + 1),
                  index.value(row, "label"),
                  read.kind(),
                  Optional.of(index.value(row, "outline"))
                      .filter(code -> !code.isEmpty())
                      .map(code -> NailShape.ofCode(code).orElseThrow())
                      .orElse(null),
                  index.value(row, "about"),
                  read.rows());
            })
        .toList();
  }

  /** One of the tip kits as the computation wants it. */
  public static TipKit tips(String code) {
    return all().stream()
        .filter(list -> list.code().equals(code))
        .map(KitList::tips)
        .findFirst()
        .orElseThrow();
  }

  /** All form kits as the computation wants them. */
  public static List<FormKit> forms() {
    return all().stream().filter(list -> list.kind() != KitKind.TIPS).map(KitList::forms).toList();
  }

  private static CsvText csv(String file) {
    try (var in = new ClassPathResource("kits/" + file + ".csv").getInputStream()) {
      return CsvText.of(in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
