package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ongle.app.SalonTest;
import ongle.app.drawing.LaneDrawing;
import ongle.app.drawing.PortionDrawing;
import ongle.app.drawing.Scene;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.schedule.Schedule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What the bench draws and says, over the demo's sets: 2 acrylic, 3 hard gel, 5 poly gel. */
@SalonTest
class BenchDrawingTest {
  private static final Pattern CIRCLE = Pattern.compile("<circle[^>]* r=\"([0-9.]+)\"");

  @Autowired private BenchDesk bench;

  private BenchPlan plan(long set) {
    return bench.visit(set).plan();
  }

  @ParameterizedTest
  @ValueSource(longs = {2, 3, 5})
  void portionsAreDrawnAsLargeAsTheyAre(long set) {
    BenchPlan plan = plan(set);
    for (NailPlan nail : plan.plan().built()) {
      Portion portion = plan.portions().get(nail.nail().finger());
      Scene scene = PortionDrawing.portions(nail, portion);
      Matcher circles = CIRCLE.matcher(scene.svg());
      List<Double> drawn = new ArrayList<>();
      while (circles.find()) {
        drawn.add(2 * Double.parseDouble(circles.group(1)));
      }
      if (portion.strip().isPresent()) {
        assertThat(drawn).isEmpty();
        assertThat(scene.svg().split("<path", -1))
            .hasSizeGreaterThanOrEqualTo(1 + portion.strip().get().rows());
        continue;
      }
      assertThat(drawn).hasSameSizeAs(portion.doses());
      for (int i = 0; i < drawn.size(); i++) {
        assertThat(drawn.get(i)).isCloseTo(portion.doses().get(i).diameter(), within(0.02));
      }
    }
  }

  @Test
  void oneHelpingFillsItsPicture() {
    ProductPortion dose = new ProductPortion(ProductPortion.Place.BODY, 60);
    Scene scene = PortionDrawing.portion(dose);

    assertThat(Double.parseDouble(scene.trueSize().get("width").replace("mm", "")))
        .isCloseTo(dose.diameter() + 0.6, within(0.05));
  }

  @ParameterizedTest
  @ValueSource(longs = {2, 3, 5})
  void lanesShowEveryJobOnceInEveryLaneItHolds(long set) {
    BenchPlan plan = plan(set);
    Schedule schedule = plan.schedule();
    int held = 0;
    for (Schedule.Slot slot : schedule.slots()) {
      held += slot.job().technician() ? 1 : 0;
      held += slot.job().lamp() ? 1 : 0;
      held += slot.left() ? 1 : 0;
      held += slot.right() ? 1 : 0;
    }
    String svg = LaneDrawing.of(plan, schedule).svg();

    assertThat(svg.split("class=\"slot ", -1)).hasSize(held + 1);
    assertThat(svg).doesNotContain("NaN", "Infinity");
    assertThat(svg).contains("right hand", "left hand", "lamp");
  }

  @Test
  void aStepSaysItsFiguresInTheSalonsWords() {
    assertThat(figures(2, StepKind.BEAD)).matches("Ø \\d\\.\\d mm bead, .* \\(\\d+ mm³ acrylic\\)");
    assertThat(figures(3, StepKind.CURE)).isEqualTo("60 s programme");
    assertThat(figures(5, StepKind.PIECE)).contains("mm from the tube", "poly gel");
  }

  private String figures(long set, StepKind kind) {
    BenchPlan plan = plan(set);
    return BenchWords.figures(first(plan, kind), plan).get(0);
  }

  @Test
  void whereAStepIsDoneIsSaidShortly() {
    BenchPlan plan = plan(3);
    assertThat(BenchWords.where(first(plan, StepKind.SANITISE))).isEqualTo("both hands");
    assertThat(BenchWords.where(first(plan, StepKind.DUST))).isEqualTo("left hand");
    assertThat(BenchWords.where(first(plan, StepKind.CURE)))
        .isEqualTo("left hand: index, middle, ring, little");
    assertThat(BenchWords.where(first(plan, StepKind.FRAME)))
        .isEqualTo(first(plan, StepKind.FRAME).finger().map(Words::of).orElseThrow());
  }

  private static Step first(BenchPlan plan, StepKind kind) {
    return plan.steps().stream()
        .flatMap(step -> step.singly().stream())
        .filter(one -> one.kind() == kind)
        .findFirst()
        .orElseThrow();
  }
}
