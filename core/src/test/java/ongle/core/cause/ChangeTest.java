package ongle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.nail.Quantity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.wear.PrepStep;
import org.junit.jupiter.api.Test;

/** What the one change for next time does to a plan. */
class ChangeTest {
  private static NailPlan plan(double extension) {
    return SetPlanner.plan(
            new SetWish(
                NailShape.OVAL,
                new LengthWish(LengthWish.Mode.MILLIMETRES, extension),
                Product.HARD_GEL,
                ApexSchool.THIRD,
                CrossThickness.SALON,
                Kits.fitting(),
                Wearer.ORDINARY),
            List.of(new SetPlanner.Item(Nails.plain(), Adjustments.NONE)))
        .nails()
        .get(0);
  }

  @Test
  void whatThePlanCanDoItDoes() {
    NailPlan nail = plan(6);
    assertThat(Change.APEX_HIGHER.sets(nail).get(Quantity.APEX_THICKNESS))
        .isCloseTo(nail.build().profile().apexThickness() + 0.2, within(1e-9));
    assertThat(Change.SHORTER.sets(nail).get(Quantity.EXTENSION))
        .isCloseTo(nail.extension() - 3, within(1e-9));
    assertThat(Change.SHORTER.sets(plan(1)).get(Quantity.EXTENSION)).isZero();
    assertThat(Change.INFILL_EARLIER.lasts(21)).isEqualTo(16);
    assertThat(Change.INFILL_EARLIER.lasts((int) Quantity.WEAR_DAYS.min()))
        .isEqualTo((int) Quantity.WEAR_DAYS.min());
  }

  @Test
  void aStepIsLeftOutNoLongerOnlyByTheChangeThatMeansIt() {
    assertThat(Change.PRIME.prepares()).contains(PrepStep.PRIMER);
    assertThat(Change.DEHYDRATE.prepares()).contains(PrepStep.DEHYDRATE);
    assertThat(Change.CLEAN_CUTICLE.prepares()).contains(PrepStep.CUTICLE);
    assertThat(Change.SHORTER.prepares()).isEmpty();
  }

  @Test
  void whatHandsDoOtherwiseChangesNoPlan() {
    NailPlan nail = plan(6);
    for (Change change :
        List.of(
            Change.KEEP_OFF_SKIN,
            Change.CURE_FULLY,
            Change.CLOSE_JOIN,
            Change.PRIME,
            Change.NONE)) {
      assertThat(change.sets(nail)).isEqualTo(Map.of());
      assertThat(change.lasts(21)).isEqualTo(21);
    }
  }
}
