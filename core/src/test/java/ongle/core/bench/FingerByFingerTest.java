package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.plan.PickingList;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Material;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A visit is what is done on each finger, and nothing else. */
class FingerByFingerTest {
  private static BenchPlan visit(SetPlan set, Visit visit, Map<Finger, FingerJob> jobs) {
    return BenchPlan.of(set, BenchWish.USUAL.with(visit, Map.of()).with(jobs));
  }

  private static Set<Finger> touched(BenchPlan plan) {
    return plan.steps().stream()
        .flatMap(step -> step.fingers().stream())
        .collect(Collectors.toSet());
  }

  @Test
  void oneBrokenNailIsAVisitOfOneNail() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.REUSABLE_FORM);
    BenchPlan one = visit(set, Visit.SOME_NAILS, Map.of(Finger.R3, FingerJob.NEW));
    BenchPlan ten = visit(set, Visit.NEW_SET, Map.of());

    assertThat(touched(one)).containsExactly(Finger.R3);
    assertThat(one.portions().keySet()).containsExactly(Finger.R3);
    assertThat(one.fitted()).containsExactly(Finger.R3);
    assertThat(PickingList.of(set, one.fitted()).lines()).hasSize(1);
    assertThat(one.left()).isEmpty();
    assertThat(one.productVolume()).isBetween(0.05, 0.2 * ten.productVolume());
    assertThat(one.amounts().get(Material.TOP_COAT))
        .isLessThan(0.2 * ten.amounts().get(Material.TOP_COAT));
    assertThat(one.schedule().makespan()).isLessThan(ten.schedule().makespan() / 3);
  }

  @Test
  void aRepairBuildsTheExtensionOnWhatHoldsAndTakesNothingOff() {
    SetPlan set = Sets.worn(Product.HARD_GEL, EarlierProduct.HARD_GEL, PlateCondition.SOUND);
    BenchPlan anew = visit(set, Visit.SOME_NAILS, Map.of(Finger.R3, FingerJob.NEW));
    BenchPlan repair = visit(set, Visit.SOME_NAILS, Map.of(Finger.R3, FingerJob.REPAIR));

    assertThat(on(repair, StepKind.BREAK_FILE)).containsExactly(Finger.R3);
    assertThat(on(repair, StepKind.FILE_OFF)).isEmpty();
    assertThat(on(anew, StepKind.FILE_OFF)).containsExactly(Finger.R3);
    assertThat(repair.portions().get(Finger.R3).applied().total())
        .isLessThan(anew.portions().get(Finger.R3).applied().total());
    assertThat(repair.portions().get(Finger.R3).applied().extension())
        .isEqualTo(anew.portions().get(Finger.R3).applied().extension());
  }

  @Test
  void threeThatPoppedOffAreRedoneAndTheRestIsNotTouched() {
    SetPlan set = Sets.of(Product.ACRYLIC, BuildWay.FORM);
    Map<Finger, FingerJob> jobs = new EnumMap<>(Finger.class);
    List.of(Finger.L2, Finger.L4, Finger.R1).forEach(finger -> jobs.put(finger, FingerJob.NEW));
    assertThat(touched(visit(set, Visit.SOME_NAILS, jobs)))
        .containsExactlyInAnyOrder(Finger.L2, Finger.L4, Finger.R1);
  }

  @Test
  void eightAreFilledOneIsBuiltAnewAndOneComesOff() {
    SetPlan set = Sets.worn(Product.ACRYLIC, EarlierProduct.ACRYLIC, PlateCondition.SOUND);
    Map<Finger, Double> grown = new EnumMap<>(Finger.class);
    set.built().forEach(nail -> grown.put(nail.nail().finger(), 2.0));
    BenchPlan plan =
        BenchPlan.of(
            set,
            BenchWish.USUAL
                .with(Visit.INFILL, grown)
                .with(Map.of(Finger.L3, FingerJob.NEW, Finger.R5, FingerJob.OFF)));

    assertThat(plan.infills()).hasSize(8).doesNotContainKeys(Finger.L3, Finger.R5);
    assertThat(plan.portions()).hasSize(9).doesNotContainKey(Finger.R5);
    assertThat(on(plan, StepKind.THIN_OLD)).containsExactlyInAnyOrder(Finger.L3, Finger.R5);
    assertThat(on(plan, StepKind.THIN_INFILL)).hasSize(8);
    assertThat(on(plan, StepKind.TOP)).hasSize(9).doesNotContain(Finger.R5);
    assertThat(plan.portions().get(Finger.L3).applied().total())
        .isGreaterThan(plan.portions().get(Finger.R3).applied().total());
  }

  private static Set<Finger> on(BenchPlan plan, StepKind kind) {
    return plan.steps().stream()
        .flatMap(step -> step.singly().stream())
        .filter(step -> step.kind() == kind)
        .flatMap(step -> step.fingers().stream())
        .collect(Collectors.toSet());
  }

  @Test
  void polishAloneBuildsNothingAndTakesNoBuildOff() {
    SetPlan set = Sets.worn(Product.ACRYLIC, EarlierProduct.ACRYLIC, PlateCondition.SOUND);
    BenchPlan plan = visit(set, Visit.POLISH_ONLY, Map.of());

    assertThat(plan.productVolume()).isZero();
    assertThat(plan.steps())
        .extracting(Step::kind)
        .contains(StepKind.TOP, StepKind.DEHYDRATE)
        .doesNotContain(
            StepKind.THIN_OLD, StepKind.FILE_OFF, StepKind.PRIME, StepKind.BEAD, StepKind.SURFACE);
  }

  @ParameterizedTest
  @EnumSource(FingerJob.class)
  void whatIsLeftAloneTakesNothingAndWhatIsDoneIsInTheSteps(FingerJob job) {
    SetPlan set = Sets.worn(Product.HARD_GEL, EarlierProduct.HARD_GEL, PlateCondition.SOUND);
    BenchPlan plan = visit(set, Visit.SOME_NAILS, Map.of(Finger.L2, job));

    if (job == FingerJob.LEAVE) {
      assertThat(plan.refusals()).containsExactly(CannotBegin.Plain.NO_FINGER_CHOSEN);
      assertThat(plan.steps()).isEmpty();
    } else {
      assertThat(touched(plan)).containsExactly(Finger.L2);
      assertThat(plan.productVolume() > 0).isEqualTo(job.builds());
      assertThat(on(plan, StepKind.TOP).contains(Finger.L2)).isEqualTo(job.coats());
    }
    assertThat(plan.amounts().getOrDefault(Material.PRIMER, 0.0))
        .isCloseTo(job.builds() ? 1.1 * Material.PRIMER_A_NAIL : 0, within(1e-9));
  }
}
