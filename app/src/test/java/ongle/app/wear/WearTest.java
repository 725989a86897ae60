package ongle.app.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
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
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;

/** What is noted of worn nails, why it happened, and what the next set takes over. */
@SalonTest
class WearTest {
  /** Worn for weeks. */
  private static final long SET = 7;

  @Autowired private MockMvc mvc;
  @Autowired private Wears wears;
  @Autowired private WearDesk desk;
  @Autowired private Lessons lessons;
  @Autowired private OnHands onHands;
  @Autowired private Truth truth;
  @Autowired private SetReader reader;
  @Autowired private SetEditor sets;
  @Autowired private JdbcTemplate sql;

  @AfterEach
  void asItWas() {
    sql.update("delete from wear_note where set_id = ?", SET);
    sql.update("delete from worn_set where set_id = ?", SET);
    sets.make(SET, Change.leaveOut(Set.of()));
  }

  private LocalDate built() {
    return reader.planned(SET).set().getCreatedAt().toLocalDate();
  }

  private void note(Finger finger, Finding.Kind kind, Finding.Place place, int day) {
    desk.note(SET, finger, built().plusDays(day), form(kind, place, 0, Optional.empty()));
  }

  private static WearForm form(
      Finding.Kind kind, Finding.Place place, double far, Optional<LocalDate> whole) {
    return new WearForm(kind, place, far, whole, Finding.After.NOTHING_KNOWN, null, false);
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
    long next = lessons.redo(SET, key).orElseThrow();
    assertThat(lessons.redo(SET, key)).hasValue(next);
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
    long next = lessons.redo(SET, key).orElseThrow();
    double once = reader.planned(next).of(Finger.R3).build().profile().apexThickness();
    lessons.redo(SET, key);
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
    assertThat(wears.of(SET).whole().stream().filter(n -> n.getFinger() == Finger.L1)).hasSize(1);
  }

  @Test
  void handsThatHoldAreLearnedAndPlansReckonWithThem() throws Exception {
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 14)));
    double margin = crack(Finger.R3);
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L2, Finger.L3)) {
      note(finger, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 6);
    }
    desk.fine(SET, built().plusDays(8));
    assertThat(reader.planned(SET).client().load().getNails()).isEqualTo(10);
    double times = reader.planned(SET).client().load().times();
    assertThat(times).isGreaterThan(1.02);
    long client = reader.planned(SET).client().getId();
    mvc.perform(get("/clients/" + client + "/hands"))
        .andExpect(content().string(containsString("what held on 10 nails")));
    assertThat(reader.planned(SET).of(Finger.R3).wearing().load()).isEqualTo(times);
    mvc.perform(
            post("/clients/" + client + "/hands/learned")
                .param("of", "LOAD")
                .param("reckon", "false"))
        .andExpect(status().is3xxRedirection());
    assertThat(reader.planned(SET).client().load().times()).isEqualTo(1);
    assertThat(crack(Finger.R3)).isEqualTo(margin);
    mvc.perform(
        post("/clients/" + client + "/hands/learned").param("of", "LOAD").param("reckon", "true"));
    sql.update("update client set load_mean = 1, load_nails = 0");
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 2)));
  }

  private double crack(Finger finger) {
    return reader.planned(SET).of(finger).endurance().of(FailureMode.CRACK).ofAim();
  }

  @Test
  void theSalonSeesWhatFailsAndWhatWasForetold() throws Exception {
    for (String table : List.of("wear_note", "worn_set", "tally", "lot_tally")) {
      sql.update("delete from " + table);
    }
    mvc.perform(get("/salon/truth"))
        .andExpect(content().string(containsString("Nothing noted yet")));
    sets.make(SET, Change.leaveOut(Set.of(PrepStep.PRIMER)));
    popOffs();
    desk.fine(SET, wears.today());
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
            desk.note(
                SET,
                Finger.R2,
                wears.today().plusDays(1),
                form(Finding.Kind.CHIP, Finding.Place.FREE_EDGE, 0, Optional.empty())),
        "still to come");
    refused(
        () ->
            desk.note(
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
    assertThat(lessons.redo(1, UUID.randomUUID())).isEmpty();
  }

  @Test
  void platesThatLetGoAreLearnedAndHoldLess() throws Exception {
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 14)));
    double before = reader.planned(SET).of(Finger.R3).extension();
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L2, Finger.L3, Finger.L4)) {
      note(finger, Finding.Kind.LIFTING, Finding.Place.CUTICLE, 4);
    }
    desk.fine(SET, built().plusDays(6));
    double asks = reader.planned(SET).client().plates().times();
    assertThat(asks).isGreaterThan(1.02);
    assertThat(reader.planned(SET).of(Finger.R3).wearing().hold()).isEqualTo(1 / asks);
    // Plates that let go are built shorter, so that what is left of the hold is enough.
    assertThat(reader.planned(SET).of(Finger.R3).extension()).isLessThan(before - 0.3);
    long client = reader.planned(SET).client().getId();
    for (String learned : List.of("PLATES", "LOAD")) {
      mvc.perform(
              post("/clients/" + client + "/hands/learned")
                  .param("of", learned)
                  .param("reckon", "false"))
          .andExpect(status().is3xxRedirection());
    }
    assertThat(reader.planned(SET).of(Finger.R3).extension()).isEqualTo(before);
    sql.update(
        "update client set load_mean = 1, load_nails = 0, plates_mean = 1, plates_nails = 0, plates_put_back = false");
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 2)));
  }

  @Test
  void theNextSetTakesTheChangesOverOnceAndTellsWhetherTheyHelped() throws Exception {
    sets.make(SET, Change.leaveOut(Set.of(PrepStep.PRIMER)));
    popOffs();
    long next = lessons.goOn(SET, UUID.randomUUID());
    assertThat(lessons.goOn(SET, UUID.randomUUID())).isEqualTo(next);
    PlannedSet planned = reader.planned(next);
    assertThat(planned.set().choices().skipped()).isEmpty();
    assertThat(planned.set().getLessons()).hasSize(3);
    long client = planned.client().getId();
    mvc.perform(get("/clients/" + client + "/hands"))
        .andExpect(content().string(containsString("primer not left out")))
        .andExpect(content().string(containsString("not looked at yet")));
    sets.wear(next, wears.today().plusDays(20));
    assertThat(onHands.changed(onHands.worn())).anyMatch(each -> each.setId() == next);
    desk.note(
        next,
        Finger.R3,
        wears.today(),
        form(Finding.Kind.POP_OFF, Finding.Place.CUTICLE, 0, Optional.empty()));
    desk.fine(next, wears.today());
    mvc.perform(get("/clients/" + client + "/hands"))
        .andExpect(content().string(containsString("failed again on day 0")))
        .andExpect(content().string(containsString("helped, whole for 0 days")));
    assertThat(onHands.changed(onHands.worn())).noneMatch(each -> each.setId() == next);
    sql.update("update nail_set set previous_id = null, worn_until = null where id = ?", next);
    sets.wear(SET, wears.today().plusDays(1));
  }

  @Test
  void aCallIsSeenTodayAndAReminderGoesOut() throws Exception {
    desk.note(
        SET,
        Finger.L3,
        built().plusDays(9),
        new WearForm(
            Finding.Kind.CHIP,
            Finding.Place.FREE_EDGE,
            0,
            Optional.empty(),
            Finding.After.KNOCK,
            "a corner went",
            true));
    mvc.perform(get("/"))
        .andExpect(content().string(containsString("Who called")))
        .andExpect(content().string(containsString("left middle chip")));
    mvc.perform(get("/reminders/" + SET))
        .andExpect(content().string(containsString("your nails are due")));
    mvc.perform(post("/standin/messages").param("down", "true"));
    mvc.perform(post("/reminders/" + SET).param("text", "Come and see us"))
        .andExpect(content().string(containsString("did not answer")))
        .andExpect(content().string(containsString("Come and see us")));
    mvc.perform(post("/standin/messages"));
    mvc.perform(post("/reminders/" + SET).param("text", " "))
        .andExpect(content().string(containsString("1 to 480")));
    mvc.perform(post("/reminders/" + SET).param("text", "Come and see us"))
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/standin/messages"))
        .andExpect(content().string(containsString("Come and see us")));
    mvc.perform(get("/")).andExpect(content().string(containsString("reminded ")));
  }

  /** A long set, set by hand: it holds until its infill by no great chance. */
  private OnHands.Due dagnys() {
    return onHands.due(onHands.worn()).stream()
        .filter(each -> each.client().getName().startsWith("Dagny"))
        .findFirst()
        .orElseThrow();
  }

  private void share(int percent) throws Exception {
    mvc.perform(post("/salon/figures").param("stays-whole", String.valueOf(percent)))
        .andExpect(status().isOk());
  }

  @Test
  void aSetIsDueByChanceWhenTheSalonAsksForMore() throws Exception {
    mvc.perform(post("/salon/figures").param("stays-whole", "40"))
        .andExpect(content().string(containsString("50")));
    share(50);
    LocalDate lenient = dagnys().due();
    share(99);
    assertThat(dagnys().byChance()).isTrue();
    assertThat(dagnys().due()).isBefore(lenient);
    mvc.perform(get("/"))
        .andExpect(content().string(containsString("by chance a crack before its infill")));
    long set = dagnys().setId();
    share(80);
    desk.note(
        set,
        Finger.R3,
        wears.today(),
        form(Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 0, Optional.empty()));
    // What has failed stays whole by no chance; how many did is said instead.
    assertThat(dagnys().byChance()).isFalse();
    assertThat(dagnys().failed()).isEqualTo(1);
    mvc.perform(get("/")).andExpect(content().string(containsString("1 nail failed")));
  }

  @Test
  void lookingAtWhatIsDueChangesNothingOnceItIsReckoned() {
    onHands.due(onHands.worn());
    List<Integer> before = versions();
    onHands.due(onHands.worn());
    onHands.changed(onHands.worn());
    wears.of(SET);
    assertThat(versions()).isEqualTo(before);
  }

  private List<Integer> versions() {
    return sql.queryForList("select version from worn_set order by set_id", Integer.class);
  }

  @Test
  void whatIsKnownIsAddedUpAsIfItWereCountedAnew() {
    popOffs();
    note(Finger.L2, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 9);
    note(Finger.L2, Finding.Kind.CHIP, Finding.Place.FREE_EDGE, 7);
    desk.fine(SET, built().plusDays(3));
    desk.fine(SET, built().plusDays(6));
    addedUp();
    for (Wears.Explained each : wears.of(SET).explained()) {
      desk.forget(SET, each.note().getId());
      addedUp();
    }
  }

  /** The tallies against the notes they are added up from. */
  private void addedUp() {
    assertThat(
            sql.queryForMap(
                "select sum(nails) n, sum(failed) f, sum(broken) b, sum(days) d from tally"))
        .isEqualTo(
            sql.queryForMap(
                "select count(*) n, count(kind) f, sum(case when kind in ('CRACK', 'BREAK') then 1"
                    + " else 0 end) b, sum(greatest(1, days)) d from wear_note where counts"));
    assertThat(sql.queryForObject("select sum(foretold) from tally", Double.class))
        .isCloseTo(
            sql.queryForObject("select sum(foretold) from wear_note where counts", Double.class),
            within(1e-6));
    assertThat(
            sql.queryForObject(
                "select max(counted) from (select count(*) counted from wear_note where counts group by set_id, finger) all_of_them",
                Long.class))
        .isEqualTo(1);
    assertThat(sql.queryForList("select material, number, failed from lot_tally order by 1, 2"))
        .isEqualTo(
            sql.queryForList(
                "select u.material, u.number, cast(sum(w.failed) as integer) failed from (select"
                    + " distinct set_id, material, number from lot_use where number <> '') u join"
                    + " worn_set w on w.set_id = u.set_id where w.nail_weeks > 0 group by u.material,"
                    + " u.number order by 1, 2"));
  }

  @Test
  void aNailSeenWholeLateAskedLessOfThanOneNobodyLookedAt() {
    sets.make(SET, Change.length(new LengthWish(LengthWish.Mode.MILLIMETRES, 14)));
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L2, Finger.L3)) {
      note(finger, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 12);
    }
    desk.fine(SET, built().plusDays(12));
    double unseen = reader.planned(SET).client().load().getMean();
    sql.update("delete from wear_note where set_id = ?", SET);
    desk.fine(SET, built().plusDays(11));
    for (Finger finger : List.of(Finger.R2, Finger.R3, Finger.L2, Finger.L3)) {
      note(finger, Finding.Kind.CRACK, Finding.Place.STRESS_LINE, 12);
    }
    assertThat(reader.planned(SET).client().load().getMean()).isLessThan(unseen);
  }

  @Test
  void findingsComeInFromAFileAllOrNone() throws Exception {
    String good =
        "finger,kind,place,far_mm,found_on,after\nR2,lifting,cuticle,2,"
            + built().plusDays(3)
            + ",water\nL1,whole,,,"
            + built().plusDays(3)
            + ",\n";
    mvc.perform(post("/sets/" + SET + "/wear/read").param("text", good + "R3,melted,,,soon,\n"))
        .andExpect(content().string(containsString("2 lines can be noted, 1 cannot")));
    mvc.perform(post("/sets/" + SET + "/wear/read/save").param("text", good))
        .andExpect(status().is3xxRedirection());
    assertThat(wears.of(SET).explained()).hasSize(1);
    assertThat(wears.of(SET).fine()).containsExactly(Finger.L1);
    mvc.perform(
            post("/sets/" + SET + "/wear/read/save")
                .param(
                    "text",
                    good.replace("R2", "R4")
                        .replace(
                            built().plusDays(3).toString(), wears.today().plusDays(2).toString())))
        .andExpect(content().string(containsString("still to come")));
    assertThat(wears.of(SET).explained()).hasSize(1);
    mvc.perform(get("/sets/" + SET + "/wear/findings.csv"))
        .andExpect(content().string(containsString("L1,whole,,,")));
    mvc.perform(post("/sets/" + SET + "/wear/read").param("text", "a,b\n1,2\n"))
        .andExpect(content().string(containsString("finger")));
  }

  @Test
  void aPictureOfWhatHappenedIsKeptAndOneThatIsNoneIsSaid() throws Exception {
    mvc.perform(
            multipart("/sets/" + SET + "/wear/R4")
                .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", new byte[] {1, 2}))
                .param("kind", "CRACK")
                .param("place", "STRESS_LINE")
                .param("said", "on the door"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("on the door")));
    assertThat(wears.of(SET).explained()).isEmpty();
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(900, 700, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
    mvc.perform(
            multipart("/sets/" + SET + "/wear/R4")
                .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", jpeg.toByteArray()))
                .param("kind", "CRACK")
                .param("place", "STRESS_LINE"))
        .andExpect(status().is3xxRedirection());
    String page =
        mvc.perform(get("/sets/" + SET + "/wear?finger=R4"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String picture = page.replaceAll("(?s).*<img src=\"([^\"]*)\".*", "$1");
    mvc.perform(get(picture)).andExpect(status().isOk());
    mvc.perform(get(picture.replace("/sets/" + SET, "/sets/6"))).andExpect(status().isNotFound());
    assertThat(page).contains("The infill on day").contains("1 nail is built anew");
  }

  @Test
  void aLotThatFailsMoreIsFlaggedWithItsSets() throws Exception {
    mvc.perform(get("/salon/truth")).andExpect(content().string(containsString("PR-0187")));
    mvc.perform(get("/salon/truth/lot").param("material", "primer").param("number", "PR-0187"))
        .andExpect(content().string(containsString("Do not use it up")));
    mvc.perform(get("/salon/truth/lot").param("material", "primer").param("number", "none"))
        .andExpect(content().string(containsString("No visit took of it")));
  }

  private static void refused(Runnable what, String why) {
    assertThatThrownBy(what::run)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(why);
  }
}
