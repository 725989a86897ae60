package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import ongle.core.Kits;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.junit.jupiter.api.Test;

/** Why a biter's next set stands farther out: told where the plate is why, and nowhere else. */
class OutgrownTest {
  private static Nail bitten(Finger finger, double plate) {
    double width = finger.digit().usualWidth();
    // The fingertip stays where it is: what the plate gains, the overhang loses.
    return new Nail(
        finger,
        width,
        plate,
        0.17 * width,
        0,
        0.15 * width,
        0,
        0,
        11.5 - plate,
        PlateCondition.BITTEN,
        SkinState.INTACT);
  }

  private static SetPlan plan(double plate, double beyond) {
    return SetPlanner.plan(
        new SetWish(
            NailShape.OVAL,
            new LengthWish(LengthWish.Mode.COVER_FINGERTIP, beyond),
            Product.ACRYLIC,
            ApexSchool.THIRD,
            CrossThickness.SALON,
            Kits.fitting(),
            Wearer.ORDINARY),
        Arrays.stream(Finger.values())
            .map(finger -> new SetPlanner.Item(bitten(finger, plate), Adjustments.NONE))
            .toList());
  }

  @Test
  void platesThatHaveGrownOutCarryMoreAndThatIsWhy() {
    SetPlan before = plan(7.0, 4);
    SetPlan later = plan(8.6, 4);
    Outgrown out = Outgrown.of(before, later).orElseThrow();
    assertThat(out.plates()).isCloseTo(1.6, within(1e-9));
    assertThat(out.carries()).isGreaterThan(out.carried());
    List<Double> longer =
        out.fingers().stream()
            .map(finger -> beyond(later, finger) - beyond(before, finger))
            .toList();
    assertThat(longer).allMatch(by -> by >= 0.2);
    assertThat(out.longer())
        .isCloseTo(longer.stream().mapToDouble(by -> by).average().orElseThrow(), within(1e-9));
  }

  private static double beyond(SetPlan set, Finger finger) {
    NailPlan nail = set.of(finger).orElseThrow();
    return nail.extension() - nail.item().nail().overhang();
  }

  @Test
  void nothingIsSaidOfPlatesThatStayedOrOfAWishThatGrew() {
    assertThat(Outgrown.of(plan(7.0, 4), plan(7.1, 4))).isEmpty();
    assertThat(Outgrown.of(plan(7.0, 0.5), plan(7.0, 4))).isEmpty();
  }

  @Test
  void nothingIsSaidWhereThePlateHeldNothingBackBefore() {
    assertThat(Outgrown.of(plan(10.5, 1), plan(11.0, 2))).isEmpty();
  }
}
