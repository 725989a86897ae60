package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import ongle.core.cure.Lamp;
import ongle.core.cure.Setting;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.portion.Material;
import ongle.core.portion.Mix;
import ongle.core.portion.Portion;
import ongle.core.product.Product;
import ongle.core.schedule.Schedule;
import ongle.core.structure.Build;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws that hold for any set a salon could meet. */
class BenchLawsTest {
  private static final BenchWish USUAL = BenchWish.USUAL;

  static IntStream seeds() {
    return IntStream.range(0, 12);
  }

  private static BenchWish with(Lamp lamp, int pace) {
    return new BenchWish(
        USUAL.visit(),
        USUAL.schools(),
        USUAL.routine(),
        lamp,
        USUAL.pigmented(),
        USUAL.mix(),
        USUAL.brush(),
        USUAL.nozzle(),
        USUAL.finish(),
        USUAL.room(),
        pace,
        Worker.TECHNICIAN,
        140,
        false,
        Map.of(),
        Recipe.AS_HABITS,
        Map.of(),
        Map.of(),
        Map.of());
  }

  private static Lamp measured(double light) {
    Lamp led = Lamp.LED;
    return new Lamp(
        led.code(),
        led.label(),
        led.wavelengths(),
        led.nominal(),
        OptionalDouble.of(light),
        led.thumbsApart(),
        led.programmes());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aStepHoldsEitherTheTechnicianOrRunsByItselfAndOnlyLitOnesHoldTheLamp(int seed) {
    for (Step step : BenchPlan.of(Sets.any(seed), USUAL).steps()) {
      assertThat(step.job().lamp()).as(step.id()).isEqualTo(step.light().isPresent());
      assertThat(step.runsByItself())
          .as(step.id())
          .isEqualTo(step.light().isPresent() || step.kind() == StepKind.SOAK);
      assertThat(step.job().seconds()).as(step.id()).isPositive();
      assertThat(step.fingers()).as(step.id()).isNotEmpty();
      step.hand()
          .ifPresent(hand -> assertThat(step.fingers()).allMatch(finger -> finger.hand() == hand));
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void noStoppedFingerIsEverTouched(int seed) {
    BenchPlan plan = BenchPlan.of(Sets.any(seed), USUAL);
    List<Finger> stopped =
        plan.plan().nails().stream()
            .filter(nail -> nail.stopped())
            .map(nail -> nail.nail().finger())
            .toList();

    assertThat(plan.steps().stream().flatMap(step -> step.fingers().stream()))
        .noneMatch(stopped::contains);
    assertThat(plan.portions().keySet()).noneMatch(stopped::contains);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whateverIsLaidAndNeedsLightGetsItAfterwards(int seed) {
    BenchPlan plan = BenchPlan.of(Sets.any(seed), USUAL);
    for (List<Step> hand : List.of(plan.left(), plan.right())) {
      for (int i = 0; i < hand.size(); i++) {
        Step laid = hand.get(i);
        if (laid.dose().isPresent() && laid.product().orElseThrow().light().isPresent()) {
          Finger finger = laid.finger().orElseThrow();
          assertThat(hand.subList(i + 1, hand.size()))
              .as(laid.id())
              .anyMatch(
                  step ->
                      step.fingers().contains(finger)
                          && (step.kind() == StepKind.CURE || step.kind() == StepKind.CURE_THUMB));
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aWeakerLampNeverMakesItShorterNorASlowerPace(int seed) {
    int usual = BenchPlan.of(Sets.any(seed), with(measured(40), 100)).schedule().makespan();

    assertThat(BenchPlan.of(Sets.any(seed), with(measured(24), 100)).schedule().makespan())
        .isGreaterThanOrEqualTo(usual);
    assertThat(BenchPlan.of(Sets.any(seed), with(measured(40), 150)).schedule().makespan())
        .isGreaterThan(usual);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsTakenFromTheShelfIsWhatIsLaidWithATenthForTheBrush(int seed) {
    BenchPlan plan = BenchPlan.of(Sets.any(seed), USUAL);
    double laid =
        plan.portions().values().stream()
            .filter(portion -> portion.split().isEmpty())
            .mapToDouble(portion -> portion.applied().total() / 1000)
            .sum();
    double powder =
        plan.portions().values().stream()
            .flatMap(portion -> portion.split().stream())
            .mapToDouble(Mix.Split::powder)
            .sum();
    double millilitres = 0;
    double grams = 0;
    for (Map.Entry<Material, Double> each : plan.amounts().entrySet()) {
      boolean built =
          plan.portions().values().stream()
              .anyMatch(portion -> Material.of(portion.product()).equals(each.getKey()));
      if (built && each.getKey().measure() == Material.Measure.GRAM) {
        grams += each.getValue();
      } else if (built) {
        millilitres += each.getValue();
      }
    }

    assertThat(millilitres).isCloseTo(1.1 * laid, within(1e-9));
    assertThat(grams).isCloseTo(1.1 * powder, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(doubles = {12, 18, 21, 27, 35})
  void acrylicsTimesFollowEachOtherAndAWarmerRoomIsNeverSlower(double room) {
    for (Mix mix : Mix.values()) {
      Setting setting = Setting.at(room, mix);
      assertThat(setting.working()).isLessThan(setting.pinchFrom());
      assertThat(setting.pinchFrom()).isLessThan(setting.pinchUntil());
      assertThat(setting.pinchUntil()).isLessThan(setting.hard());
      if (room > 12) {
        assertThat(setting.hard()).isLessThan(Setting.at(12, mix).hard());
      }
    }
  }

  @Test
  void oneHandAloneHasNothingToDoOnTheOther() {
    BenchPlan one =
        BenchPlan.of(
            Sets.of(
                Hand.RIGHT, ongle.core.product.Product.ACRYLIC, ongle.core.fitting.BuildWay.FORM),
            USUAL);

    assertThat(one.left()).isEmpty();
    assertThat(one.steps()).hasSameSizeAs(one.right());
    assertThat(one.schedule().slots()).noneMatch(Schedule.Slot::left);
    assertThat(one.minutesToBook().orElseThrow() % BenchPlan.BOOKED_IN).isZero();
  }

  @Test
  void aBeadCanBeDrawnAsLongAsLayingItTakesHoweverWarmTheRoom() {
    for (Mix mix : Mix.values()) {
      assertThat(Setting.at(35, mix).working().toSeconds())
          .isGreaterThanOrEqualTo(StepKind.BEAD.seconds());
    }
  }

  /** What is mixed weighs what it makes: it only shrinks. */
  @Test
  void powderAndLiquidTogetherWeighTheBuildTheyMake() {
    SetPlan set = Sets.of(Product.ACRYLIC, BuildWay.FORM);
    for (NailPlan nail : set.built()) {
      Portion portion = Portion.of(nail, Portion.Habits.USUAL);
      Mix.Split split = portion.split().orElseThrow();
      double hard = nail.volumes().total() * 1.15 * Product.ACRYLIC.density() / 1000;
      assertThat(split.powder() + split.liquid() * Mix.LIQUID_DENSITY)
          .isCloseTo(hard, within(1e-9));
    }
  }

  @Test
  void moreProductAndALargerNailTakeLonger() {
    assertThat(StepKind.BODY.effort(230, 140, 0.8)).isGreaterThan(1.3);
    assertThat(StepKind.SURFACE.effort(400, 0, 0.8)).isGreaterThan(1.3);
    assertThat(StepKind.BODY.effort(230, 70, 0.8)).isEqualTo(1);
    assertThat(StepKind.PRIME.effort(400, 200, 0.8)).isEqualTo(1);
    assertThat(StepKind.FILE_OFF.effort(230, 0, 1.3)).isGreaterThan(1.3);
  }

  /** New over old, slice by slice, against the same nail filled with thousands of them. */
  @Test
  void anInfillsProductIsWhatLiesBetweenOldAndNew() {
    NailPlan nail = Sets.of(Product.HARD_GEL, BuildWay.FORM).nails().get(2);
    double gap = 2.5;
    Build build = nail.build();
    double fresh = 0;
    double whole = 0;
    double slice = build.profile().length() / 4000;
    for (int i = 0; i < 4000; i++) {
      double x = (i + 0.5) * slice;
      double wanted = build.profile().thicknessAt(x);
      double old = x < gap ? 0 : build.profile().thicknessAt(x - gap);
      double stays = Math.min(old, Math.max(0, wanted - Infill.MIN_OVER_OLD));
      fresh += build.productAreaAt(x) - build.productAreaAt(x, stays);
      whole += build.productAreaAt(x);
    }
    assertThat(Infill.of(nail, gap).share()).isCloseTo(fresh / whole, within(0.01));
  }
}
