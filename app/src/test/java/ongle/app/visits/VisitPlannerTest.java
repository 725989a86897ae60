package ongle.app.visits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import ongle.app.SalonTest;
import ongle.app.editing.SetEditor;
import ongle.core.bench.CannotBegin;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Primer;
import ongle.core.bench.Visit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.plan.LookOver;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Choices at the bench: taken one by one, kept with the set, refused with a reason. */
@SalonTest
class VisitPlannerTest {
  private static final long SET = 6;

  @Autowired private VisitPlanner visits;
  @Autowired private SetEditor sets;

  @AfterEach
  void asItWas() {
    visits.choose(SET, Map.of("primer", "ACID_FREE", "order", "FOUR_AND_THUMB", "room", "21"));
  }

  @Test
  void whatIsChosenStaysAndTheRestTooAndThePlanFollows() {
    assertThat(visits.choose(SET, Map.of("primer", "ACID"))).isEmpty();
    assertThat(visits.choose(SET, Map.of("order", "WHOLE_HAND"))).isEmpty();

    PlannedVisit visit = visits.of(SET);
    assertThat(visit.choices().primer()).isEqualTo(Primer.ACID);
    assertThat(visit.plan().wish().schools().primer()).isEqualTo(Primer.ACID);
    assertThat(visit.plan().wish().schools().order()).isEqualTo(NailOrder.WHOLE_HAND);
  }

  @ParameterizedTest
  @CsvSource({
    "room, 11, 12 to 35",
    "room, warm, Type a number",
    "pace, 20, 50 to 250",
    "nozzle, 0, 1.0 mm to 8.0 mm",
    "primer, NAIL_GLUE, Type a number"
  })
  void whatCannotBeChangesNothing(String name, String value, String why) {
    VisitChoices before = visits.of(SET).choices();

    assertThat(visits.choose(SET, Map.of(name, value)).orElseThrow()).contains(why);
    assertThat(visits.of(SET).choices()).isEqualTo(before);
  }

  @Test
  void twoWindowsChoosingDifferentThingsAtOnceBothHaveTheirs() throws Exception {
    ExecutorService windows = Executors.newFixedThreadPool(2);
    try {
      CyclicBarrier together = new CyclicBarrier(2);
      List<Future<Optional<String>>> chosen =
          Stream.of(Map.of("primer", "ACID"), Map.of("order", "WHOLE_HAND"))
              .map(
                  choice ->
                      windows.submit(
                          () -> {
                            together.await();
                            return visits.choose(SET, choice);
                          }))
              .toList();
      for (Future<Optional<String>> each : chosen) {
        assertThat(each.get()).isEmpty();
      }
    } finally {
      windows.shutdown();
    }
    assertThat(visits.of(SET).choices().primer()).isEqualTo(Primer.ACID);
    assertThat(visits.of(SET).choices().order()).isEqualTo(NailOrder.WHOLE_HAND);
  }

  @Test
  void aCommaIsAPointAndUnknownNamesAreNobodysBusiness() {
    assertThat(visits.choose(SET, Map.of("room", "23,5", "finger", "L2"))).isEmpty();
    assertThat(visits.of(SET).choices().room()).isEqualTo(23.5);
  }

  @Test
  void aFinishedSetIsWornUntilItsInfillAndARemovalLeavesNothingOn() {
    LocalDate before = visits.of(SET).planned().set().getWornUntil();
    LocalDate day = LocalDate.of(2026, 3, 10);
    visits.finish(visits.of(SET), day);
    assertThat(visits.of(SET).planned().set().getWornUntil())
        .isBetween(day.plusDays(7), day.plusDays(63));

    visits.choose(SET, Map.of("visit", "REMOVAL"));
    visits.finish(visits.of(SET), day);
    assertThat(visits.of(SET).planned().set().getWornUntil()).isNull();
    visits.choose(SET, Map.of("visit", "NEW_SET"));
    assertThat(visits.of(SET).choices().visit()).isEqualTo(Visit.NEW_SET);
    sets.wear(SET, before);
  }

  @Test
  void aVisitOfOneNailIsChosenAtTheNailAndFollowsTheVisitWhenThatChanges() {
    assertThat(visits.choose(SET, Map.of("visit", "SOME_NAILS"))).isEmpty();
    assertThat(visits.of(SET).plan().refusals())
        .containsExactly(CannotBegin.Plain.NO_FINGER_CHOSEN);
    assertThat(visits.choose(SET, Map.of("job-R3", "NEW"))).isEmpty();
    assertThat(visits.of(SET).plan().worked())
        .extracting(nail -> nail.nail().finger())
        .containsExactly(Finger.R3);

    visits.choose(SET, Map.of("visit", "NEW_SET"));
    assertThat(visits.of(SET).choices().jobs()).isEmpty();
    assertThat(visits.choose(SET, Map.of("job-R3", "NONSENSE"))).isPresent();
    assertThat(visits.choose(SET, Map.of("job-R9", "NEW"))).isPresent();
    assertThat(visits.of(SET).choices().jobs()).isEmpty();
  }

  @Test
  void theNextVisitFindsOnTheNailsWhatThisOneLeftAndNothingOfWhatItDid() {
    assertThat(visits.choose(SET, Map.of("job-R3", "LEAVE", "pace", "120"))).isEmpty();
    PlannedVisit built = visits.of(SET);
    visits.finish(built, LocalDate.of(2026, 3, 10));
    long client = built.planned().client().getId();
    long next = sets.begin(UUID.randomUUID(), client, LocalDateTime.of(2026, 4, 1, 10, 0)).getId();

    PlannedVisit found = visits.of(next);
    double apex = built.planned().of(Finger.L2).build().profile().apexThickness();
    LookOver seen = found.planned().of(Finger.L2).seen();
    assertThat(seen.earlier()).isEqualTo(EarlierProduct.POLY_GEL);
    assertThat(seen.old().measured().orElseThrow()).isCloseTo(apex, within(1e-9));
    assertThat(found.planned().of(Finger.R3).seen().earlier())
        .isEqualTo(built.planned().of(Finger.R3).seen().earlier());
    assertThat(found.choices().jobs()).isEmpty();
    assertThat(found.choices().pace()).isEqualTo(120);
    visits.choose(SET, Map.of("job-R3", "NEW", "pace", "100"));
  }
}
