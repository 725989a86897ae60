package ongle.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import ongle.app.SalonTest;
import ongle.app.planning.SetReader;
import ongle.app.web.CsvText;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@SalonTest
class MeasuresCsvTest {
  @Autowired private SetReader reader;

  @Test
  void aSheetWrittenAndReadAgainIsTheSameSheet() {
    var set = reader.planned(2).set();
    MeasuresCsv.Read read = MeasuresCsv.read(CsvText.of(MeasuresCsv.write(set)));
    assertThat(read.bad()).isEmpty();
    assertThat(read.plates()).hasSize(10);
    for (MeasuresCsv.Plate plate : read.plates()) {
      assertThat(plate.values()).isEqualTo(Map.copyOf(set.nail(plate.finger()).measured()));
      assertThat(plate.condition()).contains(PlateCondition.BITTEN);
    }
  }

  @Test
  void aPlateMayHaveSeveralFindings() {
    MeasuresCsv.Read read =
        MeasuresCsv.read(CsvText.of("Finger;plate\nR3;bitten + thin\nL3;bitten+rosy\n"));
    assertThat(read.plates().get(0).condition())
        .contains(PlateCondition.of(PlateFinding.BITTEN, PlateFinding.THIN));
    assertThat(read.bad()).hasSize(1);
  }

  @Test
  void badLinesAreNamedAndTheGoodOnesKept() {
    MeasuresCsv.Read read =
        MeasuresCsv.read(
            CsvText.of(
                """
                Finger;width mm;arch_depth_mm;plate;shoe size
                R3;11,4;2,1;thin;38
                R9;11;2;;
                L3;99999;2;;
                L2;6;4,5;;
                R3;11,5;2;;
                L4;10,2;;rosy;
                """));
    assertThat(read.plates()).hasSize(1);
    assertThat(read.plates().get(0).finger()).isEqualTo(Finger.R3);
    assertThat(read.plates().get(0).values())
        .isEqualTo(Map.of(Quantity.WIDTH, 11.4, Quantity.ARCH_DEPTH, 2.1));
    assertThat(read.remarks()).anyMatch(remark -> remark.contains("shoe_size"));
    assertThat(read.bad())
        .extracting(CsvText.Bad::reason)
        .satisfiesExactly(
            reason -> assertThat(reason).contains("finger \"R9\""),
            reason -> assertThat(reason).contains("3.0 to 25.0 mm"),
            reason -> assertThat(reason).contains("half circle"),
            reason -> assertThat(reason).contains("already"),
            reason -> assertThat(reason).contains("plate \"rosy\""));
  }
}
