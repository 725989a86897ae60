package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import ongle.core.bench.Target.Measure;
import ongle.core.cure.LampTime;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.product.Product;
import ongle.core.shape.Contour;
import ongle.core.shape.Filing;
import ongle.core.shape.NailShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The numbers a technician works to stand at the step they belong to. */
class TargetsTest {
  private static Step first(BenchPlan plan, StepKind kind, Finger finger) {
    return plan.steps().stream()
        .filter(step -> step.kind() == kind && step.fingers().contains(finger))
        .findFirst()
        .orElseThrow();
  }

  private static double of(Step step, Finger finger, Measure measure) {
    return step.targets().stream()
        .filter(target -> target.finger() == finger && target.measure() == measure)
        .findFirst()
        .orElseThrow()
        .value();
  }

  private static List<Measure> measures(Step step) {
    return step.targets().stream().map(Target::measure).distinct().toList();
  }

  @Test
  void aFormIsCutSetAndBuiltToItsMark() {
    BenchPlan plan = BenchPlan.of(Sets.of(Product.HARD_GEL, BuildWay.FORM), BenchWish.USUAL);
    NailPlan nail = plan.plan().of(Finger.R3).orElseThrow();
    FormFit form = nail.fit().form().orElseThrow().fit();

    assertThat(of(first(plan, StepKind.FORM_SET, Finger.R3), Finger.R3, Measure.TILT))
        .isEqualTo(form.tilt());
    assertThat(of(first(plan, StepKind.FORM_SET, Finger.R3), Finger.R3, Measure.CLOSE))
        .isEqualTo(form.closeBeyond().orElseThrow());
    assertThat(of(first(plan, StepKind.FRAME, Finger.R3), Finger.R3, Measure.MARK))
        .isEqualTo(form.buildToMark());
    assertThat(of(first(plan, StepKind.BODY, Finger.R3), Finger.R3, Measure.APEX))
        .isEqualTo(nail.build().profile().apexThickness());
    assertThat(of(first(plan, StepKind.PINCH, Finger.R3), Finger.R3, Measure.PINCH_TO))
        .isEqualTo(nail.pinch().orElseThrow().squeezeTo());
  }

  @Test
  void aTipIsCutWithItsReserve() {
    BenchPlan plan = BenchPlan.of(Sets.of(Product.ACRYLIC, BuildWay.TIP), BenchWish.USUAL);

    List<NailPlan> fitted =
        plan.plan().built().stream().filter(nail -> nail.fit().tip().isPresent()).toList();
    assertThat(fitted).isNotEmpty();
    for (NailPlan nail : fitted) {
      Finger finger = nail.nail().finger();
      assertThat(of(first(plan, StepKind.TIP_CUT, finger), finger, Measure.CUT_AT))
          .isCloseTo(nail.extension() + 1, within(1e-9));
    }
  }

  @Test
  void anOverlayHasNoLengthNorMark() {
    BenchPlan plan = BenchPlan.of(Sets.of(Product.SOAK_OFF_GEL, BuildWay.OVERLAY), BenchWish.USUAL);

    assertThat(plan.steps().stream().flatMap(step -> step.targets().stream()))
        .extracting(Target::measure)
        .doesNotContain(Measure.LENGTH, Measure.MARK, Measure.PINCH_TO, Measure.CUT_AT)
        .contains(Measure.APEX, Measure.EDGE);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.bench.BenchPlanTest#systems")
  void filingHasTheNumbersOfEveryNailOfTheHand(Product product, BuildWay way) {
    BenchPlan plan = BenchPlan.of(Sets.of(product, way), BenchWish.USUAL);
    Step edge = first(plan, StepKind.UNDERNEATH, Finger.L1);

    assertThat(edge.targets()).extracting(Target::finger).containsExactlyElementsOf(edge.fingers());
    plan.steps().stream()
        .flatMap(step -> step.targets().stream())
        .forEach(target -> assertThat(target.value()).isFinite());
    if (way != BuildWay.OVERLAY) {
      assertThat(measures(first(plan, StepKind.OUTLINE, Finger.L1)))
          .containsExactly(Measure.LENGTH);
    }
  }

  @Test
  void oldProductComesOffAndIsThinnedNailByNail() {
    SetPlan worn = Sets.worn(Product.ACRYLIC, EarlierProduct.ACRYLIC, PlateCondition.SOUND);
    BenchPlan infill =
        BenchPlan.of(
            worn, BenchWish.USUAL.with(Visit.INFILL, Map.of(Finger.L1, 1.0, Finger.L2, 3.0)));
    Step thin = first(infill, StepKind.THIN_INFILL, Finger.L2);

    // Nobody measured it, so nobody is told a millimetre.
    assertThat(thin.targets()).extracting(Target::measure).containsOnly(Measure.LENGTH);
    assertThat(infill.steps().stream().flatMap(step -> step.targets().stream()))
        .extracting(Target::measure)
        .doesNotContain(Measure.MARK);

    Step off =
        first(
            BenchPlan.of(worn, BenchWish.USUAL.with(Visit.REMOVAL, Map.of())),
            StepKind.THIN_OLD,
            Finger.L2);
    assertThat(measures(off)).isEmpty();
  }

  @Test
  void theUndersideIsLitAsLongAsTheSlowestProductNeedsWithThumbsApart() {
    BenchPlan plan = BenchPlan.of(Sets.slowestUnderForms(), BenchWish.USUAL);
    List<Step> underside =
        plan.left().stream()
            .flatMap(step -> step.singly().stream())
            .filter(step -> step.kind() == StepKind.UNDERSIDE)
            .toList();
    LampTime slow =
        LampTime.full(
                plan.wish().lamp(),
                plan.plan().of(Finger.L3).orElseThrow().build().product().light().orElseThrow())
            .orElseThrow();

    assertThat(underside).hasSize(2);
    assertThat(underside.get(0).fingers()).doesNotContain(Finger.L1);
    assertThat(underside.get(1).fingers()).containsExactly(Finger.L1);
    assertThat(underside.get(0).light().orElseThrow().duration()).isEqualTo(slow.duration());
    assertThat(underside.get(1).light().orElseThrow().duration()).isLessThan(slow.duration());
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void everyShapeSaysHowItIsFiled(NailShape shape) {
    assertThat(shape.filing().shape()).isEqualTo(shape);
    assertThat(shape.contour() instanceof Contour.Flat)
        .isEqualTo(
            shape.filing().tip() == Filing.Tip.STRAIGHT_SHARP
                || shape.filing().tip() == Filing.Tip.STRAIGHT_ROUNDED);
  }

  @Test
  void stiffGelIsNeitherTurnedNorLeftToRun() {
    BenchPlan stiff =
        BenchPlan.of(
            Sets.of(Product.STIFF_HARD_GEL, BuildWay.FORM),
            BenchWish.USUAL.with(NailOrder.WHOLE_HAND));

    assertThat(stiff.steps()).extracting(Step::kind).doesNotContain(StepKind.TURN);
    assertThat(OrderChoice.all(stiff)).allMatch(OrderChoice::keeps);
  }
}
