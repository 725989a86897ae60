package ongle.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.fitting.FormFit.Sides;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.shape.NailShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FormFitTest {
  private static final Form PAPER = new Form("m", 12, 1.4, 2, 2, 40, 40, false);
  private static final Form RIGID = new Form("3", 11.5, 1.5, 1, 1, 15, 6, true);

  private static Nail nail(double width, double edge, double pitch, double lean) {
    return new Nail(
        Finger.R3,
        width,
        12,
        0.15 * width,
        0.5,
        edge,
        pitch,
        lean,
        1.5,
        PlateCondition.SOUND,
        SkinState.INTACT);
  }

  private static FormFit fit(Form form, Nail nail, double extension) {
    return FormFit.of(form, nail, NailShape.SQUARE, NailShape.SQUARE.formTilt(), extension);
  }

  @Test
  void theMouthIsCutAsDeepAsTheEdgeStandsOutAndTooDeepAMouthLeavesAGap() {
    assertThat(fit(PAPER, nail(11.5, 2.2, 0, 0), 8).cutDepth()).isCloseTo(0.8, within(1e-9));
    assertThat(fit(PAPER, nail(11.5, 2.2, 0, 0), 8).gapInMiddle()).isZero();
    assertThat(fit(PAPER, nail(11.5, 0.8, 0, 0), 8).gapInMiddle()).isCloseTo(0.6, within(1e-9));
    assertThat(fit(PAPER, nail(11.5, 0.8, 0, 0), 8).cutDepth()).isZero();
  }

  @Test
  void aRigidFormIsNotCutItLeavesAGapAtTheSides() {
    FormFit fit = fit(RIGID, nail(11.5, 2.2, 0, 0), 4);
    assertThat(fit.cutDepth()).isZero();
    assertThat(fit.gapAtSides()).isCloseTo(0.7, within(1e-9));
    assertThat(fit.suits()).isFalse();
    assertThat(fit(RIGID, nail(11.5, 1.6, 0, 0), 4).suits()).isTrue();
    assertThat(fit(RIGID, nail(11.5, 1.6, 0, 0), 9).tooShortBy()).isCloseTo(3, within(1e-9));
  }

  @Test
  void aWiderNailNeedsReliefCutsAndANarrowerOneNotches() {
    assertThat(fit(PAPER, nail(14, 1.4, 0, 0), 8).sides()).isEqualTo(Sides.RELIEF_CUTS);
    assertThat(fit(PAPER, nail(9, 1.4, 0, 0), 8).sides()).isEqualTo(Sides.NOTCHES);
    assertThat(fit(PAPER, nail(11.4, 1.4, 0, 0), 8).sides()).isEqualTo(Sides.AS_THEY_ARE);
  }

  @Test
  void itIsLiftedWhereThePlateGrowsDownAndTurnedAgainstTheLean() {
    FormFit fit =
        FormFit.of(PAPER, nail(11.5, 1.4, -6, 4), NailShape.ALMOND, NailShape.ALMOND.formTilt(), 8);
    assertThat(fit.tilt()).isCloseTo(9, within(1e-9));
    assertThat(fit.aim()).isCloseTo(-4, within(1e-9));
    assertThat(fit.closeBeyond()).hasValue(6);
    assertThat(fit(PAPER, nail(11.5, 1.4, 0, 0), 8).closeBeyond()).isEmpty();
  }

  @Test
  void itIsBuiltToTheNextHalfMarkPastTheReserve() {
    assertThat(fit(PAPER, nail(11.5, 1.4, 0, 0), 7).buildToMark()).isEqualTo(4);
    assertThat(fit(PAPER, nail(11.5, 1.4, 0, 0), 7.2).buildToMark()).isEqualTo(4.5);
    assertThat(PAPER.distanceOf(4.5)).isCloseTo(9, within(1e-9));
  }

  @Test
  void theFormWithTheLeastToDoIsTaken() {
    assertThat(
            FormPick.best(
                    List.of(Kits.PAPER),
                    nail(9.8, 1.2, 0, 0),
                    NailShape.OVAL,
                    NailShape.OVAL.formTilt(),
                    6)
                .orElseThrow()
                .number())
        .isEqualTo("narrow");
    assertThat(
            FormPick.best(
                    List.of(Kits.PAPER),
                    nail(13, 1.6, 0, 0),
                    NailShape.OVAL,
                    NailShape.OVAL.formTilt(),
                    6)
                .orElseThrow()
                .number())
        .isEqualTo("wide");
  }

  @ParameterizedTest
  @MethodSource("ongle.core.Nails#many")
  void theTemplateIsAsWideAsTheArcAndAsDeepAsTheEdge(Nail nail) {
    CuttingTemplate template = CuttingTemplate.of(nail);
    assertThat(template.width()).isCloseTo(nail.crossCurve().arcLength(), within(1e-9));
    assertThat(template.depth()).isCloseTo(nail.freeEdgeDepth(), within(1e-9));
    assertThat(template.line().get(0).out()).isCloseTo(0, within(1e-6));
    assertThat(template.line())
        .allSatisfy(point -> assertThat(point.out()).isBetween(0.0, nail.freeEdgeDepth() + 1e-9));
  }

  @Test
  void whatIsNoFormIsRefused() {
    assertThatThrownBy(() -> new Form("x", 12, 7, 2, 2, 40, 40, false))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Form("x", 12, 1, 0, 2, 40, 40, false))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new FormKit("x", "x", List.of(PAPER, RIGID)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void theNarrowestNailStillHasAFlatTemplate() {
    Nail flat = Nails.of(Finger.L5, 8, 9, 0);
    assertThat(CuttingTemplate.of(flat).width()).isCloseTo(8, within(1e-9));
  }
}
