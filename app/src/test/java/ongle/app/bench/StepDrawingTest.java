package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import ongle.app.SalonTest;
import ongle.app.drawing.Scene;
import ongle.app.drawing.StepDrawing;
import ongle.app.visits.VisitPlanner;
import ongle.app.words.BenchWords;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** The desk's drawings and figures, over every step of the demo's sets. */
@SalonTest
class StepDrawingTest {
  @Autowired private BenchDesk bench;
  @Autowired private VisitPlanner visits;

  private static Scene drawn(Step step, BenchPlan plan, Seat seat) {
    return StepDrawing.of(step, plan, seat, Optional.empty(), BenchWords::value).orElseThrow();
  }

  private static Step step(BenchPlan plan, StepKind kind, Finger finger) {
    return plan.steps().stream()
        .flatMap(step -> step.singly().stream())
        .filter(one -> one.kind() == kind && one.fingers().contains(finger))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9})
  void everyStepOfAHandOrFingerHasItsDrawingFromEitherSide(long set) {
    BenchPlan plan = bench.visit(set).plan();
    for (Step step : plan.steps()) {
      for (Seat seat : Seat.values()) {
        Optional<Scene> scene =
            StepDrawing.of(
                step, plan, seat, step.fingers().stream().findFirst(), BenchWords::value);
        assertThat(scene.isPresent())
            .as(step.id())
            .isEqualTo(step.hand().isPresent() || step.kind() == StepKind.COMPARE);
        scene.ifPresent(
            drawn -> {
              assertThat(drawn.svg()).as(step.id()).doesNotContain("NaN", "Infinity");
              assertThat(drawn.width()).isPositive();
              assertThat(drawn.height()).isPositive();
              assertThat(drawn.title()).isNotBlank();
            });
      }
    }
  }

  @Test
  void aHandShowsEachNailsOwnFigureInTheOrderItIsSeen() {
    BenchPlan plan = bench.visit(3).plan();
    Step edge = step(plan, StepKind.SIDEWALLS, Finger.R2);

    String opposite = drawn(edge, plan, Seat.OPPOSITE).svg();
    assertThat(opposite.indexOf(">R5<")).isLessThan(opposite.indexOf(">R1<")).isPositive();
    String client = drawn(edge, plan, Seat.CLIENT).svg();
    assertThat(client.indexOf(">R1<")).isLessThan(client.indexOf(">R5<")).isPositive();
    edge.targets().forEach(target -> assertThat(opposite).contains(BenchWords.value(target)));
  }

  @Test
  void onlyTheFingersOfTheStepAreMarked() {
    BenchPlan plan = bench.visit(3).plan();
    Step fingers = step(plan, StepKind.CURE, Finger.L2);
    Step thumb = step(plan, StepKind.CURE_THUMB, Finger.L1);

    assertThat(marked(drawn(fingers, plan, Seat.OPPOSITE))).isEqualTo(fingers.fingers().size());
    assertThat(marked(drawn(thumb, plan, Seat.OPPOSITE))).isEqualTo(1);
  }

  private static int marked(Scene scene) {
    return scene.svg().split("chosen-outline", -1).length - 1;
  }

  @Test
  void beforeTheBuildTheHandIsBareAndSaysWhatToMind() {
    BenchPlan bitten = bench.visit(2).plan();
    String svg = drawn(step(bitten, StepKind.FREE_SKIN, Finger.L2), bitten, Seat.OPPOSITE).svg();

    assertThat(svg).contains("bitten").doesNotContain("class=\"product\"");
    assertThat(drawn(step(bitten, StepKind.OUTLINE, Finger.L2), bitten, Seat.OPPOSITE).svg())
        .contains("class=\"product\"");
  }

  @Test
  void aHelpingIsDrawnWhereItGoesAndAsLargeAsItIs() {
    BenchPlan plan = bench.visit(2).plan();
    List<Step> beads =
        plan.left().stream()
            .flatMap(step -> step.singly().stream())
            .filter(one -> one.kind() == StepKind.BEAD && one.fingers().contains(Finger.L3))
            .toList();

    assertThat(beads).hasSizeGreaterThan(1);
    for (Step bead : beads) {
      String svg = drawn(bead, plan, Seat.OPPOSITE).svg();
      assertThat(svg).contains("laid-here");
      double radius = bead.dose().orElseThrow().diameter() / 2;
      assertThat(Pattern.compile(" r=\"([0-9.]+)\"").matcher(svg).results())
          .as(bead.id())
          .anyMatch(circle -> Math.abs(Double.parseDouble(circle.group(1)) - radius) < 0.02);
    }
    assertThat(drawn(beads.get(0), plan, Seat.OPPOSITE).svg())
        .isNotEqualTo(drawn(beads.get(1), plan, Seat.OPPOSITE).svg());
  }

  @Test
  void fittingSaysWhichTipOrFormAndWhatToDoToIt() {
    BenchPlan tips = bench.visit(8).plan();
    NailPlan nail = tips.plan().of(Finger.R2).orElseThrow();
    List<String> cut = BenchWords.figures(step(tips, StepKind.TIP_CUT, Finger.R2), tips);
    assertThat(cut.get(0)).contains("index tip " + nail.fit().tip().orElseThrow().number());
    assertThat(cut.get(1)).matches("cut .*\\d+\\.\\d mm.* beyond the stress line");

    BenchPlan forms = bench.visit(3).plan();
    List<String> set = BenchWords.figures(step(forms, StepKind.FORM_SET, Finger.R2), forms);
    assertThat(set.get(0)).contains("form ");
    assertThat(set).anyMatch(line -> line.matches("set it .*\\d+° up.* against the plate"));
    assertThat(BenchWords.figures(step(forms, StepKind.OUTLINE, Finger.R2), forms))
        .anyMatch(line -> line.contains("index 5.8 mm") || line.startsWith("5.8 mm"));
  }

  @Test
  void anInfillShowsTheBuildFromTheStartAndLessProduct() {
    visits.choose(9, Map.of("visit", "INFILL"));
    try {
      BenchPlan plan = bench.visit(9).plan();
      Step thin =
          plan.steps().stream()
              .flatMap(step -> step.singly().stream())
              .filter(one -> one.kind() == StepKind.THIN_INFILL)
              .findFirst()
              .orElseThrow();
      assertThat(drawn(thin, plan, Seat.OPPOSITE).svg()).contains("class=\"product\"");
      assertThat(BenchWords.figures(thin, plan)).noneMatch(figure -> figure.contains("mm"));
      Hand hand = thin.hand().orElseThrow();
      assertThat(thin.fingers()).allMatch(finger -> finger.hand() == hand);
    } finally {
      visits.choose(9, Map.of("visit", "NEW_SET"));
    }
  }
}
