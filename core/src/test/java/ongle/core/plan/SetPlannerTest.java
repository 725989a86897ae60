package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.layer.LayerKind;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SetPlannerTest {
  private static final TipKit KIT =
      new TipKit(
          "two",
          "two tips",
          NailShape.SQUARE,
          List.of(new Tip("1", 12, 2.2, 6, 24, 0.5), new Tip("2", 11, 2.0, 6, 24, 0.5)));

  private static SetWish wish(NailShape shape, double extension) {
    return new SetWish(
        shape,
        new LengthWish(LengthWish.Mode.MILLIMETRES, extension),
        Product.HARD_GEL,
        ApexSchool.THIRD,
        CrossThickness.SALON,
        Kits.fitting(KIT),
        Wearer.ORDINARY);
  }

  private static NailPlan plan(SetWish wish, Nail nail, Adjustments adjustments) {
    return SetPlanner.plan(wish, List.of(new SetPlanner.Item(nail, adjustments))).nails().get(0);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void aMirroredHandGetsAMirroredPlan(Nail nail) {
    NailPlan one = plan(wish(NailShape.ALMOND, 8), nail, Adjustments.NONE);
    NailPlan twin = plan(wish(NailShape.ALMOND, 8), nail.mirrored(), Adjustments.NONE);
    assertThat(twin.nail()).isEqualTo(one.nail().mirrored());
    assertThat(twin.endurance()).isEqualTo(one.endurance());
    assertThat(twin.volumes()).isEqualTo(one.volumes());
    assertThat(twin.advised()).isEqualTo(one.advised());
    assertThat(twin.fit().paper().orElseThrow().fit().tilt())
        .isEqualTo(one.fit().paper().orElseThrow().fit().tilt());
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void aLongerNailNeverGetsALowerApex(Nail nail) {
    double before = 0;
    for (double extension = 2; extension < 22; extension += 4) {
      double apex =
          plan(wish(NailShape.SOFT_SQUARE, extension), nail, Adjustments.NONE)
              .advised()
              .thickness();
      assertThat(apex).isGreaterThanOrEqualTo(before - 0.002);
      before = apex;
    }
  }

  @Test
  void whatIsSetByHandStandsAndTheAdviceStays() {
    Nail nail = Nails.plain();
    Adjustments byHand =
        new Adjustments(
            Map.of(
                Quantity.APEX_THICKNESS, 1.7,
                Quantity.APEX_POSITION, 50.0,
                Quantity.EDGE_THICKNESS, 0.4,
                Quantity.BARREL_DEPTH, 30.0),
            Optional.of(new Adjustments.TipNumber("two", "2")),
            Optional.empty());
    NailPlan plan = plan(wish(NailShape.ALMOND, 8), nail, byHand);
    assertThat(plan.build().profile().apexThickness()).isEqualTo(1.7);
    assertThat(plan.build().profile().apexAt()).isEqualTo(6);
    assertThat(plan.build().profile().edgeThickness()).isEqualTo(0.4);
    assertThat(plan.build().barrelDepthRatio()).isCloseTo(0.30, within(1e-12));
    assertThat(plan.fit().tip().orElseThrow().number()).isEqualTo("2");
    assertThat(plan.advised().thickness()).isLessThan(1.7);
  }

  @Test
  void onlyWhatCanBeBuiltCanBeSetByHand() {
    assertThatThrownBy(
            () ->
                new Adjustments(
                    Map.of(Quantity.BARREL_DEPTH, 51.0), Optional.empty(), Optional.empty()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () -> new Adjustments(Map.of(Quantity.WIDTH, 11.0), Optional.empty(), Optional.empty()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aPlateThatDroopsSixDegreesLiftsASquaresFormBySix() {
    Nail drooping =
        new Nail(Finger.L2, 11, 12, 2, 0, 1, -6, 0, 1, PlateCondition.SOUND, SkinState.INTACT);
    assertThat(
            plan(wish(NailShape.SQUARE, 6), drooping, Adjustments.NONE)
                .fit()
                .paper()
                .orElseThrow()
                .fit()
                .tilt())
        .isEqualTo(6);
  }

  @Test
  void aSoreFingerIsStoppedAndTakesNoProduct() {
    Nail sore = new Nail(Finger.L2, 11, 12, 2, 0, 1, 0, 0, 1, PlateCondition.SOUND, SkinState.SORE);
    SetPlan plan =
        SetPlanner.plan(
            wish(NailShape.OVAL, 6), List.of(new SetPlanner.Item(sore, Adjustments.NONE)));
    assertThat(plan.nails().get(0).stopped()).isTrue();
    assertThat(plan.nails().get(0).cautions()).first().isEqualTo(new Caution.Skin(SkinState.SORE));
    assertThat(plan.built()).isEmpty();
    assertThat(plan.weakest()).isEmpty();
  }

  @Test
  void theSetTakesTheSumOfItsNailsAndTenPercentForTheBrush() {
    List<SetPlanner.Item> items =
        Arrays.stream(Finger.values())
            .map(finger -> new SetPlanner.Item(Nails.of(finger, 11, 12, 2), Adjustments.NONE))
            .toList();
    SetPlan plan = SetPlanner.plan(wish(NailShape.OVAL, 6), items);
    double top = LayerKind.TOP.thickness() * plan.nails().get(0).build().surface();
    double one = (plan.nails().get(0).volumes().total() - top) * 1.05 / 0.92;
    BenchPlan visit = BenchPlan.of(plan, BenchWish.USUAL);
    assertThat(visit.productVolume()).isCloseTo(one * 10 * 1.1 / 1000, within(1e-9));
    assertThat(visit.productMass()).isCloseTo(visit.productVolume() * 1.12 * 0.92, within(1e-9));
  }

  @Test
  void theApexStaysOnTheNailEvenWithoutExtension() {
    SetWish overlay =
        new SetWish(
            NailShape.ROUND,
            new LengthWish(LengthWish.Mode.MILLIMETRES, 0),
            Product.SOAK_OFF_GEL,
            ApexSchool.STRESS_LINE,
            CrossThickness.SALON,
            Kits.fitting(KIT),
            Wearer.ORDINARY);
    NailPlan plan =
        plan(
            overlay,
            Nails.plain(),
            new Adjustments(
                Map.of(Quantity.APEX_POSITION, 120.0), Optional.empty(), Optional.empty()));
    assertThat(plan.build().profile().apexAt()).isEqualTo(12);
    assertThat(plan.volumes().total()).isPositive().isFinite();
  }
}
