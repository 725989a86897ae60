package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ongle.core.Kits;
import ongle.core.Nails;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.FailureMode;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Growth;
import ongle.core.wear.PrepStep;
import ongle.core.wear.Wearing;
import org.junit.jupiter.api.Test;

/** What helps a nail that cannot hold, how schools compare, and what tells two nails apart. */
class RemedyTest {
  private static final TipKit KIT =
      new TipKit("one", "one", NailShape.SQUARE, List.of(new Tip("1", 12, 2.2, 6, 24, 0.5)));

  private static SetWish wish(Product product) {
    return new SetWish(
        NailShape.SOFT_SQUARE,
        new LengthWish(LengthWish.Mode.MILLIMETRES, 8),
        product,
        ApexSchool.THIRD,
        CrossThickness.SALON,
        Kits.fitting(KIT),
        Wearer.ORDINARY);
  }

  /** On a form, so that no tip helps. */
  private static Adjustments onForm(Map<Quantity, Double> values) {
    return new Adjustments(values, Optional.empty(), Optional.of(BuildWay.FORM));
  }

  private static SetPlan plan(SetWish wish, Map<Quantity, Double> byHand, Nail... nails) {
    return SetPlanner.plan(
        wish,
        List.of(nails).stream().map(nail -> new SetPlanner.Item(nail, onForm(byHand))).toList());
  }

  private static List<Remedy> remedies(SetPlan set) {
    return Remedy.of(set, only(set), Product.STANDARD);
  }

  private static NailPlan only(SetPlan plan) {
    return plan.nails().get(0);
  }

  @Test
  void aNailThatHoldsNeedsNoRemedy() {
    SetWish wish = wish(Product.ACRYLIC);
    assertThat(remedies(plan(wish, Map.of(), Nails.plain()))).isEmpty();
  }

  @Test
  void everyRemedyOfferedHoldsWhenDone() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set = plan(wish, Map.of(Quantity.EXTENSION, 17.0), Nails.plain());
    NailPlan plan = only(set);
    assertThat(plan.extension()).as("by hand is by hand").isEqualTo(17);
    assertThat(plan.endurance().holds()).isFalse();
    List<Remedy> remedies = remedies(set);
    assertThat(remedies).extracting(Remedy::changesWish).isSorted();
    assertThat(remedies)
        .extracting(remedy -> (Object) remedy.changes().get(0).getClass())
        .contains(Remedy.Shorten.class, Remedy.OtherProduct.class);
    for (Remedy remedy : remedies) {
      assertThat(done(wish, plan, remedy).endurance().holds())
          .as(remedy.changes().toString())
          .isTrue();
    }
  }

  @Test
  void theBarrelIsDeepenedAndTheInfillBroughtForwardNoMoreThanNeeded() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set = plan(wish, Map.of(Quantity.EXTENSION, 15.0), Nails.of(Finger.R3, 11, 12, 1.6));
    NailPlan plan = only(set);
    assertThat(plan.endurance().holds()).isFalse();
    for (Remedy remedy : remedies(set)) {
      Remedy.Change less =
          remedy.changes().get(0) instanceof Remedy.DeepenBarrel deepen
              ? new Remedy.DeepenBarrel(deepen.percent() - 1)
              : remedy.changes().get(0) instanceof Remedy.SoonerInfill sooner
                  ? new Remedy.SoonerInfill(sooner.days() + 1)
                  : null;
      if (less != null && remedy.changes().size() == 1) {
        Remedy tooLittle =
            new Remedy(
                List.of(less),
                0,
                true,
                remedy.apex(),
                remedy.build(),
                remedy.arches(),
                remedy.endurance());
        assertThat(done(wish, plan, tooLittle).endurance().holds()).as(less.toString()).isFalse();
      }
    }
  }

  /** The nail planned again with what a remedy asks. */
  private static NailPlan done(SetWish wish, NailPlan plan, Remedy remedy) {
    SetWish then = wish;
    Adjustments by = plan.item().adjustments();
    for (Remedy.Change change : remedy.changes()) {
      if (change instanceof Remedy.Shorten shorten) {
        by = by.with(Quantity.EXTENSION, shorten.extension());
      } else if (change instanceof Remedy.DeepenBarrel deepen) {
        by = by.with(Quantity.BARREL_DEPTH, deepen.percent());
      } else if (change instanceof Remedy.OtherProduct other) {
        then = then.with(other.product());
      } else if (change instanceof Remedy.SoonerInfill sooner) {
        then = then.with(then.wearing().withDays(sooner.days()));
      } else if (change instanceof Remedy.OtherShape other) {
        then = then.with(other.shape());
      } else if (change instanceof Remedy.PrepareFully) {
        then = then.with(then.wearing().fullyPrepared());
      } else if (change instanceof Remedy.Thicken) {
        by = by.without(Set.of(Quantity.APEX_THICKNESS));
      }
    }
    return only(
        SetPlanner.plan(
            then, List.of(new SetPlanner.Item(plan.item().nail(), by, plan.item().seen()))));
  }

  @Test
  void anApexSetTooThinIsThickenedFirst() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set = plan(wish, Map.of(Quantity.APEX_THICKNESS, 0.5), Nails.plain());
    assertThat(only(set).endurance().holds()).isFalse();
    List<Remedy> remedies = remedies(set);
    assertThat(remedies.get(0).changes().get(0)).isInstanceOf(Remedy.Thicken.class);
    // The others leave the thickness alone and still hold.
    for (Remedy remedy : remedies.subList(1, remedies.size())) {
      assertThat(remedy.thicknessToPlan()).isFalse();
      assertThat(done(wish, only(set), remedy).endurance().holds()).isTrue();
    }
  }

  @Test
  void skippedPreparationLiftsAndDoingItHelps() {
    SetWish careless =
        wish(Product.HARD_GEL).with(new Wearing(21, Set.of(PrepStep.values()), Growth.USUAL));
    SetPlan set = plan(careless, Map.of(Quantity.EXTENSION, 8.0), Nails.plain());
    NailPlan plan = only(set);
    assertThat(plan.endurance().governing().cause()).isEqualTo(FailureMode.LIFT);
    assertThat(remedies(set))
        .extracting(remedy -> (Object) remedy.changes().get(0).getClass())
        .contains(Remedy.PrepareFully.class);
  }

  @Test
  void theComputedSchoolTakesLeastProductOfThoseThatHold() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set = plan(wish, Map.of(Quantity.EXTENSION, 6.0), Nails.plain());
    List<Comparison> schools = Comparison.ofApex(set, only(set));
    assertThat(schools).hasSize(ApexSchool.values().length);
    assertThat(schools).filteredOn(Comparison::taken).hasSize(1);
    double min = schools.get(ApexSchool.COMPUTED.ordinal()).volume();
    assertThat(schools)
        .filteredOn(school -> school.apex().holds())
        .as("drawn towards a third, so by a little it may be more")
        .allMatch(school -> school.volume() >= 0.9 * min);
  }

  @Test
  void theRussianArchIsLiftedAndAllRoundIsStiffer() {
    SetWish wish = wish(Product.HARD_GEL);
    SetPlan set = plan(wish, Map.of(), Nails.plain());
    NailPlan plan = only(set);
    List<Comparison> arches = Comparison.ofArch(set, plan);
    assertThat(arches.get(UpperArch.RUSSIAN.ordinal()).arches().highestAt())
        .isGreaterThan(arches.get(UpperArch.CLASSIC.ordinal()).arches().highestAt());
    List<Comparison> across = Comparison.ofCrossThickness(set, plan);
    assertThat(across.get(CrossThickness.ALL_ROUND.ordinal()).volume())
        .isGreaterThan(across.get(CrossThickness.SALON.ordinal()).volume());
  }

  @Test
  void aNarrowerNeighbourNeedsMoreAndItsWidthIsNamed() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set =
        plan(
            wish,
            Map.of(Quantity.EXTENSION, 10.0),
            Nails.of(Finger.R2, 11.5, 12, 2.1),
            Nails.of(Finger.R3, 9.6, 12, 1.75));
    NailPlan wide = set.of(Finger.R2).orElseThrow();
    NailPlan narrow = set.of(Finger.R3).orElseThrow();
    Neighbour neighbour = Neighbour.of(set, narrow, wide);
    assertThat(neighbour.apexes()).isPositive();
    assertThat(neighbour.reasons().get(0).factor()).isEqualTo(Neighbour.Factor.WIDTH_AND_ARCH);
    assertThat(neighbour.reasons().get(0).share()).isCloseTo(neighbour.apexes(), within(0.15));
    assertThat(Neighbour.of(set, wide, wide).reasons()).isEmpty();
  }

  @Test
  void aStructureCarriedOverKeepsItsProportions() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set =
        plan(
            wish,
            Map.of(Quantity.EXTENSION, 6.0, Quantity.APEX_POSITION, 45.0),
            Nails.of(Finger.R2, 11.5, 12, 2.1),
            Nails.of(Finger.R3, 10.4, 13, 1.9));
    NailPlan from = set.of(Finger.R2).orElseThrow();
    NailPlan to = set.of(Finger.R3).orElseThrow();
    Map<Quantity, Double> carried = StructureCopy.inProportion(set, from, to);
    assertThat(carried.get(Quantity.APEX_POSITION)).isEqualTo(45);
    assertThat(carried.get(Quantity.BARREL_DEPTH))
        .isCloseTo(100 * from.build().barrelDepthRatio(), within(0.5));
    assertThat(carried.get(Quantity.APEX_THICKNESS))
        .isLessThanOrEqualTo(ApexSolver.THICKEST)
        .isCloseTo(to.advised().thickness(), within(0.05));
  }

  @Test
  void aShortenedNailIsAskedForItsWholeLength() {
    SetWish wish = wish(Product.SOAK_OFF_GEL);
    SetPlan set =
        SetPlanner.plan(
            new SetWish(
                wish.shape(),
                new LengthWish(LengthWish.Mode.MILLIMETRES, 20),
                wish.product(),
                wish.school(),
                wish.across(),
                wish.fitting(),
                wish.wearer()),
            List.of(new SetPlanner.Item(Nails.plain(), Adjustments.NONE)));
    NailPlan plan = only(set);
    assertThat(plan.length().shortenedByStrength()).isTrue();
    assertThat(plan.length().asked()).isEqualTo(20);
    assertThat(remedies(set))
        .filteredOn(remedy -> remedy.changes().size() == 1)
        .noneMatch(remedy -> remedy.changes().get(0) instanceof Remedy.Shorten)
        .allMatch(remedy -> remedy.extension() == 20);
  }
}
