package ongle.app.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import ongle.app.SalonTest;
import ongle.app.check.Checks;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.bench.StepKind;
import ongle.core.bench.WorkFacts;
import ongle.core.cause.Finding;
import ongle.core.cause.Sign;
import ongle.core.cause.Signs;
import ongle.core.nail.Finger;
import ongle.core.portion.Lot;
import ongle.core.portion.LotAge;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What the record of the bench, the plan and the check tell of a worn nail. */
@SalonTest
class SignsTest {
  /** On tips, checked, with a nail too thin and one with a thick edge. */
  private static final long SET = 8;

  @Autowired private VisitPlanner visits;
  @Autowired private Checks checks;
  private PlannedVisit visit;

  @BeforeEach
  void plan() {
    visit = visits.of(SET);
  }

  private static Finding finding(Finger finger, int day, Finding.After after) {
    return new Finding(
        finger, Finding.Kind.LIFTING, Finding.Place.CUTICLE, 2, day, OptionalInt.empty(), after);
  }

  private Map<Sign, Boolean> signs(WorkFacts facts, Finding finding, List<Finding> all) {
    return Signs.of(
        checks.of(visit.planned()).of(finding.finger()).orElseThrow(),
        visit.planned().set().activity(finding.finger().hand()),
        facts,
        finding,
        all);
  }

  private Map<Sign, Boolean> signs(WorkFacts facts, Finger finger) {
    Finding finding = finding(finger, 10, Finding.After.NOTHING_KNOWN);
    return signs(facts, finding, List.of(finding));
  }

  private static WorkFacts worked(
      Map<Finger, Set<StepKind>> done,
      Map<Finger, Set<StepKind>> skipped,
      Map<Finger, Set<StepKind>> offTime,
      Set<Finger> skin) {
    return new WorkFacts(true, done, skipped, offTime, skin, Set.of(), LotAge.UNKNOWN, false);
  }

  @Test
  void withoutARecordNothingIsKnownOfTheBench() {
    assertThat(signs(WorkFacts.NONE, Finger.R3))
        .doesNotContainKeys(
            Sign.PRIMER_SKIPPED, Sign.SKIN_TOUCHED, Sign.CAP_SKIPPED, Sign.CURED_SHORT)
        .containsKeys(Sign.ON_TIP, Sign.ON_FORM, Sign.PLATE_THIN, Sign.MARGIN_LOW);
  }

  @Test
  void theRecordTellsWhatWasLeftOutAndWhatWasDone() {
    WorkFacts facts =
        worked(
            Map.of(Finger.R3, Set.of(StepKind.PRIME, StepKind.CLEAR)),
            Map.of(
                Finger.R2, Set.of(StepKind.PRIME, StepKind.TOP),
                Finger.R3, Set.of(StepKind.CURE)),
            Map.of(Finger.R4, Set.of(StepKind.BODY)),
            Set.of(Finger.R3));
    assertThat(signs(facts, Finger.R2))
        .containsEntry(Sign.PRIMER_SKIPPED, true)
        .containsEntry(Sign.CAP_SKIPPED, true)
        .containsEntry(Sign.SKIN_TOUCHED, false)
        .doesNotContainKey(Sign.CUTICLE_SKIPPED);
    assertThat(signs(facts, Finger.R3))
        .containsEntry(Sign.PRIMER_SKIPPED, false)
        .containsEntry(Sign.CUTICLE_SKIPPED, false)
        .containsEntry(Sign.CURED_SHORT, true)
        .containsEntry(Sign.SKIN_TOUCHED, true)
        .containsEntry(Sign.PRIMER_LATE, false);
    assertThat(signs(facts, Finger.R4)).containsEntry(Sign.PRIMER_LATE, true);
  }

  @Test
  void theCheckTellsOnlyOfWhatItMeasured() {
    assertThat(signs(WorkFacts.NONE, Finger.L4)).containsEntry(Sign.APEX_LOW, true);
    assertThat(signs(WorkFacts.NONE, Finger.L3))
        .containsEntry(Sign.APEX_LOW, false)
        .doesNotContainKeys(Sign.BARREL_FLAT, Sign.EDGE_THICK);
    assertThat(signs(WorkFacts.NONE, Finger.R2)).containsEntry(Sign.EDGE_THICK, true);
  }

  @Test
  void theJarsTellBothOfTheirDateAndOfHowLongTheyWereOpen() {
    LocalDate day = LocalDate.of(2026, 3, 10);
    LotAge open = LotAge.of(List.of(jar(day.plusDays(9), day.minusMonths(7))), day);
    assertThat(signs(withJars(open), Finger.R2))
        .containsEntry(Sign.LOT_EXPIRED, false)
        .containsEntry(Sign.LOT_OPEN_LONG, true);
    LotAge past = LotAge.of(List.of(jar(day.minusDays(1), null), jar(null, null)), day);
    assertThat(signs(withJars(past), Finger.R2))
        .containsEntry(Sign.LOT_EXPIRED, true)
        .doesNotContainKey(Sign.LOT_OPEN_LONG);
  }

  private static Lot jar(@Nullable LocalDate expires, @Nullable LocalDate opened) {
    return new Lot(
        "primer",
        "PR-1",
        15,
        9,
        Optional.ofNullable(expires),
        Optional.ofNullable(opened),
        6,
        OptionalDouble.empty());
  }

  private static WorkFacts withJars(LotAge jars) {
    return new WorkFacts(true, Map.of(), Map.of(), Map.of(), Set.of(), Set.of(), jars, false);
  }

  @Test
  void whatTheClientRemembersSettlesTheOtherThings() {
    Finding knocked = finding(Finger.R3, 3, Finding.After.KNOCK);
    assertThat(signs(WorkFacts.NONE, knocked, List.of(knocked)))
        .containsEntry(Sign.AFTER_KNOCK, true)
        .containsEntry(Sign.AFTER_PICKING, false)
        .containsEntry(Sign.EARLY, true)
        .containsEntry(Sign.MANY_NAILS, false);
    Finding forgotten = finding(Finger.R3, 60, Finding.After.NOTHING_KNOWN);
    assertThat(
            signs(
                WorkFacts.NONE,
                forgotten,
                List.of(
                    forgotten,
                    finding(Finger.R2, 60, Finding.After.NOTHING_KNOWN),
                    finding(Finger.L2, 60, Finding.After.NOTHING_KNOWN))))
        .doesNotContainKey(Sign.AFTER_KNOCK)
        .containsEntry(Sign.MANY_NAILS, true)
        .containsEntry(Sign.PAST_DUE, true)
        .containsEntry(Sign.EARLY, false);
  }
}
