package ongle.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WhichWayTest {
  private static WhichWay ways(Nail nail, double extension, Product product, TipsOrForms school) {
    CrossCurve plate = nail.crossCurve();
    TipKit exact =
        new TipKit(
            "exact",
            "exact",
            NailShape.SQUARE,
            List.of(new Tip("7", plate.chord(), plate.depth(), 5, 30, 0.5)));
    return WhichWay.of(
        nail,
        nail.freeEdge(),
        extension,
        NailShape.SQUARE.barrelDepthRatio(),
        extension > nail.freeEdge(),
        product,
        new Schools(school, FreeHandOrForms.FREE_HAND),
        new WhichWay.TipOffer(
            TipSizing.of(exact, nail, new Outline(NailShape.SQUARE, nail.width(), extension))
                .advised(),
            WayReason.Plain.NO_TIPS_AT_HAND,
            true),
        FormPick.best(List.of(Kits.PAPER), nail, NailShape.SQUARE, 0, extension),
        FormPick.best(List.of(Kits.RIGID), nail, NailShape.SQUARE, 0, extension));
  }

  private static Nail nail(double length, double pitch, double lean, PlateCondition condition) {
    return new Nail(
        Finger.R3, 11.5, length, 2, 0.5, 1.5, pitch, lean, 2, condition, SkinState.INTACT);
  }

  @Test
  void aPlainNailGoesTheSchoolsWay() {
    Nail plain = nail(12.5, 0, 0, PlateCondition.SOUND);
    assertThat(ways(plain, 9, Product.HARD_GEL, TipsOrForms.TIPS).best().way())
        .isEqualTo(BuildWay.TIP);
    assertThat(ways(plain, 9, Product.HARD_GEL, TipsOrForms.FORMS).best().way())
        .isEqualTo(BuildWay.FORM);
  }

  @Test
  void aDroopingOrLeaningPlateTakesAForm() {
    assertThat(
            ways(nail(12.5, -8, 0, PlateCondition.SOUND), 9, Product.HARD_GEL, TipsOrForms.TIPS)
                .best()
                .way())
        .isEqualTo(BuildWay.FORM);
    assertThat(
            ways(nail(12.5, 0, 6, PlateCondition.SOUND), 9, Product.HARD_GEL, TipsOrForms.TIPS)
                .best()
                .way())
        .isEqualTo(BuildWay.FORM);
  }

  @Test
  void tornSkinSpeaksAgainstWhatPressesOnIt() {
    Nail intact = nail(12.5, 0, 0, PlateCondition.SOUND);
    Nail torn =
        new Nail(Finger.R3, 11.5, 12.5, 2, 0.5, 1.5, 0, 0, 2, PlateCondition.SOUND, SkinState.DRY);
    for (BuildWay way : List.of(BuildWay.FORM, BuildWay.REUSABLE_FORM)) {
      WhichWay.Option before = ways(intact, 5, Product.HARD_GEL, TipsOrForms.FORMS).of(way);
      WhichWay.Option after = ways(torn, 5, Product.HARD_GEL, TipsOrForms.FORMS).of(way);
      assertThat(after.points()).isLessThan(before.points());
      assertThat(after.reasons())
          .anyMatch(
              reason ->
                  reason == WayReason.Plain.FORM_PRESSES_ON_SKIN
                      || reason == WayReason.Plain.RIGID_PRESSES_ON_SKIN);
    }
  }

  @Test
  void whatIsNotAtHandIsSaidAndTheOtherKitIsNamed() {
    Nail plain = nail(12.5, 0, 0, PlateCondition.SOUND);
    TipPick other =
        TipSizing.of(
                new TipKit(
                    "b",
                    "Second box",
                    NailShape.SQUARE,
                    List.of(new Tip("7", plain.width(), plain.archDepth(), 5, 30, 0.5))),
                plain,
                new Outline(NailShape.SQUARE, plain.width(), 9))
            .advised()
            .orElseThrow();
    WhichWay ways =
        WhichWay.of(
            plain,
            plain.freeEdge(),
            9,
            0.22,
            true,
            Product.HARD_GEL,
            Schools.USUAL,
            new WhichWay.TipOffer(Optional.of(other), WayReason.Plain.NO_TIPS_AT_HAND, false),
            Optional.empty(),
            Optional.empty());
    assertThat(ways.of(BuildWay.TIP).reasons()).contains(new WayReason.OtherKit("Second box"));
    assertThat(ways.of(BuildWay.FORM).reasons()).containsExactly(WayReason.Plain.NO_PAPER_FORM);
    assertThat(ways.of(BuildWay.REUSABLE_FORM).possible()).isFalse();
  }

  @Test
  void theSchoolForBittenNailsDecidesBetweenFreeHandAndForm() {
    Nail bitten =
        new Nail(Finger.R3, 11.5, 7, 2, 0.4, 0.5, 0, 0, 3, PlateCondition.BITTEN, SkinState.INTACT);
    for (FreeHandOrForms school : FreeHandOrForms.values()) {
      WhichWay ways =
          WhichWay.of(
              bitten,
              bitten.freeEdge(),
              3.5,
              0.17,
              true,
              Product.ACRYLIC,
              new Schools(TipsOrForms.FORMS, school),
              new WhichWay.TipOffer(Optional.empty(), WayReason.Plain.NO_TIPS_AT_HAND, true),
              FormPick.best(List.of(Kits.PAPER), bitten, NailShape.ROUND, -2, 3.5),
              Optional.empty());
      assertThat(ways.best().way())
          .isEqualTo(school == FreeHandOrForms.FREE_HAND ? BuildWay.FREE_HAND : BuildWay.FORM);
    }
  }

  @Test
  void aShortBittenNailInAcrylicIsBuiltFreeHandAndInGelNever() {
    Nail bitten =
        new Nail(Finger.R3, 11.5, 7, 2, 0, 0.5, 0, 0, 3, PlateCondition.BITTEN, SkinState.INTACT);
    assertThat(ways(bitten, 3.5, Product.ACRYLIC, TipsOrForms.FORMS).best().way())
        .isEqualTo(BuildWay.FREE_HAND);
    assertThat(ways(bitten, 3.5, Product.HARD_GEL, TipsOrForms.FORMS).of(BuildWay.FREE_HAND))
        .satisfies(option -> assertThat(option.possible()).isFalse())
        .satisfies(
            option -> assertThat(option.reasons()).first().isInstanceOf(WayReason.Runs.class));
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void withoutAnExtensionOnlyAnOverlayMakesSenseAndNothingIsHidden(Nail nail) {
    WhichWay none = ways(nail, 0, Product.HARD_GEL, TipsOrForms.TIPS);
    assertThat(none.best().way()).isEqualTo(BuildWay.OVERLAY);
    WhichWay longer = ways(nail, nail.freeEdge() + 6, Product.HARD_GEL, TipsOrForms.TIPS);
    assertThat(longer.ranked())
        .extracting(WhichWay.Option::way)
        .containsExactlyInAnyOrder(BuildWay.values());
    assertThat(longer.ranked()).allMatch(option -> !option.reasons().isEmpty());
    assertThat(longer.best().possible()).isTrue();
  }

  @Test
  void aTipIsNotTakenForNextToNothingNorForABarrelMuchDeeperThanItself() {
    Nail plain = nail(12.5, 0, 0, PlateCondition.SOUND);
    assertThat(ways(plain, 2.4, Product.HARD_GEL, TipsOrForms.TIPS).of(BuildWay.TIP).possible())
        .as("1.9 mm beyond the natural nail")
        .isFalse();
    assertThat(ways(plain, 2.6, Product.HARD_GEL, TipsOrForms.TIPS).of(BuildWay.TIP).possible())
        .isTrue();
  }

  @Test
  void aWideNailIsWiderThanLong() {
    assertThat(WhichWay.wide(Nails.of(Finger.R1, 14, 12, 2))).isTrue();
    assertThat(WhichWay.wide(Nails.of(Finger.R3, 11.5, 12, 2))).isFalse();
  }
}
