package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.plan.FingerLength.Decision;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.LengthWish.Mode;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LengthPlannerTest {
  private static final TipKit KIT =
      new TipKit("one", "one", NailShape.SQUARE, List.of(new Tip("1", 12, 2.2, 6, 24, 0.5)));

  private static SetPlan plan(Mode mode, double value, Wearer wearer, List<SetPlanner.Item> items) {
    return SetPlanner.plan(
        new SetWish(
            NailShape.SOFT_SQUARE,
            new LengthWish(mode, value),
            Product.HARD_GEL,
            ApexSchool.THIRD,
            CrossThickness.SALON,
            Kits.fitting(KIT),
            wearer),
        items);
  }

  private static SetPlanner.Item item(Nail nail) {
    return new SetPlanner.Item(nail, Adjustments.NONE);
  }

  private static List<SetPlanner.Item> ten() {
    return Arrays.stream(Finger.values())
        .map(finger -> item(Nails.of(finger, finger.digit().usualWidth(), 12, 2)))
        .toList();
  }

  private static FingerLength length(SetPlan plan, Finger finger) {
    return plan.of(finger).orElseThrow().length();
  }

  @Test
  void anOrdinaryWishStands() {
    SetPlan plan = plan(Mode.MILLIMETRES, 5, Wearer.ORDINARY, ten());
    assertThat(plan.nails())
        .allMatch(nail -> nail.extension() == 5 && nail.length().set() == Decision.WISH);
  }

  @Test
  void twinsWithUnequalPlatesAreMadeEven() {
    SetPlan plan =
        plan(
            Mode.PLATE_SHARE,
            50,
            Wearer.ORDINARY,
            List.of(
                item(Nails.of(Finger.L3, 11.5, 12, 2)), item(Nails.of(Finger.R3, 11.5, 14, 2))));
    assertThat(length(plan, Finger.L3).built()).isCloseTo(6.5, within(1e-9));
    assertThat(length(plan, Finger.R3).built()).isCloseTo(6.5, within(1e-9));
    assertThat(length(plan, Finger.R3).set()).isEqualTo(Decision.EVEN_WITH_TWIN);
  }

  @Test
  void aHandThatStopsStringsIsKeptShortAndPullsItsTwinsAlong() {
    Wearer player = Wearer.of(Map.of(Hand.LEFT, Activity.STRINGS));
    SetPlan plan = plan(Mode.MILLIMETRES, 5, player, ten());
    assertThat(length(plan, Finger.L3).built()).isCloseTo(1.5, within(1e-9));
    assertThat(length(plan, Finger.L3).set()).isEqualTo(Decision.ACTIVITY);
    assertThat(length(plan, Finger.R3).built()).isCloseTo(1.5, within(1e-9));
    assertThat(length(plan, Finger.R3).setBy()).isEqualTo(Finger.L3);
  }

  @Test
  void aMinorWearsTheShortestPracticalLength() {
    SetPlan plan = plan(Mode.MILLIMETRES, 9, minor(Optional.of("her father")), ten());
    assertThat(length(plan, Finger.L2).built()).isCloseTo(2.5, within(1e-9));
    assertThat(length(plan, Finger.L2).set()).isEqualTo(Decision.MINOR);
  }

  private static Wearer minor(Optional<String> guardian) {
    return new Wearer(Map.of(), true, guardian, Optional.empty(), Optional.empty());
  }

  @Test
  void aBittenNailCoversItsFingertipAndSoDoesItsTwin() {
    Nail bitten =
        new Nail(Finger.L2, 11, 7, 2, 0, 0, 0, 0, 3, PlateCondition.BITTEN, SkinState.INTACT);
    SetPlan plan =
        plan(
            Mode.MILLIMETRES,
            1,
            Wearer.ORDINARY,
            List.of(item(bitten), item(Nails.of(Finger.R2, 11, 12, 2))));
    assertThat(length(plan, Finger.L2).set()).isEqualTo(Decision.COVERS_FINGERTIP);
    assertThat(length(plan, Finger.L2).built()).isEqualTo(3.5);
    assertThat(length(plan, Finger.R2).built()).isEqualTo(3.5);
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void nothingIsBuiltLongerThanItsThickestApexCarries(Nail nail) {
    SetPlan plan = plan(Mode.MILLIMETRES, 30, Wearer.ORDINARY, List.of(item(nail)));
    FingerLength length = length(plan, nail.finger());
    double min = length.min();
    assertThat(length.built()).isLessThanOrEqualTo(Math.max(min, length.advisable()) + 1e-9);
    // An overlay or a bitten nail's cover is the least there is, whether it holds or not.
    assumeThat(length.built()).isGreaterThan(min);
    assertThat(plan.nails().get(0).endurance().holds()).isTrue();
  }

  @Test
  void aSoreTwinDecidesNothing() {
    Nail sore =
        new Nail(Finger.L3, 11.5, 12, 2, 0, 0, 0, 0, 1.5, PlateCondition.SOUND, SkinState.SORE);
    SetPlan plan =
        plan(
            Mode.PLATE_SHARE,
            50,
            Wearer.ORDINARY,
            List.of(item(sore), item(Nails.of(Finger.R3, 11.5, 14, 2))));
    assertThat(length(plan, Finger.R3).built()).isCloseTo(7, within(1e-9));
  }

  @Test
  void aWayTakenByHandForOneFingerLeavesItsTwinAsWished() {
    SetPlanner.Item overlay =
        new SetPlanner.Item(
            Nails.of(Finger.L3, 11.5, 12, 2),
            new Adjustments(Map.of(), Optional.empty(), Optional.of(BuildWay.OVERLAY)));
    SetPlan plan =
        plan(
            Mode.MILLIMETRES,
            6,
            Wearer.ORDINARY,
            List.of(overlay, item(Nails.of(Finger.R3, 11.5, 12, 2))));
    assertThat(length(plan, Finger.R3).built()).isEqualTo(6);
    assertThat(length(plan, Finger.R3).set()).isEqualTo(Decision.WISH);
  }

  @Test
  void aWayTakenByHandReachesNoFartherThanItGoes() {
    SetPlanner.Item overlay =
        new SetPlanner.Item(
            Nails.of(Finger.R3, 11.5, 12, 2),
            new Adjustments(Map.of(), Optional.empty(), Optional.of(BuildWay.OVERLAY)));
    SetPlan plan = plan(Mode.MILLIMETRES, 6, Wearer.ORDINARY, List.of(overlay));
    assertThat(length(plan, Finger.R3).built()).isEqualTo(0.5);
    assertThat(length(plan, Finger.R3).set()).isEqualTo(Decision.WAY);
    assertThat(plan.nails().get(0).fit().way()).isEqualTo(BuildWay.OVERLAY);
  }
}
