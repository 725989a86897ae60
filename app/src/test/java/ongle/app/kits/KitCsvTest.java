package ongle.app.kits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import ongle.app.web.CsvText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KitCsvTest {
  private static final String HEADER =
      "number,width_mm,depth_mm,well_length_mm,free_length_mm,thickness_mm,pieces\n";

  private static KitCsv.Read read(String text) {
    return KitCsv.read(CsvText.of(text));
  }

  static java.util.List<KitList> shipped() {
    return ShippedKits.all();
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void aKitWrittenAndReadAgainIsTheSameKit(KitList kit) {
    KitCsv.Read read = read(KitCsv.write(kit));
    assertThat(read.kind()).isEqualTo(kit.kind());
    assertThat(read.bad()).isEmpty();
    assertThat(read.rows()).isEqualTo(kit.rows());
  }

  @Test
  void everyBadLineIsNamedWithItsReasonAndTheGoodOnesAreKept() {
    KitCsv.Read read =
        read(
            HEADER
                + "1,14,2.4,6,24,0.5,10\n"
                + "2,wide,2.4,6,24,0.5,\n"
                + "\n"
                + "1,12,2.1,6,24,0.5,\n"
                + "3,12,7,6,24,0.5,\n"
                + ",11,2,6,24,0.5,\n"
                + "4,10.5,1.9,6,24,0.5,-3\n"
                + "5,9.9,1.8,6,24,0.5\n"
                + "6,99,1.8,6,24,0.5,1\n");
    assertThat(read.rows()).extracting(KitRow::number).containsExactly("1", "5");
    assertThat(read.bad()).extracting(CsvText.Bad::line).containsExactly(3L, 5L, 6L, 7L, 8L, 10L);
    assertThat(read.bad())
        .extracting(CsvText.Bad::reason)
        .satisfiesExactly(
            reason -> assertThat(reason).contains("width \"wide\"").contains("3.0 to 30.0 mm"),
            reason -> assertThat(reason).contains("already on line 2"),
            reason -> assertThat(reason).contains("half circle"),
            reason -> assertThat(reason).isEqualTo("no number"),
            reason -> assertThat(reason).contains("pieces \"-3\""),
            reason -> assertThat(reason).contains("width \"99\""));
  }

  @Test
  void gapsAndSwappedLinesAreRemarkedOn() {
    KitCsv.Read read =
        read(
            HEADER
                + "1,14,2,6,24,.5,\n2,11,2,6,24,.5,\n3,12,2,6,24,.5,\n4,10.8,2,6,24,.5,\n"
                    .replace(",.5", ",0.5"));
    assertThat(read.rows()).hasSize(4);
    assertThat(read.remarks())
        .anyMatch(remark -> remark.contains("From number 1 to 2 the width steps by 3.0 mm"))
        .anyMatch(remark -> remark.contains("Number 3 (line 4) is wider than 2"));
  }

  @Test
  void semicolonsDecimalCommasAndOldEncodingsAreRead() {
    String german =
        "Number;Width mm;depth_mm;well_length_mm;free_length_mm;thickness_mm;größe\n5;11,8;2,2;6,3;23,5;0,5;x\n";
    for (Charset charset :
        new Charset[] {
          StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252")
        }) {
      KitCsv.Read read = KitCsv.read(CsvText.of(german.getBytes(charset)));
      assertThat(read.rows()).as(charset.name()).hasSize(1);
      assertThat(read.rows().get(0).mm(KitColumn.WIDTH)).isEqualTo(11.8);
      assertThat(read.remarks()).anyMatch(remark -> remark.contains("größe"));
    }
  }

  @Test
  void decimalCommasBetweenCommasAreNamed() {
    KitCsv.Read read =
        read(
            "number,width_mm,depth_mm,well_length_mm,free_length_mm,thickness_mm\n5,11,8,2,2,6,3,23,5,0,5\n");
    assertThat(read.rows()).isEmpty();
    assertThat(read.bad().get(0).reason()).contains("separate the columns by semicolons");
  }

  @Test
  void paperAndRigidFormsDoNotMix() {
    KitCsv.Read read =
        read(
            "number,mouth_width_mm,mouth_depth_mm,mark_spacing_mm,first_mark_mm,sheet_width_mm,longest_mm,rigid\n"
                + "1,14,2,1,1,17,6,yes\n2,12,2,1,1,15,6,no\n");
    assertThat(read.kind()).isEqualTo(KitKind.RIGID);
    assertThat(read.rows()).hasSize(1);
    assertThat(read.bad().get(0).reason()).contains("reusable forms");
  }

  @Test
  void whatIsNoKitSaysWhatIsMissing() {
    assertThat(read("a,b\n1,2\n").remarks().get(0)).contains("no “number”");
    assertThat(read("number,width_mm\n1,2\n").remarks().get(0)).contains("depth_mm");
    assertThat(read("").kind()).isNull();
    assertThatThrownBy(() -> CsvText.of(new byte[] {1, 0, 2, 0, 0}))
        .hasMessageContaining("no text file");
    assertThatThrownBy(() -> CsvText.of("number,\"width\n1,2"))
        .hasMessageContaining("quotation mark");
  }
}
