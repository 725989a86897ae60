package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ongle.core.cure.LampTime;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.plan.FingerLength;
import ongle.core.portion.Material;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;

/** The salon's own bottles: what they are laid with, how they are cured, and what limits them. */
class CoatsTest {
  private static final LightCure LIGHT = Coat.TOP.light().orElseThrow();

  static final Coat PLUM = coat("plum", LayerKind.COLOUR, 2, Limits.NONE);
  private static final Coat NO_WIPE = coat("shine", LayerKind.TOP, 1, Limits.NONE);
  private static final Coat ACID =
      new Coat(
          "bite", "Bite", "", LayerKind.PRIMER, 0, Optional.empty(), 1, false, true, Limits.NONE);

  /** Plum in two coats, acid primer, a top coat that is not wiped. */
  static final Recipe OWN =
      new Recipe(
          "own-1",
          "Plum",
          List.of(
              LayerKind.PRIMER, LayerKind.BODY, LayerKind.COLOUR, LayerKind.COLOUR, LayerKind.TOP),
          Map.of(LayerKind.PRIMER, ACID, LayerKind.COLOUR, PLUM, LayerKind.TOP, NO_WIPE));

  private static Coat coat(String code, LayerKind kind, int coats, Limits limits) {
    return new Coat(
        code, code, "12", kind, kind.thickness(), Optional.of(LIGHT), coats, false, false, limits);
  }

  private static BenchPlan of(Recipe recipe) {
    return BenchPlan.of(
        Sets.of(Product.STIFF_HARD_GEL, BuildWay.FORM), BenchWish.USUAL.with(recipe));
  }

  private static List<Step> steps(BenchPlan plan, StepKind kind) {
    return plan.left().stream()
        .flatMap(step -> step.singly().stream())
        .filter(step -> step.kind() == kind)
        .toList();
  }

  @Test
  void aRecipeIsLaidWithItsOwnBottles() {
    BenchPlan plan = of(OWN);
    assertThat(plan.amounts())
        .containsKeys(Material.of(PLUM), Material.of(NO_WIPE), Material.of(ACID))
        .doesNotContainKeys(Material.COLOUR, Material.TOP_COAT, Material.PRIMER);
    assertThat(steps(plan, StepKind.COLOUR)).hasSize(2);
    assertThat(steps(plan, StepKind.COLOUR).get(0).materials()).containsExactly(Material.of(PLUM));
    Step top = steps(plan, StepKind.TOP).get(0);
    assertThat(plan.left().subList(plan.left().indexOf(top) + 1, plan.left().size()))
        .noneMatch(step -> step.kind() == StepKind.WIPE);
  }

  @Test
  void twoColoursOfAHandAreLaidOneAfterTheOtherAndCuredTogether() {
    BenchPlan plan =
        BenchPlan.of(
            Sets.of(Product.STIFF_HARD_GEL, BuildWay.FORM),
            BenchWish.USUAL.with(Map.of(), Map.of(Finger.L4, OWN)).with(Recipe.CLEAR_COLOUR_CLEAR));
    List<Step> colours = steps(plan, StepKind.COLOUR);
    assertThat(colours).hasSize(4);
    assertThat(colours.stream().map(step -> step.fingers().size())).contains(1, 4);
    assertThat(plan.schedule().makespan()).isPositive();
  }

  @Test
  void noAcidOfItsOwnComesNearBrokenSkin() {
    BenchPlan plan = BenchPlan.of(Sets.cut(), BenchWish.USUAL.with(OWN));
    assertThat(plan.amounts()).containsKey(Material.PRIMER).doesNotContainKey(Material.of(ACID));
  }

  @Test
  void aMakersGentleProgrammeIsTheOneThatRuns() {
    LightCure gentle =
        new LightCure(0.12, 0.08, 2.4, 0.3, LIGHT.wavelengths(), 0.5, true); // 99 s at 60 %
    LampTime time = LampTime.full(BenchWish.USUAL.lamp(), gentle).orElseThrow();
    assertThat(time.programme().lowHeat()).isTrue();
    assertThat(time.times()).isEqualTo(1);
  }

  @Test
  void anInlayIsAsThickAsItIs() {
    Coat flower =
        new Coat(
            "flower",
            "Flower",
            "",
            LayerKind.INLAY,
            0.4,
            Optional.empty(),
            1,
            false,
            false,
            Limits.NONE);
    Recipe flowers = Recipe.INLAY_UNDER_CLEAR.with(Map.of(LayerKind.INLAY, flower));
    assertThat(flowers.besidesBody() - Recipe.INLAY_UNDER_CLEAR.besidesBody())
        .isCloseTo(0.3, within(1e-9));
    assertThat(of(flowers).amounts()).containsEntry(Material.of(flower), 10.0);
  }

  @Test
  void whatAMakerLimitsIsWatched() {
    Limits limits = new Limits(OptionalDouble.of(3), Optional.of("twin"), List.of("free of HEMA"));
    Coat short3 = coat("short", LayerKind.COLOUR, 1, limits);
    Recipe recipe = Recipe.COLOURED_BUILDER.with(Map.of());
    Recipe painted =
        new Recipe(
            "own-2",
            "Short",
            List.of(LayerKind.PRIMER, LayerKind.BODY, LayerKind.COLOUR, LayerKind.TOP),
            Map.of(LayerKind.COLOUR, short3));
    assertThat(of(recipe).watched()).isEmpty();
    assertThat(of(painted).watched())
        .anySatisfy(
            each ->
                assertThat(each)
                    .isInstanceOfSatisfying(
                        Watched.TooLong.class,
                        over -> {
                          assertThat(over.fingers()).hasSize(10);
                          assertThat(over.built()).isCloseTo(5, within(1e-9));
                        }))
        .contains(new Watched.OtherLamp(short3, "twin"));
    assertThat(limits.notSaidFreeOf("reacts to HEMA and TPO", List.of())).containsExactly("TPO");
    assertThat(Limits.NONE.notSaidFreeOf("strawberries", List.of())).isEmpty();
    assertThat(Limits.NONE.notSaidFreeOf("Nickel", List.of("nickel"))).containsExactly("nickel");
  }

  @Test
  void aProductIsBuiltNoLongerThanItsMakerKeepsItTo() {
    Product limited = Sets.limited(new Limits(OptionalDouble.of(4), Optional.empty(), List.of()));
    assertThat(Sets.of(limited, BuildWay.FORM).nails())
        .allSatisfy(
            nail -> {
              assertThat(nail.extension()).isLessThanOrEqualTo(4);
              assertThat(nail.length().set()).isEqualTo(FingerLength.Decision.MAKER);
            });
  }

  @Test
  void aCoatIsForItsLayerOnly() {
    assertThatThrownBy(
            () -> new Recipe("x", "x", List.of(LayerKind.BODY), Map.of(LayerKind.TOP, Coat.PALE)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Finish.of(Coat.TOP)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> coat("x", LayerKind.TOP, 4, Limits.NONE))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
