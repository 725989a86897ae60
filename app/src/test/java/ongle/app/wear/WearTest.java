package ongle.app.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.core.cause.Cause;
import ongle.core.cause.Finding;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.shape.LengthWish;
import ongle.core.structure.FailureMode;
import ongle.core.wear.PrepStep;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** What is noted of worn nails, why it happened, and what the next set takes over. */
@SalonTest
class WearTest {
  /** Worn for weeks. */
  private static final long SET = 7;

  @Autowired private MockMvc mvc;
  @Autowired private Wears wears;
  @Autowired private Truth truth;
  @Autowired private SetReader reader;
  @Autowired private SetEditor sets;
  @Autowired private JdbcTemplate sql;

  @AfterEach
  void asItWas() {
    sql.update("delete from wear_note");
    sets.make(SET, Change.leaveOut(Set.of()));
  }

  private LocalDate built() {
    return reader.planned(SET).set().getCreatedAt().toLocalDate();
  }

  private void note(Finger finger, Finding.Kind kind, Finding.Place place, int day) {
    wears.note(SET, finger, built().plusDays(day), form(kind, place, 0, Optional.empty()));
  }

  private static WearForm form(
      Finding.Kind kind, Finding.Place place, double far, Optional<LocalDate> whole) {
    return new WearForm(kind, place, far, whole, Finding.After.NOTHING_KNOWN, null);
  }

  private void popOffs() {
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L4)) {
      note(finger, Finding.Kind.POP_OFF, Finding.Place.CUTICLE, 5);
    }
  }

  @Test
  void threePopOffsAfterASkippedPrimerAreRedoneWithPrimer() throws Exception {
    sets.make(SET, Change.leaveOut(Set.of(PrepStep.PRIMER)));
    popOffs();
    Wears.Worn worn = wears.of(SET);
    assertThat(worn.explained())
        .allSatisfy(each -> assertThat(each.cause()).isEqualTo(Cause.NO_PRIMER));
    assertThat(worn.common().orElseThrow().first().share()).isGreaterThan(0.9);
    mvc.perform(get("/sets/" + SET + "/wear?finger=R3"))
        .andExpect(content().string(containsString("primer was left out")))
        .andExpect(content().string(containsString("Together: primer left out")))
        .andExpect(content().string(containsString("Redo these nails")));

    mvc.perform(get("/sets/" + SET + "/wear/findings.csv"))
        .andExpect(content().string(containsString("R3,pop_off,cuticle,0.0,")))
        .andExpect(content().string(containsString(",no_primer,")));

    UUID key = UUID.randomUUID();
    long next = wears.redo(SET, key).orElseThrow();
    assertThat(wears.redo(SET, key)).hasValue(next);
    PlannedSet redone = reader.planned(next);
    assertThat(redone.set().choices().skipped()).doesNotContain(PrepStep.PRIMER);
    assertThat(redone.set().getLessons()).hasSize(3);
    mvc.perform(get("/sets/" + next + "/structure"))
        .andExpect(content().string(containsString("Learned: primer not left out")));
    mvc.perform(get("/sets/" + next + "/bench")).andExpect(status().isOk());
    sql.update("update nail_set set previous_id = null where id = ?", next);
  }

  @Test
  void anotherCauseOfTheTechniciansStandsBesideAndChangesThePlan() throws Exception {
    note(Finger.R3, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 12);
    WearNote note = wears.of(SET).explained().get(0).note();
    mvc.perform(
            post("/sets/" + SET + "/wear/notes/" + note.getId() + "/cause")
                .param("cause", "APEX_FLAT"))
        .andExpect(status().is3xxRedirection());
    assertThat(wears.of(SET).explained().get(0).cause()).isEqualTo(Cause.APEX_FLAT);
    double before = reader.planned(SET).of(Finger.R3).build().profile().apexThickness();
    UUID key = UUID.randomUUID();
    long next = wears.redo(SET, key).orElseThrow();
    double once = reader.planned(next).of(Finger.R3).build().profile().apexThickness();
    wears.redo(SET, key);
    assertThat(reader.planned(next).of(Finger.R3).build().profile().apexThickness())
        .isEqualTo(once);
    assertThat(reader.planned(next).byHand(Finger.R3).values())
        .containsKey(Quantity.APEX_THICKNESS);
    assertThat(reader.planned(next).of(Finger.R3).build().profile().apexThickness())
        .isGreaterThan(before + 0.15);
    sql.update("update nail_set set previous_id = null where id = ?", next);
  }

  @Test
  void theRestIsFineInOnePress() throws Exception {
    popOffs();
    mvc.perform(post("/sets/" + SET + "/wear/fine")).andExpect(status().is3xxRedirection());
    assertThat(wears.of(SET).fine()).hasSize(7).doesNotContain(Finger.R3);
    mvc.perform(post("/sets/" + SET + "/wear/fine")).andExpect(status().is3xxRedirection());
    assertThat(wears.of(SET).whole().get(Finger.L1)).hasSize(1);
  }

  @Test
  void handsThatHoldAreLearnedAndPlansReckonWithThem() throws Exception {
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 14)));
    double margin = crack(Finger.R3);
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L2, Finger.L3)) {
      note(finger, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 6);
    }
    wears.fine(SET, built().plusDays(8));
    assertThat(reader.planned(SET).client().getLoadNails()).isEqualTo(10);
    double times = reader.planned(SET).client().load();
    assertThat(times).isGreaterThan(1.02);
    mvc.perform(get("/sets/" + SET + "/wear"))
        .andExpect(content().string(containsString("drawn from 10 nails")));
    assertThat(reader.planned(SET).of(Finger.R3).wearing().load()).isEqualTo(times);
    mvc.perform(post("/sets/" + SET + "/wear/hands").param("reckon", "false"))
        .andExpect(status().is3xxRedirection());
    assertThat(reader.planned(SET).client().load()).isEqualTo(1);
    assertThat(crack(Finger.R3)).isEqualTo(margin);
    mvc.perform(post("/sets/" + SET + "/wear/hands").param("reckon", "true"));
    sql.update("update client set load_mean = 1, load_nails = 0");
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 2)));
  }

  private double crack(Finger finger) {
    return reader.planned(SET).of(finger).endurance().of(FailureMode.CRACK).ofAim();
  }

  @Test
  void theSalonSeesWhatFailsAndWhatWasForetold() throws Exception {
    sql.update("delete from wear_note");
    mvc.perform(get("/salon/truth"))
        .andExpect(content().string(containsString("Nothing noted yet")));
    sets.make(SET, Change.leaveOut(Set.of(PrepStep.PRIMER)));
    popOffs();
    wears.fine(SET, wears.today());
    Truth.Report report = truth.report();
    assertThat(report.nails()).isEqualTo(10);
    assertThat(report.tenths().stream().mapToDouble(each -> each.held().of()).sum()).isEqualTo(10);
    assertThat(report.groups().get("preparation").get(0).failures().times()).isEqualTo(3);
    mvc.perform(get("/salon/truth"))
        .andExpect(content().string(containsString("with a step left out")))
        .andExpect(content().string(containsString("3 failures in")))
        .andExpect(content().string(containsString("nobody named")));
  }

  @Test
  void whatCannotHaveHappenedIsSaidAndNothingTypedIsLost() throws Exception {
    note(Finger.R2, Finding.Kind.CHIP, Finding.Place.FREE_EDGE, 4);
    refused(() -> note(Finger.R2, Finding.Kind.CHIP, Finding.Place.FREE_EDGE, 4), "already");
    refused(() -> note(Finger.R2, Finding.Kind.CHIP, Finding.Place.FREE_EDGE, -3), "built on");
    refused(
        () ->
            wears.note(
                SET,
                Finger.R2,
                wears.today().plusDays(1),
                form(Finding.Kind.CHIP, Finding.Place.FREE_EDGE, 0, Optional.empty())),
        "still to come");
    refused(
        () ->
            wears.note(
                SET,
                Finger.R2,
                built().plusDays(3),
                form(
                    Finding.Kind.CHIP,
                    Finding.Place.FREE_EDGE,
                    0,
                    Optional.of(built().plusDays(5)))),
        "last whole");
    mvc.perform(
            post("/sets/" + SET + "/wear/R4")
                .param("kind", "LIFTING")
                .param("place", "CUTICLE")
                .param("far", "lots")
                .param("said", "after the dishes"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("How far")))
        .andExpect(content().string(containsString("after the dishes")));
    mvc.perform(
            post("/sets/" + SET + "/wear/R4")
                .param("kind", "LIFTING")
                .param("place", "CUTICLE")
                .param("day", "soon"))
        .andExpect(content().string(containsString("as a date")));
    assertThat(wears.redo(1, UUID.randomUUID())).isEmpty();
  }

  private static void refused(Runnable what, String why) {
    assertThatThrownBy(what::run)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(why);
  }
}
