package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Stock;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.nail.Finger;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.junit.jupiter.api.Test;

class PickingListTest {
  private static final Tip FITS = new Tip("6", 11.5, 2.1, 5, 24, 0.5);
  private static final Tip LARGER = new Tip("5", 12.1, 2.2, 5, 24, 0.5);

  private static TipKit kit(String code, Map<String, Integer> left, Tip... tips) {
    return new TipKit(code, code, NailShape.SQUARE, List.of(tips), new Stock(left));
  }

  private static SetPlan plan(Optional<String> lead, List<TipKit> kits, Adjustments... byHand) {
    List<Finger> fingers = List.of(Finger.L2, Finger.L3, Finger.R2);
    return SetPlanner.plan(
        new SetWish(
            NailShape.SQUARE,
            new LengthWish(LengthWish.Mode.MILLIMETRES, 6),
            Product.HARD_GEL,
            ApexSchool.THIRD,
            CrossThickness.SALON,
            new Fitting(kits, List.of(Kits.PAPER), Schools.USUAL, lead),
            Wearer.ORDINARY),
        java.util.stream.IntStream.range(0, 3)
            .mapToObj(
                i ->
                    new SetPlanner.Item(
                        Nails.of(fingers.get(i), 11.5, 12, 2.1),
                        byHand.length > i ? byHand[i] : Adjustments.NONE))
            .toList());
  }

  @Test
  void equalNumbersLieTogether() {
    PickingList list = PickingList.of(plan(Optional.empty(), List.of(kit("a", Map.of(), FITS))));
    assertThat(list.lines()).hasSize(1);
    assertThat(list.lines().get(0).pieces()).isEqualTo(3);
    assertThat(list.lines().get(0).left()).isEmpty();
  }

  @Test
  void whatDoesNotLastIsReplacedFromAnotherKitAsFarAsThatOneLasts() {
    TipKit lead = kit("lead", Map.of("6", 1), FITS);
    TipKit other = kit("other", Map.of("5", 1), LARGER);
    PickingList.Line line =
        PickingList.of(plan(Optional.of("lead"), List.of(lead, other))).lines().get(0);
    assertThat(line.pieces()).isEqualTo(1);
    assertThat(line.without()).extracting(PickingList.Instead::finger).hasSize(2);
    assertThat(line.without().get(0).tip().orElseThrow().kit()).isEqualTo(other);
    assertThat(line.without().get(1).tip()).isEmpty();
  }

  @Test
  void whatTheLeadingKitCannotDoComesFromAnother() {
    SetPlan plan =
        plan(
            Optional.of("small"),
            List.of(
                kit("small", Map.of(), new Tip("9", 8, 1.4, 5, 24, .5)),
                kit("right", Map.of(), FITS)));
    assertThat(plan.kits().lead().orElseThrow().code()).isEqualTo("small");
    assertThat(plan.nails().get(0).fit().tip().orElseThrow().kit().code()).isEqualTo("right");
  }

  @Test
  void theKitThatSuitsMostNailsLeadsUnlessTheTechnicianSaysOtherwise() {
    List<TipKit> kits = List.of(kit("filed", Map.of(), LARGER), kit("right", Map.of(), FITS));
    assertThat(plan(Optional.empty(), kits).kits().lead().orElseThrow().code()).isEqualTo("right");
    assertThat(plan(Optional.of("filed"), kits).kits().lead().orElseThrow().code())
        .isEqualTo("filed");
  }

  @Test
  void aNumberChosenByHandStandsAndOneOfAKitThatIsGoneDoesNot() {
    Adjustments chosen =
        new Adjustments(
            Map.of(), Optional.of(new TipNumber("filed", "5")), Optional.of(BuildWay.TIP));
    Adjustments gone =
        new Adjustments(Map.of(), Optional.of(new TipNumber("sold", "1")), Optional.empty());
    SetPlan plan =
        plan(
            Optional.of("right"),
            List.of(kit("filed", Map.of(), LARGER), kit("right", Map.of(), FITS)),
            chosen,
            gone);
    assertThat(plan.nails().get(0).fit().tip().orElseThrow().number()).isEqualTo("5");
    assertThat(plan.nails().get(1).fit().tip().orElseThrow().number()).isEqualTo("6");
  }

  @Test
  void withNothingAtHandEveryWayStillSaysWhy() {
    SetPlan plan =
        SetPlanner.plan(
            new SetWish(
                NailShape.SQUARE,
                new LengthWish(LengthWish.Mode.MILLIMETRES, 6),
                Product.HARD_GEL,
                ApexSchool.THIRD,
                CrossThickness.SALON,
                new Fitting(List.of(), List.of(), Schools.USUAL, Optional.empty()),
                Wearer.ORDINARY),
            List.of(new SetPlanner.Item(Nails.plain(), Adjustments.NONE)));
    assertThat(plan.nails().get(0).fit().ways().ranked())
        .allMatch(option -> !option.possible() && !option.reasons().isEmpty());
    assertThat(PickingList.of(plan).lines()).isEmpty();
  }

  @Test
  void aReusableFormGoesBackInTheBox() {
    assertThat(line(BuildWay.REUSABLE_FORM).usedUp()).isFalse();
    assertThat(line(BuildWay.FORM).usedUp()).isTrue();
    assertThat(line(BuildWay.TIP).usedUp()).isTrue();
  }

  private static PickingList.Line line(BuildWay way) {
    return new PickingList.Line(
        new PickingList.Item("kit", "1"),
        "kit",
        way,
        List.of(Finger.L2),
        OptionalInt.of(3),
        List.of());
  }
}
