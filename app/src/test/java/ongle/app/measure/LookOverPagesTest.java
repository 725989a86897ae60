package ongle.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.SkinState;
import ongle.core.plan.Caution;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Looking before building: what is found, what it stops, and what may be overruled. */
@SalonTest
class LookOverPagesTest {
  private static final String LOOK = "/sets/5/look";

  @Autowired private MockMvc mvc;
  @Autowired private SetReader reader;
  private Pages pages;

  @BeforeEach
  void pages() {
    pages = new Pages(mvc);
  }

  @AfterEach
  void asItWas() throws Exception {
    pages.change(LOOK + "/all", "plate", "true", "skin", "INTACT", "earlier", "NONE");
    pages.change(LOOK + "/said/WISHES", "wishes", "");
  }

  private PlannedSet set() {
    return reader.planned(5);
  }

  @Test
  void oneThingSeenOnOneFingerChangesNothingElse() throws Exception {
    pages.change(LOOK + "/L2", "plate", "true", "finding", "THIN", "finding", "BITTEN");
    pages.change(LOOK + "/L2", "earlier", "ACRYLIC");

    assertThat(set().of(Finger.L2).nail().condition())
        .isEqualTo(PlateCondition.of(PlateFinding.THIN, PlateFinding.BITTEN));
    assertThat(set().of(Finger.L2).seen().earlier()).isEqualTo(EarlierProduct.ACRYLIC);
    assertThat(set().of(Finger.L2).nail().skin()).isEqualTo(SkinState.INTACT);
    assertThat(set().of(Finger.R2).nail().condition()).isEqualTo(PlateCondition.SOUND);
  }

  @Test
  void whatIsKnownOfAnOldBuildIsAskedAndNonsenseIsSaidBesideItsField() throws Exception {
    pages.change(LOOK + "/R2", "earlier", "ACRYLIC");
    pages.change(LOOK + "/R2/old", "thickness", "THICK");
    pages.change(LOOK + "/R2/old", "tip", "true");
    String page = pages.change(LOOK + "/R2/old", "measured", "1,25");
    assertThat(page).contains("value=\"1.25\"");
    OldBuild old = set().of(Finger.R2).seen().old();
    assertThat(old)
        .isEqualTo(
            new OldBuild(
                OldBuild.Thickness.THICK, OptionalDouble.of(1.25), OptionalDouble.empty(), true));

    page = pages.change(LOOK + "/R2/old", "clip", "as much as goes");
    assertThat(page).contains("as much as goes", "0.0 to 40.0 mm");
    assertThat(set().of(Finger.R2).seen().old()).isEqualTo(old);
    pages.change(LOOK + "/R2/old", "measured", "", "thickness", "USUAL", "tip", "false");
    assertThat(set().of(Finger.R2).seen().old()).isEqualTo(OldBuild.UNASKED);
  }

  @ParameterizedTest
  @EnumSource(
      value = SkinState.class,
      names = {"SORE", "PUS", "SPOTS", "LOOSE"})
  void whatBelongsToADoctorStopsTheFingerAndNoReasonHelps(SkinState skin) throws Exception {
    String page = pages.change(LOOK + "/L4", "skin", skin.name());

    assertThat(page).contains("doctor");
    assertThat(set().of(Finger.L4).stopped()).isTrue();
    pages.change(LOOK + "/L4/anyway", "reason", "she insists");
    assertThat(set().of(Finger.L4).stopped()).isTrue();
    assertThat(set().plan().built()).hasSize(9);
  }

  @Test
  void anOpenCutCanBeOverruledForAReasonThatGoesWithTheFinding() throws Exception {
    pages.change(LOOK + "/L4", "skin", "CUT");
    assertThat(set().of(Finger.L4).stopped()).isTrue();

    String answered = pages.change(LOOK + "/L4/anyway", "reason", "a week old, closed and dry");
    assertThat(answered).as("who answers for it").contains("Ilse Marrow, ");
    assertThat(set().of(Finger.L4).stopped()).isFalse();
    assertThat(set().of(Finger.L4).cautions())
        .contains(new Caution.BuiltAnyway("a week old, closed and dry"));

    pages.change(LOOK + "/L4", "skin", "DRY");
    pages.change(LOOK + "/L4", "skin", "CUT");
    assertThat(set().of(Finger.L4).stopped()).as("the reason was for what was seen").isTrue();
  }

  @Test
  void aReasonTooLongIsSaidAndStaysTyped() throws Exception {
    pages.change(LOOK + "/L4", "skin", "CUT");
    String long300 = "x".repeat(300);

    assertThat(pages.change(LOOK + "/L4/anyway", "reason", long300)).contains(long300);
    assertThat(set().of(Finger.L4).stopped()).isTrue();
    String wishes = "y".repeat(2000);
    assertThat(pages.change(LOOK + "/said/WISHES", "wishes", wishes)).contains(wishes);
    assertThat(set().set().getWishes()).isNullOrEmpty();
  }

  @Test
  void wishesAreKeptAndPrintedAndCannotBeMarkup() throws Exception {
    pages.change(LOOK + "/said/WISHES", "wishes", "shorter <b>thumbs</b> & pale");

    assertThat(pages.page("/sets/5/sheet"))
        .contains("shorter &lt;b&gt;thumbs&lt;/b&gt; &amp; pale")
        .doesNotContain("<b>thumbs</b>");
  }

  @Test
  void wordsNobodyKnowsAreTurnedAway() throws Exception {
    assertThat(pages.status(LOOK + "/L4", "skin", "TATTOOED")).isEqualTo(400);
    assertThat(pages.status(LOOK + "/Q1", "skin", "INTACT")).isEqualTo(400);
    assertThat(pages.status("/sets/99999/look/L4", "skin", "INTACT")).isEqualTo(404);
  }

  @Test
  void theHandsOverTimeShowEveryVisitTheLastOneFirst() throws Exception {
    String page = pages.page("/clients/8/hands");
    String hands = page.substring(page.indexOf("visits-table"));

    assertThat(hands).contains("grown ").contains(" a day");
    assertThat(hands.indexOf("/sets/9")).isPositive().isLessThan(hands.indexOf("/sets/8"));
    assertThat(
            mvc.perform(
                    org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(
                        "/clients/99999/hands"))
                .andReturn()
                .getResponse()
                .getStatus())
        .isEqualTo(404);
  }
}
