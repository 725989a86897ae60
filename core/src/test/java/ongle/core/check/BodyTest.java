package ongle.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import ongle.core.check.Body.Place;
import ongle.core.nail.Quantity;
import ongle.core.plan.Hands;
import ongle.core.plan.NailPlan;
import org.junit.jupiter.api.Test;

/** A built nail in space: its plan, and what differs. */
class BodyTest {
  private static List<NailPlan> plans() {
    return Hands.of(3).plan().built();
  }

  @Test
  void nothingDifferentIsThePlan() {
    for (NailPlan plan : plans()) {
      Body body = new Body(plan, Map.of());
      for (Quantity quantity : AsBuilt.QUANTITIES) {
        assertThat(body.measure(quantity))
            .describedAs(quantity.name())
            .isCloseTo(AsBuilt.planned(plan, quantity), within(1e-6));
      }
      Place tip = body.lower(body.slices() - 1, 0);
      assertThat(tip.x()).isCloseTo(plan.build().profile().length(), within(1e-9));
      assertThat(body.lower(0, 0).x()).isZero();
    }
  }

  @Test
  void leftAndRightAreAlikeUntilOneIsOut() {
    NailPlan plan = plans().get(0);
    Body even = new Body(plan, Map.of());
    int out = even.stressLine() + 12;
    assertThat(even.lower(out, 1).y()).isCloseTo(-even.lower(out, -1).y(), within(1e-9));
    Body in = new Body(plan, Map.of(Part.LEFT_TWO_THIRDS, -0.4, Part.LEFT_THIRD, -0.2));
    assertThat(in.lower(out, 1).y()).isLessThan(even.lower(out, 1).y() - 0.05);
    assertThat(in.lower(out, -1)).isEqualTo(even.lower(out, -1));
    assertThat(in.measure(Quantity.BUILT_SIDE_LEFT))
        .isCloseTo(even.measure(Quantity.BUILT_SIDE_LEFT) - 0.4, within(1e-9));
  }

  @Test
  void itLeansAsSeenFromAbove() {
    NailPlan plan = plans().get(0);
    Body body = new Body(plan, Map.of(Part.LEAN, 6.0));
    Place tip = body.lower(body.slices() - 1, 0);
    // Plus is to the right, and right is minus in y.
    assertThat(tip.y()).isCloseTo(-Math.tan(Math.toRadians(6)) * plan.extension(), within(1e-6));
  }

  @Test
  void productLiesOverItsUnderside() {
    for (NailPlan plan : plans()) {
      Body body = new Body(plan, Map.of(Part.APEX, 0.3));
      for (int i = 1; i < body.slices() - 1; i++) {
        for (double side = -1; side <= 1; side += 0.25) {
          assertThat(body.upper(i, side).z()).isGreaterThan(body.lower(i, side).z());
          assertThat(body.upper(i, side).y()).isEqualTo(body.lower(i, side).y());
        }
      }
      assertThat(body.area(-1, true)).isZero();
      assertThat(body.area(plan.build().profile().length() + 1, false)).isZero();
    }
  }

  @Test
  void whatWasMeasuredMakesTheBody() {
    NailPlan plan = plans().get(0);
    AsBuilt built =
        new AsBuilt(
            plan,
            Map.of(
                Quantity.BUILT_LENGTH,
                plan.extension() + 1,
                Quantity.BUILT_BARREL,
                AsBuilt.planned(plan, Quantity.BUILT_BARREL) * 0.7,
                Quantity.BUILT_EDGE_LEFT,
                0.6));
    Body body = Body.of(built);
    assertThat(body.measure(Quantity.BUILT_LENGTH)).isCloseTo(plan.extension() + 1, within(1e-9));
    assertThat(body.measure(Quantity.BUILT_EDGE_LEFT)).isCloseTo(0.6, within(1e-9));
    assertThat(body.measure(Quantity.BUILT_BARREL))
        .isCloseTo(AsBuilt.planned(plan, Quantity.BUILT_BARREL) * 0.7, within(0.15));
  }

  @Test
  void nonsenseIsHeldToWhatANailCanBe() {
    NailPlan plan = plans().get(0);
    Body body =
        new Body(
            plan,
            Map.of(
                Part.LENGTH,
                -90.0,
                Part.APEX,
                -9.0,
                Part.BARREL,
                4.0,
                Part.FULLNESS,
                40.0,
                Part.APEX_PLACE,
                900.0,
                Part.WIDTH,
                -90.0));
    for (int i = 0; i < body.slices(); i++) {
      assertThat(body.upper(i, 1).z()).isFinite();
      assertThat(body.lower(i, -1).y()).isFinite();
    }
  }
}
