package ongle.app.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.app.drawing.NailDrawing;
import ongle.app.drawing.OutlookDrawing;
import ongle.app.drawing.PinchDrawing;
import ongle.app.drawing.Scene;
import ongle.app.drawing.TenDrawing;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Neighbour;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.wear.Outlook;
import org.junit.jupiter.api.Test;

/** What the workbench says and draws about a nail. */
class FindingsTest {
  private static final SetWish WISH =
      new SetWish(
          NailShape.ALMOND,
          new LengthWish(LengthWish.Mode.MILLIMETRES, 8),
          Product.SOAK_OFF_GEL,
          ApexSchool.THIRD,
          CrossThickness.SALON,
          new Fitting(List.of(), List.of(), Schools.USUAL, Optional.empty()),
          Wearer.ORDINARY);

  private static Nail nail(Finger finger, double width, double length, PlateCondition condition) {
    return new Nail(
        finger, width, length, 0.18 * width, 0.4, 1.2, 0, 0, 2, condition, SkinState.INTACT);
  }

  private static SetPlan plan(Map<Quantity, Double> byHand, Nail... nails) {
    Adjustments by = new Adjustments(byHand, Optional.empty(), Optional.of(BuildWay.FORM));
    return SetPlanner.plan(
        WISH, Stream.of(nails).map(nail -> new SetPlanner.Item(nail, by)).toList());
  }

  private static Findings of(SetPlan plan) {
    return Findings.of(plan.nails().get(0), List.of());
  }

  private static Findings of(Map<Quantity, Double> byHand) {
    return of(plan(byHand, nail(Finger.R3, 11.5, 12.5, PlateCondition.SOUND)));
  }

  @Test
  void whatHoldsSaysHowLongAndWhatWouldGiveFirst() {
    Findings findings = of(Map.of());
    assertThat(findings.level()).isEqualTo("holds");
    assertThat(findings.verdict()).startsWith("Holds 21 days. Weakest point: ");
    assertThat(findings.why().get(0)).contains("mm");
    assertThat(findings.figures())
        .extracting(Findings.Figure::name)
        .contains("Against cracking", "For the nail bed", "Against lifting", "Growth");
  }

  @Test
  void everyFaultOfTheHandIsNamed() {
    assertThat(of(Map.of(Quantity.APEX_THICKNESS, 0.4)).notes().toString()).contains("Too thin");
    assertThat(of(Map.of(Quantity.APEX_THICKNESS, 2.2)).notes().toString())
        .contains("Thicker than it needs to be");
    assertThat(of(Map.of(Quantity.EDGE_THICKNESS, 1.4, Quantity.APEX_THICKNESS, 1.2)).notes())
        .anyMatch(note -> note.contains("a beak"));
    assertThat(of(Map.of(Quantity.EDGE_THICKNESS, 0.95, Quantity.APEX_THICKNESS, 1.6)).notes())
        .anyMatch(note -> note.contains("Thick edge"));
    assertThat(of(Map.of(Quantity.APEX_POSITION, 95.0)).notes())
        .anyMatch(note -> note.contains("too far forward for 21 days"));
    assertThat(of(Map.of(Quantity.BARREL_DEPTH, 5.0)).notes())
        .anyMatch(note -> note.contains("Flatter at the tip than the plate"));
    assertThat(of(Map.of(Quantity.EXTENSION, 1.0)).notes())
        .anyMatch(note -> note.contains("Too short to read as almond"));
  }

  @Test
  void aNailThatCannotHoldSaysFromWhenAndWhat() {
    Findings findings = of(Map.of(Quantity.EXTENSION, 22.0));
    assertThat(findings.level()).isEqualTo("weak");
    assertThat(findings.verdict()).startsWith("Not advised as planned").contains("Weakest point");
    assertThat(findings.why()).anyMatch(why -> why.contains("only be a hump"));
  }

  @Test
  void aBittenNailThatHoldsLessLongIsGivenItsIntervalAndIsNotCondemned() {
    Nail small =
        new Nail(
            Finger.R2, 9.6, 6.2, 1.7, 0, 1, 0, 0, 3.2, PlateCondition.BITTEN, SkinState.INTACT);
    SetPlan plan = plan(Map.of(), small);
    Findings findings = of(plan);
    assertThat(findings.level()).isEqualTo("shorter");
    assertThat(findings.verdict()).matches("Holds 1[4-9] of 21 days: infill then\\. .*");
    assertThat(findings.notes()).anyMatch(note -> note.contains("least a bitten nail"));
    assertThat(plan.interval().due().orElseThrow()).isBetween(14, 20);
  }

  @Test
  void aBarrelTooFlatForItsLengthIsToBeDeepened() {
    Map<Quantity, Double> flat = Map.of(Quantity.EXTENSION, 15.0, Quantity.BARREL_DEPTH, 4.0);
    SetPlan plan = plan(flat, nail(Finger.R3, 14, 14, PlateCondition.SOUND));
    assertThat(of(plan).level()).isEqualTo("weak");
    assertThat(Remedy.of(plan, plan.nails().get(0), Product.STANDARD))
        .extracting(StructureWords::remedy)
        .anyMatch(words -> words.matches("Deepen its C-curve to \\d+ %"));
  }

  @Test
  void theNeighboursThicknessIsExplained() {
    SetPlan plan =
        plan(
            Map.of(Quantity.EXTENSION, 11.0),
            nail(Finger.R3, 9.8, 12.5, PlateCondition.SOUND),
            nail(Finger.R2, 12.2, 12.5, PlateCondition.SOUND));
    Neighbour neighbour =
        Neighbour.of(plan, plan.of(Finger.R3).orElseThrow(), plan.of(Finger.R2).orElseThrow());
    assertThat(Findings.of(plan.of(Finger.R3).orElseThrow(), List.of(neighbour)).why())
        .anyMatch(
            why -> why.startsWith("The index beside it gets ") && why.contains("2.4 mm wider"));
  }

  @Test
  void aStoppedFingerIsOnlyCautioned() {
    Nail sore = new Nail(Finger.R3, 11, 12, 2, 0, 1, 0, 0, 2, PlateCondition.SOUND, SkinState.SORE);
    Findings findings = of(plan(Map.of(), sore));
    assertThat(findings.verdict()).isEqualTo("Do not build on this finger");
    assertThat(findings.figures()).isEmpty();
  }

  @Test
  void loadLightGhostAndGrowthAreDrawn() {
    SetPlan plan = plan(Map.of(), nail(Finger.R3, 11.5, 12.5, PlateCondition.SOUND));
    SetPlan longer =
        plan(Map.of(Quantity.EXTENSION, 11.0), nail(Finger.R3, 11.5, 12.5, PlateCondition.SOUND));
    var nail = plan.nails().get(0);
    var ghost =
        new NailDrawing.Ghost(
            "longer", longer.nails().get(0).build(), longer.nails().get(0).arches());
    String svg =
        NailDrawing.of(nail, new NailDrawing.Shown(true, true, Optional.of(ghost), 0)).svg();
    assertThat(svg).contains("\"ghost\"", "\"light\"", "load room-", "gives-first");
    String grown =
        NailDrawing.of(nail, new NailDrawing.Shown(false, false, Optional.empty(), 2.5)).svg();
    assertThat(grown).contains("gap 2.5 mm", "lever 10.5 mm").doesNotContain("handle");
    assertThat(svg + grown).doesNotContain("NaN");
  }

  @Test
  void theOtherDrawingsSayWhatTheyShowInWords() {
    SetPlan plan = plan(Map.of(), nail(Finger.R3, 11.5, 12.5, PlateCondition.SOUND));
    var nail = plan.nails().get(0);
    Outlook outlook = nail.outlook();
    Scene graph = OutlookDrawing.of(Finger.R3, outlook, 21, 14);
    assertThat(graph.description()).contains("due on day " + outlook.due().day());
    assertThat(PinchDrawing.of(nail).description()).contains("wide", "deep");
    assertThat(PinchDrawing.guide(nail).svg()).contains("R ").doesNotContain("NaN");
    Scene ten = TenDrawing.margins(plan, Seat.OPPOSITE, Finger.R3);
    assertThat(ten.svg()).contains("weakest", "load room-");
  }
}
