package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.OldBuild;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Material;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What follows from the layers a nail wears. */
class LayersTest {
  private static List<Recipe> recipes() {
    return Recipe.SHIPPED;
  }

  private static BenchPlan of(Recipe recipe, Product product, BuildWay way) {
    return BenchPlan.of(Sets.of(product, way), BenchWish.USUAL.with(recipe));
  }

  private static List<StepKind> left(BenchPlan plan) {
    return plan.left().stream()
        .flatMap(step -> step.singly().stream())
        .map(Step::kind)
        .distinct()
        .toList();
  }

  @Test
  void aCuredBaseLiesOnTheWholeHandBeforeAnythingIsBuilt() {
    BenchPlan plan = of(Recipe.BASE_THEN_BEAD, Product.HARD_GEL, BuildWay.FORM);

    assertThat(left(plan))
        .containsSubsequence(
            StepKind.PRIME, StepKind.BASE, StepKind.FORM_SET, StepKind.SLIP, StepKind.BODY)
        .doesNotContain(StepKind.FRAME);
    Step base =
        plan.left().stream().filter(step -> step.kind() == StepKind.BASE).findFirst().orElseThrow();
    assertThat(base.fingers()).hasSize(5);
    Step lit = plan.left().get(plan.left().indexOf(base) + 1);
    assertThat(lit.singly()).allMatch(part -> part.light().isPresent());
    assertThat(plan.amounts()).containsKey(Material.BASE);
  }

  @Test
  void colourUnderClearIsCappedAndFiledBeforeTheTopCoat() {
    BenchPlan plan = of(Recipe.CLEAR_COLOUR_CLEAR, Product.STIFF_HARD_GEL, BuildWay.FORM);

    assertThat(left(plan))
        .containsSubsequence(
            StepKind.FRAME,
            StepKind.BODY,
            StepKind.SURFACE,
            StepKind.COLOUR,
            StepKind.CAP,
            StepKind.CAP_FILE,
            StepKind.TOP);
    assertThat(plan.amounts()).containsKeys(Material.COLOUR, Material.CLEAR_GEL);
  }

  @Test
  void anInlayLiesUnderClearAndIsCounted() {
    BenchPlan plan = of(Recipe.INLAY_UNDER_CLEAR, Product.SOAK_OFF_GEL, BuildWay.OVERLAY);

    assertThat(left(plan))
        .containsSubsequence(StepKind.BODY, StepKind.SURFACE, StepKind.INLAY, StepKind.CAP)
        .doesNotContain(StepKind.COLOUR);
    assertThat(plan.amounts().get(Material.INLAY)).isEqualTo(10);
    assertThat(plan.amounts().get(Material.TOP_COAT)).isPositive();
  }

  @ParameterizedTest
  @MethodSource("recipes")
  void layersArePartOfTheThicknessNotOnTopOfIt(Recipe recipe) {
    BenchPlan plan = of(recipe, Product.HARD_GEL, BuildWay.FORM);
    BenchPlan usual = of(Recipe.AS_HABITS, Product.HARD_GEL, BuildWay.FORM);
    NailPlan nail = plan.plan().of(Finger.R3).orElseThrow();
    double besides = plan.recipe(nail).besidesBody() - usual.recipe(nail).besidesBody();

    double less =
        usual.portions().get(Finger.R3).applied().total()
            - plan.portions().get(Finger.R3).applied().total();
    double more = nail.appliedVolume() / nail.volumes().total();
    assertThat(less).isCloseTo(besides * nail.build().surface() * more, within(1e-6));
    assertThat(plan.body(nail) + plan.recipe(nail).besidesBody())
        .isCloseTo(nail.build().profile().apexThickness(), within(1e-9));
  }

  @Test
  void twoPowdersPartTheAcrylicAndSuitNothingElse() {
    BenchPlan one = of(Recipe.AS_HABITS, Product.ACRYLIC, BuildWay.FORM);
    BenchPlan two = of(Recipe.TWO_POWDERS, Product.ACRYLIC, BuildWay.FORM);
    Material powder = Material.of(Product.ACRYLIC);

    assertThat(two.amounts().get(powder) + two.amounts().get(Material.CUTICLE_POWDER))
        .isCloseTo(one.amounts().get(powder), within(1e-9));
    assertThat(two.steps().stream().flatMap(step -> step.hints().stream()))
        .contains(new Hint.CuticlePowder());
    assertThat(of(Recipe.TWO_POWDERS, Product.HARD_GEL, BuildWay.FORM).amounts())
        .isEqualTo(of(Recipe.AS_HABITS, Product.HARD_GEL, BuildWay.FORM).amounts());
  }

  @Test
  void aFingerMayTakeOtherLayers() {
    SetPlan set = Sets.of(Product.HARD_GEL, BuildWay.OVERLAY);
    BenchPlan plan =
        BenchPlan.of(
            set, BenchWish.USUAL.with(Map.of(), Map.of(Finger.L4, Recipe.INLAY_UNDER_CLEAR)));

    assertThat(plan.amounts().get(Material.INLAY)).isEqualTo(1);
    assertThat(
            plan.steps().stream()
                .flatMap(step -> step.singly().stream())
                .filter(step -> step.kind() == StepKind.CAP)
                .flatMap(step -> step.fingers().stream()))
        .containsExactly(Finger.L4);
  }

  @Test
  void whatLeavesNoBodyIsSaid() {
    BenchPlan inlaid = of(Recipe.INLAY_UNDER_CLEAR, Product.LEVELLING_BASE, BuildWay.OVERLAY);
    BenchPlan plain = of(Recipe.AS_HABITS, Product.LEVELLING_BASE, BuildWay.OVERLAY);
    NailPlan nail = inlaid.plan().of(Finger.L5).orElseThrow();

    assertThat(inlaid.bodyTooThin(nail)).isTrue();
    assertThat(plain.bodyTooThin(nail)).isFalse();
    assertThat(inlaid.portions().get(Finger.L5).applied().total()).isPositive();
    assertThat(plain.layers(nail).orElseThrow().each())
        .isLessThanOrEqualTo(nail.build().profile().apexThickness());
  }

  @Test
  void anInlayNeedsClearOverItAndLayersTheirOrder() {
    assertThatThrownBy(() -> new Recipe("bare", List.of(LayerKind.BODY, LayerKind.INLAY)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Recipe("upside", List.of(LayerKind.TOP, LayerKind.BODY)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void polishTakesWhatTheBareNailNeedsAndNoMore() {
    SetPlan long_ = Sets.of(Product.HARD_GEL, BuildWay.FORM);
    BenchPlan built = BenchPlan.of(long_, BenchWish.USUAL);
    BenchPlan polish = BenchPlan.of(long_, BenchWish.USUAL.with(Visit.POLISH_ONLY, Map.of()));

    assertThat(polish.amounts().get(Material.TOP_COAT))
        .isLessThan(built.amounts().get(Material.TOP_COAT));
    assertThat(polish.amounts()).containsKey(Material.BASE);
  }

  @Test
  void aThinOldBuildSoaksShorterAndATipLonger() {
    OldBuild thin = OldBuild.UNASKED.measuring(java.util.OptionalDouble.of(0.15));
    int usual = minutes(OldBuild.UNASKED);

    assertThat(minutes(thin)).isLessThan(usual);
    assertThat(minutes(OldBuild.UNASKED.onTip(true))).isEqualTo(usual + 5);
    assertThat(Removal.of(EarlierProduct.HARD_GEL, OldBuild.UNASKED).orElseThrow().thinBy())
        .isEmpty();
  }

  private static int minutes(OldBuild old) {
    return Removal.of(EarlierProduct.ACRYLIC, old).orElseThrow().rounds().stream()
        .mapToInt(Integer::intValue)
        .sum();
  }
}
