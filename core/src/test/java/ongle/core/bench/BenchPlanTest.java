package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Material;
import ongle.core.portion.Mix;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Product;
import ongle.core.schedule.Feasible;
import ongle.core.schedule.Hands;
import ongle.core.wear.PrepStep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class BenchPlanTest {
  static Stream<Arguments> systems() {
    return Product.STANDARD.stream()
        .flatMap(product -> Stream.of(BuildWay.values()).map(way -> Arguments.of(product, way)));
  }

  private static List<String> kinds(List<Step> steps) {
    return steps.stream()
        .flatMap(step -> step.singly().stream())
        .map(step -> step.kind().name())
        .toList();
  }

  private static BenchWish wish(Visit visit, BenchSchools schools, Map<Finger, Double> regrowth) {
    BenchWish usual = BenchWish.USUAL;
    return new BenchWish(
        visit,
        schools,
        usual.routine(),
        usual.lamp(),
        false,
        Mix.NORMAL,
        usual.brush(),
        usual.nozzle(),
        Finish.of(Coat.PALE),
        usual.room(),
        100,
        Worker.TECHNICIAN,
        140,
        false,
        regrowth,
        Recipe.AS_HABITS,
        Map.of(),
        Map.of(),
        Map.of());
  }

  private static BenchWish visit(Visit visit) {
    return wish(visit, BenchSchools.USUAL, Map.of());
  }

  private static BenchWish with(Lamp lamp) {
    BenchWish usual = BenchWish.USUAL;
    return new BenchWish(
        usual.visit(),
        usual.schools(),
        usual.routine(),
        lamp,
        false,
        usual.mix(),
        usual.brush(),
        usual.nozzle(),
        usual.finish(),
        usual.room(),
        100,
        Worker.TECHNICIAN,
        140,
        false,
        Map.of(),
        Recipe.AS_HABITS,
        Map.of(),
        Map.of(),
        Map.of());
  }

  @ParameterizedTest
  @MethodSource("systems")
  void everySystemAndWayGetsStepsThatFitIt(Product product, BuildWay way) {
    BenchPlan plan = BenchPlan.of(Sets.of(product, way), BenchWish.USUAL);

    assertThat(plan.refusals()).isEmpty();
    List<String> kinds = kinds(plan.left());
    boolean form = way == BuildWay.FORM || way == BuildWay.REUSABLE_FORM;
    assertThat(kinds.contains("FORM_SET")).isEqualTo(form);
    assertThat(kinds.contains("FORM_OFF")).isEqualTo(form);
    assertThat(kinds.contains("FORM_CUT")).isEqualTo(way == BuildWay.FORM);
    assertThat(kinds.contains("TIP_ON")).isEqualTo(way == BuildWay.TIP);
    assertThat(kinds.contains("BEAD")).isEqualTo(product == Product.ACRYLIC);
    assertThat(kinds.contains("UNDERSIDE")).isEqualTo(form && product != Product.ACRYLIC);
    assertThat(kinds).doesNotContain("FREE_SKIN", "SOFTEN", "REMOVE_POLISH", "SOAK");
    assertThat(kinds.get(0)).isEqualTo("SANITISE");
    assertThat(kinds.get(kinds.size() - 1)).isEqualTo("OIL");
    if (way == BuildWay.TIP || way == BuildWay.OVERLAY) {
      assertThat(kinds).doesNotContain("PINCH");
    }
    assertThat(plan.steps().stream().map(Step::id).distinct()).hasSize(plan.steps().size());
    Feasible.check(
        plan.schedule(),
        new Hands(BenchPlan.jobs(plan.left()), BenchPlan.jobs(plan.right()), Hands.Free.NOW));
  }

  @ParameterizedTest
  @MethodSource("systems")
  void whatIsLaidAddsUpToWhatIsApplied(Product product, BuildWay way) {
    SetPlan set = Sets.of(product, way);
    BenchPlan plan = BenchPlan.of(set, BenchWish.USUAL);

    plan.portions()
        .values()
        .forEach(
            portion ->
                assertThat(portion.doses().stream().mapToDouble(ProductPortion::volume).sum())
                    .isCloseTo(body(set.of(portion.finger()).orElseThrow()), within(1e-6)));
    double laid =
        plan.steps().stream()
            .flatMap(step -> step.singly().stream())
            .flatMap(step -> step.dose().stream())
            .mapToDouble(ProductPortion::volume)
            .sum();
    assertThat(laid)
        .isCloseTo(set.built().stream().mapToDouble(BenchPlanTest::body).sum(), within(1e-6));
  }

  /** What is applied, less what the top coat takes of the thickness. */
  private static double body(NailPlan nail) {
    double top = LayerKind.TOP.thickness() * nail.build().surface();
    return nail.appliedVolume() * (1 - top / nail.volumes().total());
  }

  @ParameterizedTest
  @ValueSource(
      ints = {
        1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24
      })
  void anySetCanBeWorkedWithNobodyTwiceAtOnce(int seed) {
    Random random = new Random(seed);
    BenchSchools schools =
        new BenchSchools(
            Sets.one(random, Softener.values()),
            Sets.one(random, CuticleTool.values()),
            Sets.one(random, Primer.values()),
            Sets.one(random, TipAttachment.values()),
            Sets.one(random, Construction.values()),
            Sets.one(random, NailOrder.values()),
            Sets.one(random, FilingRoutine.values()),
            Sets.one(random, Rework.values()),
            Sets.one(random, TipPriming.values()),
            Sets.one(random, FormOff.values()),
            Sets.one(random, HandWash.values()),
            Sets.one(random, TopCoat.values()));
    BenchPlan plan =
        BenchPlan.of(
            Sets.any(seed),
            wish(Sets.one(random, Visit.values()), schools, Map.of(Finger.L2, 2.0)));

    if (plan.refusals().isEmpty()) {
      Feasible.check(
          plan.schedule(),
          new Hands(BenchPlan.jobs(plan.left()), BenchPlan.jobs(plan.right()), Hands.Free.NOW));
      assertThat(plan.steps().stream().map(Step::id).distinct()).hasSize(plan.steps().size());
    }
  }

  @ParameterizedTest
  @MethodSource("systems")
  void aWholeSetIsNearTheBound(Product product, BuildWay way) {
    for (OrderChoice choice :
        OrderChoice.all(BenchPlan.of(Sets.of(product, way), BenchWish.USUAL))) {
      assertThat(choice.schedule().gap()).as("%s", choice.order()).isLessThan(0.05);
      assertThat(choice.schedule().missed()).isEmpty();
    }
  }

  @ParameterizedTest
  @MethodSource("systems")
  void everyOrderThatIsOfferedKeepsItsWindows(Product product, BuildWay way) {
    List<OrderChoice> choices =
        OrderChoice.all(BenchPlan.of(Sets.of(product, way), BenchWish.USUAL));

    assertThat(choices).hasSizeGreaterThan(1).allMatch(OrderChoice::keeps);
  }

  @Test
  void bittenNailsAreNotShortenedAndTheirBodyComesFirst() {
    BenchPlan plan =
        BenchPlan.of(
            Sets.worn(Product.ACRYLIC, EarlierProduct.NONE, PlateCondition.BITTEN),
            BenchWish.USUAL);

    assertThat(kinds(plan.left())).contains("FREE_SKIN").doesNotContain("SHORTEN");
    Step first =
        plan.left().stream().filter(step -> step.kind() == StepKind.BEAD).findFirst().orElseThrow();
    assertThat(first.dose().orElseThrow().place()).isEqualTo(ProductPortion.Place.STRESS_ZONE);
  }

  @Test
  void hardGelIsFiledOffAndAcrylicSoaked() {
    BenchWish wish = visit(Visit.REMOVAL);

    List<String> hard =
        kinds(
            BenchPlan.of(
                    Sets.worn(Product.HARD_GEL, EarlierProduct.HARD_GEL, PlateCondition.SOUND),
                    wish)
                .left());
    List<String> acrylic =
        kinds(
            BenchPlan.of(
                    Sets.worn(Product.HARD_GEL, EarlierProduct.ACRYLIC, PlateCondition.SOUND), wish)
                .left());

    assertThat(hard).contains("FILE_OFF", "OIL").doesNotContain("SOAK", "TOP", "PRIME");
    assertThat(acrylic).containsSubsequence("THIN_OLD", "SOAK", "SOAK_CHECK", "PLATE_CARE", "OIL");
  }

  @Test
  void anInfillMovesTheApexBackAndTakesLessThanANewSet() {
    SetPlan set = Sets.worn(Product.ACRYLIC, EarlierProduct.ACRYLIC, PlateCondition.SOUND);
    BenchPlan fresh = BenchPlan.of(set, BenchWish.USUAL);
    BenchPlan infill =
        BenchPlan.of(
            set,
            wish(
                Visit.INFILL,
                BenchSchools.USUAL,
                Map.of(Finger.L1, 2.0, Finger.L2, 2.2, Finger.L3, 6.0)));

    assertThat(infill.infills().get(Finger.L2).apexFrom())
        .isCloseTo(infill.infills().get(Finger.L2).apexTo() + 2.2, within(1e-9));
    assertThat(infill.infills().get(Finger.L2).thinBy())
        .isGreaterThan(Infill.MIN_OVER_OLD)
        .isGreaterThan(infill.infills().get(Finger.L1).thinBy());
    assertThat(infill.portions().get(Finger.L2).applied().total())
        .isLessThan(fresh.portions().get(Finger.L2).applied().total());
    assertThat(infill.infills().get(Finger.L3).removal()).isPresent();
    assertThat(
            infill.left().stream()
                .filter(step -> step.kind() == StepKind.THIN_OLD)
                .flatMap(step -> step.fingers().stream()))
        .containsExactly(Finger.L3);
  }

  @Test
  void whoAlwaysTakesOffFillsNothing() {
    BenchSchools off = BenchSchools.USUAL.with(Rework.REMOVE);
    BenchPlan plan =
        BenchPlan.of(
            Sets.worn(Product.ACRYLIC, EarlierProduct.ACRYLIC, PlateCondition.SOUND),
            wish(Visit.INFILL, off, Map.of(Finger.L1, 2.0)));

    assertThat(plan.infills().values()).allMatch(infill -> infill.removal().isPresent());
    assertThat(kinds(plan.left())).contains("SOAK").doesNotContain("THIN_INFILL");
  }

  @Test
  void aLampThatCannotCureItIsRefused() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.FORM);
    Lamp blue =
        new Lamp(
            "blue",
            "blue lamp",
            Set.of(450),
            40,
            OptionalDouble.empty(),
            true,
            List.of(new Programme("60 s", 60, 1)));

    assertThat(BenchPlan.of(set, with(blue)).refusals())
        .hasSize(1)
        .first()
        .asString()
        .contains("450");
    assertThat(BenchPlan.of(set, with(Lamp.LED.measuring(15))).refusals())
        .hasSize(1)
        .first()
        .asString()
        .contains("percent=38");
    assertThat(BenchPlan.of(set, with(blue)).steps()).isEmpty();
  }

  @Test
  void aWeakenedLampTakesLonger() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.OVERLAY);
    int fresh = light(BenchPlan.of(set, BenchWish.USUAL));
    int weak = light(BenchPlan.of(set, with(Lamp.LED.measuring(28))));

    assertThat(weak).isGreaterThan(fresh);
  }

  private static int light(BenchPlan plan) {
    return plan.steps().stream()
        .filter(step -> step.kind() == StepKind.CURE)
        .mapToInt(step -> step.job().seconds())
        .sum();
  }

  @Test
  void skippedPreparationIsNotAskedFor() {
    BenchPlan full = BenchPlan.of(Sets.of(Product.HARD_GEL, BuildWay.FORM), BenchWish.USUAL);
    assertThat(kinds(full.left()))
        .containsSubsequence("SHINE", "DUST", "DEHYDRATE", "PRIME", "FRAME");

    BenchPlan dry = BenchPlan.of(Sets.without(PrepStep.DEHYDRATE), BenchWish.USUAL);
    assertThat(kinds(dry.left())).contains("PRIME").doesNotContain("DEHYDRATE");
    assertThat(kinds(dry.right())).contains("PRIME").doesNotContain("DEHYDRATE");
    BenchPlan bare = BenchPlan.of(Sets.without(PrepStep.PRIMER), BenchWish.USUAL);
    assertThat(kinds(bare.left())).contains("DEHYDRATE").doesNotContain("PRIME");
    assertThat(full.amounts()).containsKey(Material.PRIMER);
    assertThat(bare.amounts()).doesNotContainKey(Material.PRIMER);
  }

  @Test
  void everythingUsedUpHasAnAmount() {
    BenchPlan acrylic = BenchPlan.of(Sets.of(Product.ACRYLIC, BuildWay.FORM), BenchWish.USUAL);
    assertThat(acrylic.amounts().keySet().stream().map(Material::code))
        .containsExactly("acrylic", "acrylic-liquid", "top-coat", "primer");
    for (Step step : acrylic.steps()) {
      assertThat(acrylic.amounts().keySet()).containsAll(step.materials());
    }
    // Ten drops, with a tenth that stays in the brush.
    assertThat(acrylic.amounts().get(Material.PRIMER)).isCloseTo(0.22, within(1e-9));

    BenchPlan soaked =
        BenchPlan.of(
            Sets.worn(Product.HARD_GEL, EarlierProduct.SOAK_OFF_GEL, PlateCondition.SOUND),
            visit(Visit.REMOVAL));
    assertThat(soaked.amounts()).containsOnlyKeys(Material.REMOVER);
    assertThat(soaked.steps()).anyMatch(step -> step.materials().contains(Material.REMOVER));
  }
}
