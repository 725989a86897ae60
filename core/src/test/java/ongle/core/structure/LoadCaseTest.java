package ongle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Map;
import ongle.core.ReferenceCase;
import ongle.core.nail.Digit;
import ongle.core.plan.SalonFigures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Margins, apex and longest length under the loads each finger meets, against the reference. */
class LoadCaseTest {
  private static final double DAY_21 = 21 * 0.105;
  private static final Map<Digit, Double> SHARES = SalonFigures.USUAL.shares();

  private static WearPeriod term(ReferenceCase reference) {
    return new WearPeriod(1, DAY_21, FingerLoad.of(SHARES.get(reference.nail().finger().digit())));
  }

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#underLoads")
  void marginsAgree(ReferenceCase reference) {
    Build build = reference.build(reference.expect().get("usedApexThickness").doubleValue());
    LoadedNail nail = LoadedNail.of(build, term(reference));
    agrees(nail.after(0), reference.expect().get("day0"));
    agrees(nail.after(DAY_21), reference.expect().get("day21"));
  }

  private static void agrees(Margins margins, JsonNode expected) {
    assertThat(margins.loadShare())
        .isCloseTo(expected.get("loadShare").doubleValue(), within(0.001));
    for (FailureMode cause : FailureMode.values()) {
      JsonNode value = expected.get(cause.name().toLowerCase());
      if (value == null || value.isNull()) {
        assertThat(margins.of(cause).value()).as("no pull, no limit").isGreaterThan(20);
      } else {
        assertThat(margins.of(cause).value())
            .as(cause.name())
            .isCloseTo(value.doubleValue(), withPercentage(2));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#underLoads")
  void theApexAgrees(ReferenceCase reference) {
    double extension = reference.outline().extension();
    Scheme scheme = reference.scheme(extension, term(reference));
    assertThat(scheme.floor())
        .isCloseTo(reference.expect().get("floor").doubleValue(), within(0.001));
    ApexSolver.Apex apex =
        ApexSolver.thinnest(
            scheme,
            reference.apexAt(),
            scheme.floor(),
            ApexSolver.THICKEST,
            term(reference),
            ApexSolver.ANSWERS);
    JsonNode expected = reference.expect().get("apexThickness");
    assertThat(apex.holds()).isEqualTo(!expected.isNull());
    if (!expected.isNull()) {
      assertThat(apex.thickness()).isCloseTo(expected.doubleValue(), withPercentage(2));
      assertThat(apex.binding().isEmpty())
          .isEqualTo(reference.expect().get("setByFloor").booleanValue());
    }
  }

  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#underLoads")
  void theLongestAdvisableLengthAgrees(ReferenceCase reference) {
    JsonNode expected = reference.expect().get("longestAdvisable");
    org.junit.jupiter.api.Assumptions.assumeTrue(expected != null);
    double longest = expected.doubleValue();
    assertThat(carries(reference, 0.98 * longest)).isGreaterThan(1);
    assertThat(carries(reference, 1.02 * longest)).isLessThan(1);
  }

  private static double carries(ReferenceCase reference, double extension) {
    return reference
        .scheme(extension, term(reference))
        .carries(reference.apexAt(), ApexSolver.THICKEST);
  }

  @Test
  void aBuildThatOnlyCoversTheFingertipIsHardlyLevered() {
    FingerLoad thumb = FingerLoad.of(1.15);
    assertThat(thumb.at(-1)).isCloseTo(0.345, within(1e-9));
    assertThat(thumb.at(1.5)).isCloseTo(1.15 * 0.65, within(1e-9));
    assertThat(thumb.at(3)).isEqualTo(thumb.at(12)).isCloseTo(1.15, within(1e-9));
    assertThat(FingerLoad.FULL.at(0)).isEqualTo(1);
  }

  @Test
  void aHumpIsNoAnswerForAPlateThatNoThicknessHelps() {
    ReferenceCase thin =
        ReferenceCase.underLoads()
            .filter(each -> each.toString().startsWith("square poly"))
            .findFirst()
            .orElseThrow();
    Scheme scheme = thin.scheme(thin.outline().extension(), term(thin));
    assertThat(scheme.apex(thin.apexAt()).thickness()).isLessThan(1.5);
  }
}
