package ongle.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.Map;
import ongle.app.SalonTest;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.photo.Spot;
import ongle.core.trace.View;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What pictures of a built nail leave in the check, and what becomes of them. */
@SalonTest
class TraceDeskTest {
  private static final long SET = 3;
  private static final Finger FINGER = Finger.R2;

  @Autowired private JdbcTemplate sql;
  @Autowired private TraceDesk desk;
  @Autowired private NailCamera camera;
  @Autowired private SetReader reader;

  @BeforeEach
  void takePicture() throws IOException {
    desk.takeIn(
        SET,
        FINGER,
        View.ABOVE,
        Picture.of(camera.take(reader.planned(SET).of(FINGER), View.ABOVE)));
  }

  private void mark(String name, double x, double y) {
    desk.mark(SET, FINGER, View.ABOVE, name, new Spot(x, y), false);
  }

  private TraceDesk.Outcome outcome() {
    return desk.outcome(reader.planned(SET).of(FINGER), desk.of(SET, FINGER));
  }

  @Test
  void marksThatCannotBeAreSaidAndNothingIsWritten() {
    mark("GROWTH_POINT", 500, 600);
    mark("OTHER_GROWTH_POINT", 900, 600);
    mark("CUTICLE", 700, 900);
    assertThat(outcome().trouble()).isEmpty();
    mark("TIP", 700, 950);
    assertThat(outcome().trouble())
        .hasValueSatisfying(why -> assertThat(why).contains("wrong way"));
    assertThat(desk.takeOver(SET, FINGER, false, "")).isFalse();
    assertThat(desk.of(SET, FINGER).get(View.ABOVE).anchors()).hasSize(4);
    assertThat(reader.planned(SET).set().nail(FINGER).value(Quantity.BUILT_LENGTH)).isEmpty();
  }

  @Test
  void aPictureOfSomethingElseIsSaid() {
    // Marks far off the nail: table, where no edges are.
    mark("GROWTH_POINT", 40, 300);
    mark("OTHER_GROWTH_POINT", 160, 300);
    mark("CUTICLE", 100, 420);
    mark("TIP", 100, 150);
    assertThat(outcome().sound()).isFalse();
    assertThat(outcome().trouble()).isPresent();
  }

  @Test
  void onlyMarksOfThePictureAreKnown() {
    assertThatThrownBy(() -> mark("TOP", 1, 1)).isInstanceOf(NotFound.class);
    assertThatThrownBy(() -> mark("UPPER_ARCH-1", 1, 1)).isInstanceOf(NotFound.class);
    assertThatThrownBy(() -> mark("LEFT_SIDE-99", 1, 1)).isInstanceOf(NotFound.class);
    assertThatThrownBy(() -> desk.forget(SET, FINGER, View.SIDE)).isInstanceOf(NotFound.class);
  }

  @Test
  void aPictureNobodyKeepsIsForgottenAfterADay() {
    sql.update("update nail_picture set taken_at = timestampadd(day, -2, taken_at)");
    desk.forgetOld();
    assertThat(desk.of(SET, FINGER)).isEqualTo(Map.of());
  }
}
