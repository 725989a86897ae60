package ongle.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import ongle.app.SalonTest;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.planning.SetReader;
import ongle.app.sets.Taken;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.photo.Spot;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a marked picture leaves on the sheet, and what becomes of the picture. */
@SalonTest
class PhotoDeskTest {
  /** Ines, whose sheet is her own in these tests. */
  private static final long SET = 6;

  @Autowired private JdbcTemplate sql;
  @Autowired private PhotoDesk desk;
  @Autowired private HandCamera camera;
  @Autowired private SetReader reader;
  @Autowired private SetEditor editor;

  /** A card 1000 px wide seen from straight above, and a nail 12 mm wide and long beside it. */
  private static final double PX = 1000 / 85.6;

  private static final Map<String, Spot> MARKS =
      Map.of(
          MarkName.corner(1), new Spot(500, 500),
          MarkName.corner(2), new Spot(1500, 500),
          MarkName.corner(3), new Spot(1500, 500 + 53.98 * PX),
          MarkName.corner(4), new Spot(500, 500 + 53.98 * PX),
          MarkName.of(Finger.R3, NailSpot.GROWTH_POINT), new Spot(2000, 800),
          MarkName.of(Finger.R3, NailSpot.OTHER_GROWTH_POINT), new Spot(2000 + 12 * PX, 800),
          MarkName.of(Finger.R3, NailSpot.CUTICLE), new Spot(2000 + 6 * PX, 800 + 12 * PX),
          MarkName.of(Finger.R3, NailSpot.EDGE), new Spot(2000 + 6 * PX, 800 - 2 * PX));

  @BeforeEach
  void takePicture() throws IOException {
    desk.takeIn(SET, Hand.RIGHT, Picture.of(camera.take(Hand.RIGHT)));
    MARKS.forEach((name, at) -> desk.mark(SET, Hand.RIGHT, name, at));
  }

  private void type(Quantity quantity, String value) {
    String seen =
        reader.planned(SET).set().nail(Finger.R3).value(quantity).map(String::valueOf).orElse("");
    editor.type(SET, Finger.R3, List.of(new Typed(quantity, value, seen)));
  }

  private Taken taken(Quantity quantity) {
    return reader.planned(SET).set().nail(Finger.R3).taken(quantity).orElseThrow();
  }

  @Test
  void whatWasTypedStaysAndTheRestIsFilled() {
    type(Quantity.WIDTH, "10.9");
    type(Quantity.PLATE_LENGTH, "");
    desk.takeOver(SET, Hand.RIGHT, false, "Sunniva");
    assertThat(taken(Quantity.WIDTH).amount()).isEqualTo(10.9);
    assertThat(taken(Quantity.PLATE_LENGTH))
        .satisfies(value -> assertThat(value.amount()).isEqualTo(12.0))
        .satisfies(value -> assertThat(value.how()).isEqualTo(Taken.How.PHOTO))
        .satisfies(value -> assertThat(value.takenBy()).isEqualTo("Sunniva"));
    assertThat(desk.find(SET, Hand.RIGHT)).isEmpty();
  }

  @Test
  void aPictureNobodyKeptIsGoneAfterADayByTheClock() {
    desk.forgetOld();
    assertThat(desk.find(SET, Hand.RIGHT)).as("taken just now").isPresent();
    sql.update("update hand_photo set taken_at = taken_at - interval '25' hour");
    desk.forgetOld();
    assertThat(desk.find(SET, Hand.RIGHT)).isEmpty();
  }

  @Test
  void aPictureThatIsKeptIsSmallerAndStillMeasuresTheSame() {
    desk.takeOver(SET, Hand.RIGHT, true, "");
    HandPhoto kept = desk.find(SET, Hand.RIGHT).orElseThrow();
    assertThat(kept.isKept()).isTrue();
    assertThat(kept.getWidth()).isEqualTo(Picture.LONGEST_KEPT);
    var measure = PhotoDesk.measure(kept, Finger.R3).measure().orElseThrow();
    assertThat(measure.values().get(Quantity.WIDTH)).isCloseTo(12, within(0.01));
    assertThat(measure.values().get(Quantity.FREE_EDGE_DEPTH)).isCloseTo(2, within(0.01));
    desk.forget(SET, Hand.RIGHT);
    assertThat(desk.find(SET, Hand.RIGHT)).isEmpty();
  }

  @Test
  void aNailLackingAMarkIsNotMeasuredAndOneMarkedWrongSaysSo() {
    desk.unmark(SET, Hand.RIGHT, MarkName.of(Finger.R3, NailSpot.EDGE));
    assertThat(PhotoDesk.measure(desk.find(SET, Hand.RIGHT).orElseThrow(), Finger.R3))
        .isEqualTo(PhotoDesk.Outcome.NOT_MARKED);
    desk.mark(
        SET, Hand.RIGHT, MarkName.of(Finger.R3, NailSpot.EDGE), new Spot(2070, 800 + 15 * PX));
    assertThat(PhotoDesk.measure(desk.find(SET, Hand.RIGHT).orElseThrow(), Finger.R3).trouble())
        .hasValueSatisfying(why -> assertThat(why).contains("wrong place"));
    desk.forget(SET, Hand.RIGHT);
  }
}
