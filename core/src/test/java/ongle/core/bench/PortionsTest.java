package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormPick;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.product.Product;
import ongle.core.structure.Build;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PortionsTest {
  private static NailPlan nail(Product product, BuildWay way) {
    return Sets.of(product, way).of(Finger.L3).orElseThrow();
  }

  private static Portion portion(NailPlan nail, Mix mix, Brush brush, double nozzle) {
    return Portion.of(nail, new Portion.Habits(mix, brush, nozzle, true, true, 0));
  }

  @Test
  void aSmallerBrushTakesMoreBeadsOfTheSameProduct() {
    NailPlan nail = nail(Product.ACRYLIC, BuildWay.FORM);
    Portion small = portion(nail, Mix.NORMAL, Brush.SMALL, 3);
    Portion large = portion(nail, Mix.NORMAL, Brush.LARGE, 3);

    assertThat(small.doses().size()).isBetween(large.doses().size(), 4);
    assertThat(large.doses().size()).isBetween(2, 4);
    assertThat(sum(small)).isCloseTo(sum(large), within(1e-9));
    assertThat(large.doses().get(0).place()).isEqualTo(ProductPortion.Place.FREE_EDGE);
  }

  private static double sum(Portion portion) {
    return portion.doses().stream().mapToDouble(ProductPortion::volume).sum();
  }

  @ParameterizedTest
  @EnumSource(Mix.class)
  void powderAndLiquidWeighWhatTheBeadsWeigh(Mix mix) {
    Portion portion = portion(nail(Product.ACRYLIC, BuildWay.FORM), mix, Brush.MEDIUM, 3);
    Mix.Split split = portion.split().orElseThrow();

    assertThat(split.powder() + split.liquid() * Mix.LIQUID_DENSITY)
        .isCloseTo(portion.mass(), within(1e-9));
    assertThat(split.liquid() * Mix.LIQUID_DENSITY / split.powder())
        .isCloseTo(mix.liquidPerPowder(), within(1e-9));
  }

  @Test
  void aStripHoldsTheVolumeLiesOnTheNailAndEndsAtItsMark() {
    NailPlan nail = nail(Product.POLY_GEL, BuildWay.FORM);
    Portion portion = portion(nail, Mix.NORMAL, Brush.MEDIUM, 3);
    Strip strip = portion.strip().orElseThrow();

    assertThat(strip.length() * Math.PI * 9 / 4).isCloseTo(portion.applied().total(), within(1e-6));
    assertThat(strip.row()).isLessThanOrEqualTo(nail.build().profile().length() + 1e-9);
    assertThat(strip.row() * strip.rows()).isCloseTo(strip.length(), within(1e-9));
    assertThat(strip.endsBeyond()).isCloseTo(strip.row() - nail.nail().plateLength(), within(1e-9));
    FormPick form = nail.fit().form().orElseThrow();
    if (strip.endsBeyond() > 0) {
      assertThat(strip.mark()).hasValue(form.fit().form().markAt(strip.endsBeyond()));
    }
    assertThat(portion(nail, Mix.NORMAL, Brush.MEDIUM, 5).strip().orElseThrow().length())
        .isLessThan(strip.length());
  }

  @Test
  void atAnInfillTheFrameStandsNoFormIsThereAndNothingIsLost() {
    Build.Volumes shares = new Build.Volumes(0.9, 0.5, 0.25);
    for (Product product : Product.STANDARD) {
      NailPlan nail = nail(product, BuildWay.FORM);
      Portion whole = portion(nail, Mix.NORMAL, Brush.MEDIUM, 3);
      Portion filling = Portion.filling(nail, Portion.Habits.USUAL, shares);

      assertThat(filling.applied().cuticle())
          .isCloseTo(0.9 * whole.applied().cuticle(), within(1e-9));
      assertThat(filling.applied().extension())
          .isCloseTo(0.25 * whole.applied().extension(), within(1e-9));
      assertThat(sum(filling)).isCloseTo(filling.applied().total(), within(1e-9));
      assertThat(filling.doses())
          .extracting(ProductPortion::place)
          .doesNotContain(ProductPortion.Place.FRAME);
      filling.strip().ifPresent(strip -> assertThat(strip.mark()).isEmpty());
    }
  }

  @Test
  void gelStandsOnItsFrameAndAnOverlayHasNone() {
    assertThat(places(nail(Product.HARD_GEL, BuildWay.FORM)))
        .containsExactly(
            ProductPortion.Place.FRAME, ProductPortion.Place.SLIP_LAYER, ProductPortion.Place.BODY);
    assertThat(places(nail(Product.HARD_GEL, BuildWay.OVERLAY)))
        .containsExactly(ProductPortion.Place.SLIP_LAYER, ProductPortion.Place.BODY);
    assertThat(places(nail(Product.SOLID_GEL, BuildWay.FORM)))
        .containsExactly(ProductPortion.Place.WHOLE);
  }

  private static List<ProductPortion.Place> places(NailPlan nail) {
    return portion(nail, Mix.NORMAL, Brush.MEDIUM, 3).doses().stream()
        .map(ProductPortion::place)
        .toList();
  }
}
