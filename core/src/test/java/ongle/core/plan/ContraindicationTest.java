package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import ongle.core.Nails;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.plan.Contraindication.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ContraindicationTest {
  private static Nail with(SkinState skin) {
    return new Nail(Finger.L2, 11, 12, 2, 0.5, 1.5, 0, 0, 1.5, PlateCondition.SOUND, skin);
  }

  private static LookOver because(String reason) {
    return new LookOver(EarlierProduct.NONE, OldBuild.UNASKED, Optional.of(reason));
  }

  private static Wearer wearer(String allergy, String harmless, boolean minor, String guardian) {
    return new Wearer(
        Map.of(),
        minor,
        Optional.ofNullable(guardian),
        Optional.ofNullable(allergy),
        Optional.ofNullable(harmless));
  }

  @Test
  void anOpenCutIsPostponedUnlessTheTechnicianHasAReason() {
    Nail cut = with(SkinState.CUT);
    assertThat(Contraindication.of(cut, LookOver.NOTHING, Wearer.ORDINARY).orElseThrow().answer())
        .isEqualTo(Answer.REASON);
    assertThat(Contraindication.of(cut, because("closed since Monday"), Wearer.ORDINARY)).isEmpty();
    assertThat(Contraindication.of(cut, because("  "), Wearer.ORDINARY)).isPresent();
  }

  @ParameterizedTest
  @EnumSource(
      value = SkinState.class,
      names = {"SORE", "PUS", "SPOTS", "LOOSE"})
  void whatBelongsToADoctorIsNeverOverruledAndSaysWhatToDoInstead(SkinState skin) {
    Contraindication stop =
        Contraindication.of(with(skin), because("she insists"), Wearer.ORDINARY).orElseThrow();
    assertThat(stop.answer()).isEqualTo(Answer.NONE);
    assertThat(stop.why()).isEqualTo(new Contraindication.Why.Skin(skin));
  }

  @Test
  void anAllergyStopsEveryFingerUntilItIsToSomethingElse() {
    Wearer open = wearer("strawberries?", null, false, null);
    assertThat(
            Contraindication.of(Nails.plain(), because("no matter"), open).orElseThrow().answer())
        .isEqualTo(Answer.ALLERGY_TO_SOMETHING_ELSE);
    Wearer settled = wearer("strawberries?", "food only, asked today", false, null);
    assertThat(Contraindication.of(Nails.plain(), LookOver.NOTHING, settled)).isEmpty();
  }

  @Test
  void aMinorWaitsForAGuardian() {
    assertThat(
            Contraindication.of(Nails.plain(), LookOver.NOTHING, wearer(null, null, true, " "))
                .orElseThrow()
                .answer())
        .isEqualTo(Answer.CONSENT);
    assertThat(
            Contraindication.of(
                Nails.plain(), LookOver.NOTHING, wearer(null, null, true, "her father")))
        .isEmpty();
  }
}
