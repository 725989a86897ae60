package ongle.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.drawing.Scene.Handle;
import ongle.app.drawing.Scene.Point;
import ongle.app.drawing.Scene.Text;
import ongle.app.kits.ShippedKits;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipFit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Drawings say what the plan says, to scale, and never anything that is no number. */
class DrawingTest {
  private static final Fitting LINDENBOX =
      new Fitting(
          List.of(ShippedKits.tips("lindenbox")),
          ShippedKits.forms(),
          Schools.USUAL,
          Optional.of("lindenbox"));

  private static Nail nail(
      Finger finger, double width, double plate, double arch, double pitch, double lean) {
    return new Nail(
        finger,
        width,
        plate,
        arch,
        0.6,
        0.15 * width,
        pitch,
        lean,
        1.5,
        PlateCondition.SOUND,
        SkinState.INTACT);
  }

  private static SetPlan plan(
      NailShape shape, double extension, List<Nail> nails, Adjustments byHand) {
    SetWish wish =
        new SetWish(
            shape,
            new LengthWish(LengthWish.Mode.MILLIMETRES, extension),
            Product.HARD_GEL,
            ApexSchool.THIRD,
            CrossThickness.SALON,
            LINDENBOX,
            Wearer.ORDINARY);
    return SetPlanner.plan(
        wish, nails.stream().map(nail -> new SetPlanner.Item(nail, byHand)).toList());
  }

  private static NailPlan plan(NailShape shape, double extension, Nail nail) {
    return plan(shape, extension, List.of(nail), Adjustments.NONE).nails().get(0);
  }

  private static List<String> texts(Scene scene) {
    List<String> texts = new ArrayList<>();
    scene
        .marks()
        .forEach(
            mark -> {
              if (mark instanceof Text text) {
                texts.add(text.text());
              }
            });
    return texts;
  }

  private static Handle handle(Scene scene, String id) {
    return scene.marks().stream()
        .filter(Handle.class::isInstance)
        .map(Handle.class::cast)
        .filter(handle -> handle.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void noDrawingOfAnyNailHoldsAnythingThatIsNoNumber(NailShape shape) {
    for (double width : new double[] {3, 11, 25}) {
      for (double arch : new double[] {0, width / 2 > 10 ? 10 : width / 2}) {
        for (double extension : new double[] {0, 0.3, 9, 40}) {
          Nail nail = nail(Finger.L2, width, 3, arch, -30, 20);
          SetPlan set = plan(shape, extension, List.of(nail), Adjustments.NONE);
          NailPlan plan = set.nails().get(0);
          TipFit fit = plan.fit().leadKit().orElseThrow().all().get(0);
          for (Scene scene :
              List.of(
                  TenDrawing.cell(plan, set.nails(), Seat.OPPOSITE),
                  TenDrawing.hands(set.nails(), Seat.CLIENT, Finger.L2),
                  FitDrawing.across(nail, fit),
                  FitDrawing.fromAbove(plan, fit),
                  ShapeDrawing.of(shape, nail),
                  SheetDrawing.of(plan),
                  NailDrawing.of(plan, NailDrawing.Shown.AT_WORK))) {
            assertThat(scene.svg() + scene.viewBox() + scene.description())
                .doesNotContain("NaN")
                .doesNotContain("Infinity");
            assertThat(scene.width()).isPositive();
            assertThat(scene.height()).isPositive();
          }
        }
      }
    }
  }

  @Test
  void coordinatesAreShortAndTextIsEscaped() {
    assertThat(Scene.number(0)).isEqualTo("0");
    assertThat(Scene.number(-0.001)).isEqualTo("0");
    assertThat(Scene.number(-1.5)).isEqualTo("-1.5");
    assertThat(Scene.number(12.049)).isEqualTo("12.05");
    assertThat(Scene.number(12.3456)).isEqualTo("12.35");
    Scene scene =
        new Scene.Builder(1)
            .text("note", 0, 0, "start", "a < b & \"c\"")
            .build(0, 0, 1, 1, "t", "d");
    assertThat(scene.svg()).contains("a &lt; b &amp; &quot;c&quot;");
  }

  @Test
  void theWorkbenchWritesThePlansFiguresOnTheDrawing() {
    NailPlan plan =
        plan(
                NailShape.SOFT_SQUARE,
                8,
                List.of(nail(Finger.R3, 11.5, 12, 2.1, 0, 0)),
                new Adjustments(
                    Map.of(Quantity.APEX_THICKNESS, 1.25, Quantity.EDGE_THICKNESS, 0.55),
                    Optional.empty(),
                    Optional.empty()))
            .nails()
            .get(0);
    assertThat(texts(NailDrawing.of(plan, NailDrawing.Shown.AT_WORK)))
        .contains("plate 12.0 mm", "extension 8.0 mm", "apex 1.25 mm", "0.55 mm", "11.5", "4.0 mm");
  }

  @Test
  void aHandleKnowsWhatAMillimetreMeans() {
    NailPlan plan = plan(NailShape.SOFT_SQUARE, 8, nail(Finger.R3, 11.5, 12, 2.1, 0, 0));
    Scene scene = NailDrawing.of(plan, NailDrawing.Shown.AT_WORK);
    Handle apex = handle(scene, "apex");
    Handle edge = handle(scene, "edge");
    double toEdge = plan.build().profile().length() - plan.build().profile().apexAt();
    double enlarged = (edge.x() - apex.x()) / toEdge;
    assertThat(enlarged).isGreaterThan(20);
    assertThat(apex.across().perMm()).isCloseTo(100 / 12.0 / enlarged, within(1e-9));
    assertThat(apex.upDown().perMm()).isCloseTo(-1 / enlarged, within(1e-9));
    assertThat(edge.across()).isNull();
    Handle barrel = handle(scene, "barrel");
    assertThat(barrel.upDown().quantity()).isEqualTo(Quantity.BARREL_DEPTH);
    assertThat(barrel.upDown().perMm()).isPositive();
    assertThat(
            NailDrawing.of(plan, new NailDrawing.Shown(false, false, java.util.Optional.empty(), 0))
                .marks())
        .noneMatch(Handle.class::isInstance);
  }

  @Test
  void anOverlayHasNoBarrelToPull() {
    NailPlan overlay = plan(NailShape.ROUND, 0, nail(Finger.R3, 11.5, 12, 2.1, 0, 0));
    Scene scene = NailDrawing.of(overlay, NailDrawing.Shown.AT_WORK);
    assertThat(scene.marks())
        .filteredOn(Handle.class::isInstance)
        .extracting(mark -> ((Handle) mark).id())
        .containsExactly("apex", "edge", "length", "side");
  }

  @Test
  void leftAndRightAreDrawnAsMirrorImages() {
    Nail right = nail(Finger.R4, 11, 12, 2, 0, 8);
    List<Point> one = NailFromAbove.upright(right, Seat.CLIENT, 0, 0).plate();
    List<Point> twin = NailFromAbove.upright(right.mirrored(), Seat.CLIENT, 0, 0).plate();
    for (int i = 0; i < one.size(); i++) {
      assertThat(twin.get(i).x()).isCloseTo(-one.get(i).x(), within(1e-9));
      assertThat(twin.get(i).y()).isCloseTo(one.get(i).y(), within(1e-9));
    }
  }

  @Test
  void fingertipsPointDownForTheTechnicianAndUpForTheClient() {
    Nail nail = nail(Finger.R3, 11, 12, 2, 0, 0);
    assertThat(NailFromAbove.upright(nail, Seat.OPPOSITE, 0, 0).at(5, 0).y())
        .isCloseTo(5, within(1e-9));
    assertThat(NailFromAbove.upright(nail, Seat.CLIENT, 0, 0).at(5, 0).y())
        .isCloseTo(-5, within(1e-9));
  }

  @Test
  void aLeaningPlateLeansToTheLittleFinger() {
    Nail leaning = nail(Finger.R4, 11, 12, 2, 0, 10);
    NailFromAbove view = NailFromAbove.upright(leaning, Seat.CLIENT, 0, 0);
    double middle = view.plate().stream().mapToDouble(Point::x).average().orElseThrow();
    // Tips up, a right hand's little finger is on the right; the cuticle lies away from it.
    assertThat(middle).isNegative();
  }

  @Test
  void theTenShareOneScale() {
    List<Nail> nails =
        Arrays.stream(Finger.values())
            .map(
                finger ->
                    nail(
                        finger,
                        finger.digit().usualWidth(),
                        finger.digit().usualPlateLength(),
                        2,
                        0,
                        0))
            .toList();
    SetPlan set = plan(NailShape.OVAL, 7, nails, Adjustments.NONE);
    List<String> boxes =
        set.nails().stream()
            .map(plan -> TenDrawing.cell(plan, set.nails(), Seat.OPPOSITE).viewBox())
            .distinct()
            .toList();
    assertThat(boxes).hasSize(1);
    assertThat(texts(TenDrawing.hands(set.nails(), Seat.OPPOSITE, Finger.L1)))
        .filteredOn("7.0"::equals)
        .hasSize(10);
  }

  @Test
  void theFitSaysOnTheDrawingWhatToFileOrWhatStaysBare() {
    Nail nail = nail(Finger.R3, 11.9, 12, 2.2, 0, 0);
    NailPlan plan = plan(NailShape.SQUARE, 6, nail);
    TipFit filed =
        plan.fit().leadKit().orElseThrow().all().stream()
            .filter(fit -> fit.verdict() == TipFit.Verdict.FILE)
            .findFirst()
            .orElseThrow();
    assertThat(texts(FitDrawing.across(nail, filed))).anyMatch(text -> text.startsWith("file 0."));
    TipFit small =
        plan.fit().leadKit().orElseThrow().all().stream()
            .filter(fit -> fit.verdict() == TipFit.Verdict.TOO_SMALL)
            .findFirst()
            .orElseThrow();
    assertThat(texts(FitDrawing.across(nail, small))).anyMatch(text -> text.endsWith("bare"));
    assertThat(FitDrawing.across(nail, small).svg()).contains("class=\"bare\"");
  }

  @Test
  void aStoppedFingerIsDrawnWithoutABuild() {
    Nail sore = new Nail(Finger.R3, 11, 12, 2, 0, 0, 0, 0, 1, PlateCondition.SOUND, SkinState.SORE);
    SetPlan set = plan(NailShape.OVAL, 7, List.of(sore), Adjustments.NONE);
    NailPlan plan = set.nails().get(0);
    assertThat(TenDrawing.cell(plan, set.nails(), Seat.OPPOSITE).svg()).doesNotContain("product");
    assertThat(SheetDrawing.of(plan).svg()).doesNotContain("product");
    assertThat(texts(TenDrawing.hands(set.nails(), Seat.OPPOSITE, Finger.R3))).contains("stop");
  }

  @Test
  void theSheetIsAtTrueSizeAndHoldsTheLongestNail() {
    NailPlan longest = plan(NailShape.STILETTO, 40, nail(Finger.R3, 12, 14, 2.2, 0, 0));
    Scene scene = SheetDrawing.of(longest);
    assertThat(scene.trueSize().get("width")).isEqualTo(Scene.number(scene.width()) + "mm");
    assertThat(scene.minX() + scene.width()).isGreaterThan(14 + longest.extension());
  }
}
