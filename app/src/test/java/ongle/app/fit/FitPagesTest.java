package ongle.app.fit;

import static org.assertj.core.api.Assertions.assertThat;

import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.planning.SetReader;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.TipPick;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Fitting through its pages: tips, kits and ways taken by hand and given back. */
@SalonTest
class FitPagesTest {
  private static final String FIT = "/sets/8/fit/L3";

  @Autowired private MockMvc mvc;
  @Autowired private SetReader reader;
  private Pages pages;
  private TipPick advised;

  @BeforeEach
  void advised() {
    pages = new Pages(mvc);
    advised = nail().fit().tip().orElseThrow();
  }

  @AfterEach
  void asItWas() throws Exception {
    pages.change(FIT + "/tip");
    pages.change(FIT + "/way");
    pages.change(FIT + "/kit");
    pages.change(FIT + "/school", "school", "TIPS");
    assertThat(nail().fit().tip()).contains(advised);
  }

  private NailPlan nail() {
    return reader.planned(8).of(Finger.L3);
  }

  @Test
  void aNumberTakenByHandStaysAndOnlyThatFingerHasIt() throws Exception {
    String other =
        nail().fit().sizing().orElseThrow().kit().tips().stream()
            .map(tip -> tip.number())
            .filter(number -> !number.equals(advised.number()))
            .findFirst()
            .orElseThrow();
    NailPlan twin = reader.planned(8).of(Finger.R3);

    pages.change(FIT + "/tip", "kit", advised.kit().code(), "number", other);
    assertThat(nail().fit().tip().orElseThrow().number()).isEqualTo(other);
    assertThat(reader.planned(8).of(Finger.R3).fit().tip()).isEqualTo(twin.fit().tip());
  }

  @Test
  void aTipThatIsInNoKitIsTurnedAway() throws Exception {
    assertThat(pages.status(FIT + "/tip", "kit", advised.kit().code(), "number", "999"))
        .isEqualTo(404);
    assertThat(pages.status(FIT + "/tip", "kit", "nobodys", "number", "1")).isEqualTo(404);
    assertThat(pages.status("/sets/8/fit/X9/tip")).isEqualTo(400);
    assertThat(nail().fit().tip()).contains(advised);
  }

  @Test
  void whoPrefersFormsGetsThemWhereEitherWouldDo() throws Exception {
    pages.change(FIT + "/school", "school", "FORMS");

    assertThat(reader.planned(8).plan().built())
        .extracting(nail -> nail.fit().way())
        .contains(BuildWay.FORM);
    assertThat(pages.status(FIT + "/school", "school", "SOMETIMES")).isEqualTo(400);
  }

  @Test
  void anotherKitLeadsTheSetUntilItIsGivenBack() throws Exception {
    String led = pages.change(FIT + "/kit", "kit", "flatwater");

    assertThat(reader.planned(8).plan().wish().fitting().kit()).contains("flatwater");
    assertThat(led).contains("Flatwater");
  }

  @Test
  void theListNamesEverythingToLayOut() throws Exception {
    String list = pages.page("/sets/8/fit/list");
    reader
        .planned(8)
        .plan()
        .built()
        .forEach(
            nail ->
                nail.fit().tip().ifPresent(pick -> assertThat(list).contains(pick.kit().label())));
  }
}
