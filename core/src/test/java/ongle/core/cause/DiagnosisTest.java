package ongle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import ongle.core.cause.Finding.After;
import ongle.core.cause.Finding.Kind;
import ongle.core.cause.Finding.Place;
import ongle.core.nail.Finger;
import org.junit.jupiter.api.Test;

/** Causes found again in the wear of nails whose cause is known. */
class DiagnosisTest {
  private static final int SETS = 1000;

  @Test
  void plantedCausesAreNamedFirst() {
    WornNails nails = new WornNails(new Random(3));
    int first = 0;
    int amongThree = 0;
    int all = 0;
    for (Cause cause : Cause.values()) {
      if (cause == Cause.UNKNOWN) {
        continue;
      }
      int right = 0;
      int three = 0;
      for (int i = 0; i < SETS; i++) {
        WornNails.Worn worn = nails.failed(cause);
        Diagnosis diagnosis = Diagnosis.of(worn.finding(), worn.known());
        right += diagnosis.first().cause() == cause ? 1 : 0;
        // As the page names them: that nothing leaves a sign is no cause.
        three += diagnosis.named().stream().anyMatch(each -> each.cause() == cause) ? 1 : 0;
      }
      assertThat((double) right / SETS).describedAs(cause.name()).isGreaterThan(0.75);
      assertThat((double) three / SETS).describedAs(cause.name()).isGreaterThanOrEqualTo(0.92);
      first += right;
      amongThree += three;
      all += SETS;
    }
    assertThat((double) first / all).isGreaterThan(0.75);
    assertThat((double) amongThree / all).isGreaterThan(0.92);
  }

  @Test
  void whereNothingIsPlantedLittleIsClaimed() {
    WornNails nails = new WornNails(new Random(9));
    int claimed = 0;
    for (int i = 0; i < SETS; i++) {
      WornNails.Worn worn = nails.failed(Cause.UNKNOWN);
      Diagnosis.Ranked first = Diagnosis.of(worn.finding(), worn.known()).first();
      claimed += first.cause() != Cause.UNKNOWN && first.share() > 0.5 ? 1 : 0;
    }
    assertThat(claimed).isLessThanOrEqualTo(SETS / 10);
  }

  private static Finding popOff(Finger finger) {
    return new Finding(
        finger, Kind.POP_OFF, Place.CUTICLE, 0, 5, OptionalInt.empty(), After.NOTHING_KNOWN);
  }

  @Test
  void threePopOffsAfterASkippedPrimerShareIt() {
    Map<Sign, Boolean> known = new EnumMap<>(Sign.class);
    known.put(Sign.PRIMER_SKIPPED, true);
    known.put(Sign.DEHYDRATOR_SKIPPED, false);
    known.put(Sign.LOT_EXPIRED, false);
    known.put(Sign.MANY_NAILS, true);
    Diagnosis diagnosis =
        Diagnosis.of(List.of(popOff(Finger.R2), popOff(Finger.R3), popOff(Finger.L1)), known);
    assertThat(diagnosis.first().cause()).isEqualTo(Cause.NO_PRIMER);
    assertThat(diagnosis.first().share()).isGreaterThan(0.8);
    assertThat(diagnosis.first().speaksFor().get(0).sign()).isEqualTo(Sign.PRIMER_SKIPPED);
    assertThat(Change.against(diagnosis.first().cause())).isEqualTo(Change.PRIME);
    assertThat(diagnosis.ranked().stream().mapToDouble(Diagnosis.Ranked::share).sum())
        .isCloseTo(1, within(1e-9));
    // A primer that is known to have been laid speaks against it.
    known.put(Sign.PRIMER_SKIPPED, false);
    Diagnosis laid = Diagnosis.of(popOff(Finger.R2), known);
    assertThat(laid.first().cause()).isNotEqualTo(Cause.NO_PRIMER);
    assertThat(
            laid.ranked().stream()
                .filter(each -> each.cause() == Cause.NO_PRIMER)
                .flatMap(each -> each.speaksAgainst().stream())
                .map(Diagnosis.Evidence::sign))
        .contains(Sign.PRIMER_SKIPPED);
  }

  @Test
  void whereOneSignIsEnoughTheWantOfAnotherSaysNothing() {
    Map<Sign, Boolean> old = new EnumMap<>(Sign.class);
    old.put(Sign.LOT_EXPIRED, true);
    double dated = share(old, Cause.EXPIRED);
    old.put(Sign.LOT_OPEN_LONG, false);
    assertThat(share(old, Cause.EXPIRED)).isCloseTo(dated, within(1e-12));
    old.put(Sign.LOT_OPEN_LONG, true);
    assertThat(share(old, Cause.EXPIRED)).isGreaterThan(dated);
    assertThat(share(Map.of(Sign.LOT_EXPIRED, false), Cause.EXPIRED))
        .isLessThan(share(Map.of(), Cause.EXPIRED));
  }

  private static double share(Map<Sign, Boolean> known, Cause cause) {
    return Diagnosis.of(popOff(Finger.R2), known).ranked().stream()
        .filter(each -> each.cause() == cause)
        .findFirst()
        .orElseThrow()
        .share();
  }

  @Test
  void whatCannotHaveHappenedIsRefused() {
    assertThatThrownBy(
            () ->
                new Finding(
                    Finger.L1, Kind.CRACK, Place.STRESS_LINE, 1, 4, OptionalInt.of(6), After.KNOCK))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () ->
                new Finding(
                    Finger.L1, Kind.CHIP, Place.FREE_EDGE, 99, 4, OptionalInt.empty(), After.KNOCK))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void everyCauseHasItsOwnChange() {
    for (Cause cause : Cause.values()) {
      assertThat(Change.against(cause) == Change.NONE)
          .isEqualTo(cause == Cause.KNOCK || cause == Cause.UNKNOWN);
    }
  }

  @Test
  void nailsThatFailedAlikeAreExplainedByWhatIsKnownOfAll() {
    Map<Finding, Map<Sign, Boolean>> known = new LinkedHashMap<>();
    known.put(popOff(Finger.R2), Map.of(Sign.PRIMER_SKIPPED, true, Sign.SKIN_TOUCHED, true));
    known.put(popOff(Finger.R3), Map.of(Sign.PRIMER_SKIPPED, true, Sign.SKIN_TOUCHED, false));
    assertThat(Diagnosis.common(known).orElseThrow().first().speaksFor())
        .extracting(Diagnosis.Evidence::sign)
        .containsExactly(Sign.PRIMER_SKIPPED);
    known.remove(popOff(Finger.R3));
    assertThat(Diagnosis.common(known)).isEmpty();
  }
}
