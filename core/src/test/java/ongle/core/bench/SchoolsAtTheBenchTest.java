package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.cure.Lamp;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.PlateCondition;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;

/** What each habit changes in the steps, and what none of them may change. */
class SchoolsAtTheBenchTest {
  private static final BenchSchools USUAL = BenchSchools.USUAL;

  private static BenchSchools habits(
      Softener softener,
      CuticleTool tool,
      Primer primer,
      TipAttachment tips,
      FilingRoutine filing) {
    return USUAL.with(softener, tool, primer, tips, filing);
  }

  private static BenchSchools habits(Construction construction, NailOrder order) {
    return USUAL.with(construction, order);
  }

  private static List<Step> left(SetPlan set, BenchSchools schools) {
    return BenchPlan.of(
            set,
            new BenchWish(
                Visit.NEW_SET,
                schools,
                Routine.USUAL,
                Lamp.LED,
                false,
                Mix.NORMAL,
                Brush.MEDIUM,
                Strip.USUAL_NOZZLE,
                Finish.CLEAR,
                22,
                100,
                Worker.TECHNICIAN,
                140,
                false,
                Map.of(),
                Recipe.AS_HABITS,
                Map.of(),
                Map.of(),
                Map.of()))
        .left()
        .stream()
        .flatMap(step -> step.singly().stream())
        .toList();
  }

  private static Step first(List<Step> steps, StepKind kind) {
    return all(steps, kind).findFirst().orElseThrow();
  }

  private static Stream<Step> all(List<Step> steps, StepKind kind) {
    return steps.stream().filter(step -> step.kind() == kind);
  }

  @Test
  void softenerIsBrushedOnLeftToWorkAndWashedOff() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.FORM);
    List<Step> soft =
        left(
            set,
            habits(
                Softener.FIRST,
                USUAL.cuticleTool(),
                USUAL.primer(),
                USUAL.attachment(),
                USUAL.filing()));

    assertThat(soft.stream().map(step -> step.kind().name()).toList())
        .containsSubsequence("SOFTEN", "PUSH_BACK", "CLEAR", "WASH", "DEHYDRATE");
    assertThat(first(soft, StepKind.SOFTEN).job().settles()).isPositive();
    assertThat(first(soft, StepKind.PUSH_BACK).job().needsSettled()).isTrue();
    assertThat(all(left(set, USUAL), StepKind.WASH)).isEmpty();
  }

  @Test
  void theElectricFileHasBitDirectionAndSpeedAndNeverMeetsAThinPlate() {
    BenchSchools electric =
        habits(
            Softener.NEVER,
            CuticleTool.ELECTRIC_FILE,
            USUAL.primer(),
            USUAL.attachment(),
            USUAL.filing());
    Step sound = first(left(Sets.of(Product.HARD_GEL, BuildWay.FORM), electric), StepKind.CLEAR);
    Step thin =
        first(
            left(Sets.worn(Product.HARD_GEL, EarlierProduct.NONE, PlateCondition.THIN), electric),
            StepKind.CLEAR);

    assertThat(sound.bit())
        .hasValueSatisfying(bit -> assertThat(bit.slowest()).isLessThan(bit.fastest()));
    assertThat(sound.cautions()).contains(new StepCaution.NeverRest());
    assertThat(thin.bit()).isEmpty();
    assertThat(thin.hints()).hasAtLeastOneElementOfType(Hint.ByHand.class);
  }

  @Test
  void acidDriesLongerAndARubbedInBaseReplacesIt() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.FORM);
    Step acid = first(left(set, primed(Primer.ACID)), StepKind.PRIME);
    Step mild = first(left(set, primed(Primer.ACID_FREE)), StepKind.PRIME);
    Step base = first(left(set, primed(Primer.BASE)), StepKind.PRIME);

    assertThat(acid.job().settles()).isGreaterThan(mild.job().settles());
    assertThat(acid.tool()).contains(Tool.Plain.ACID_PRIMER);
    assertThat(base.variant()).contains(Step.Variant.BASE_RUBBED_IN);
    SetPlan overlay = Sets.of(Product.HARD_GEL, BuildWay.OVERLAY);
    assertThat(first(left(overlay, primed(Primer.ACID)), StepKind.SLIP).job().window().min())
        .isEqualTo(acid.job().settles());
  }

  private static BenchSchools primed(Primer primer) {
    return habits(
        USUAL.softener(), USUAL.cuticleTool(), primer, USUAL.attachment(), USUAL.filing());
  }

  @Test
  void aTipHeldByGelIsFlashedAndOneHeldByGlueWaits() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.TIP);
    List<Step> glued = left(set, USUAL);
    List<Step> gelled =
        left(
            set,
            habits(
                USUAL.softener(),
                USUAL.cuticleTool(),
                USUAL.primer(),
                TipAttachment.GEL,
                USUAL.filing()));

    assertThat(first(glued, StepKind.TIP_ON).job().lamp()).isFalse();
    assertThat(first(glued, StepKind.TIP_ON).job().settles()).isPositive();
    assertThat(first(gelled, StepKind.TIP_ON).job().lamp()).isTrue();
    assertThat(first(gelled, StepKind.TIP_ON).light()).isPresent();
  }

  @Test
  void oneNailAtATimeIsFrozenBeforeTheNext() {
    SetPlan overlay = Sets.of(Product.HARD_GEL, BuildWay.OVERLAY);
    SetPlan stiff = Sets.of(Product.STIFF_HARD_GEL, BuildWay.OVERLAY);
    BenchSchools each = habits(Construction.ONE_PIECE, NailOrder.ONE_AT_A_TIME);
    BenchSchools whole = habits(Construction.ONE_PIECE, NailOrder.WHOLE_HAND);

    assertThat(all(left(overlay, each), StepKind.FLASH).count()).isGreaterThanOrEqualTo(5);
    assertThat(all(left(stiff, each), StepKind.FLASH).count()).isGreaterThanOrEqualTo(5);
    assertThat(all(left(stiff, whole), StepKind.FLASH)).isEmpty();
    // What runs is frozen in every order.
    assertThat(all(left(overlay, whole), StepKind.FLASH).count()).isGreaterThanOrEqualTo(4);
  }

  @Test
  void aFrameStandsBeforeTheBodyUnlessItIsLaidInOnePiece() {
    SetPlan set = Sets.of(Hand.LEFT, Product.HARD_GEL, BuildWay.FORM);
    BenchSchools onePiece = habits(Construction.ONE_PIECE, NailOrder.FOUR_AND_THUMB);

    assertThat(all(left(set, onePiece), StepKind.FRAME)).isEmpty();
    assertThat(all(left(set, USUAL), StepKind.FRAME)).hasSize(5);
    assertThat(all(left(set, USUAL), StepKind.SLIP)).hasSize(5);
  }

  @Test
  void filingFollowsItsRoutineAndOnlyLevellingGelDoesWithout() {
    assertThat(filed(Product.HARD_GEL, FilingRoutine.EDGE_FIRST))
        .containsExactly("OUTLINE", "SIDEWALLS", "SURFACE", "UNDERNEATH");
    assertThat(filed(Product.HARD_GEL, FilingRoutine.SIDES_FIRST))
        .containsExactly("SIDEWALLS", "OUTLINE", "SURFACE", "UNDERNEATH");
    assertThat(filed(Product.HARD_GEL, FilingRoutine.QUARTERS))
        .containsExactly("QUARTERS", "UNDERNEATH");
    assertThat(filed(Product.HARD_GEL, FilingRoutine.NONE)).containsExactly("TOUCH_EDGE");
    assertThat(filed(Product.ACRYLIC, FilingRoutine.NONE)).contains("OUTLINE", "SURFACE");
  }

  private static List<String> filed(Product product, FilingRoutine routine) {
    return left(
            Sets.of(product, BuildWay.FORM),
            habits(
                USUAL.softener(), USUAL.cuticleTool(), USUAL.primer(), USUAL.attachment(), routine))
        .stream()
        .map(step -> step.kind().name())
        .filter(
            List.of("OUTLINE", "SIDEWALLS", "SURFACE", "UNDERNEATH", "QUARTERS", "TOUCH_EDGE")
                ::contains)
        .toList();
  }

  @Test
  void aBittenPlateIsFreedFirstAndBuiltFromItsBody() {
    SetPlan set = Sets.worn(Product.ACRYLIC, EarlierProduct.NONE, PlateCondition.BITTEN);
    List<Step> bitten = left(set, USUAL);

    assertThat(all(bitten, StepKind.FREE_SKIN)).hasSize(1);
    assertThat(all(bitten, StepKind.SHORTEN)).isEmpty();
    assertThat(
            all(bitten, StepKind.BEAD)
                .filter(step -> step.finger().equals(Optional.of(Finger.L2)))
                .findFirst()
                .flatMap(Step::dose)
                .orElseThrow()
                .place())
        .isEqualTo(ProductPortion.Place.STRESS_ZONE);
  }
}
