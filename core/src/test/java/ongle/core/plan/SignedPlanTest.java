package ongle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Schools;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.LengthWish.Mode;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.FailureMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a technician would look for before signing a plan, over many hands. */
class SignedPlanTest {
  private static final List<Quantity> MEASURES =
      List.of(
          Quantity.WIDTH,
          Quantity.PLATE_LENGTH,
          Quantity.ARCH_DEPTH,
          Quantity.FREE_EDGE,
          Quantity.FREE_EDGE_DEPTH,
          Quantity.OVERHANG);

  private static final int HANDS = 120;

  static Stream<Hands> hands() {
    return LongStream.range(0, HANDS).mapToObj(Hands::of);
  }

  @ParameterizedTest
  @MethodSource("hands")
  void theTenLookAlike(Hands hands) {
    SetPlan plan = hands.plan();
    for (NailPlan one : plan.nails()) {
      double apex = one.build().profile().apexThickness();
      assertThat(apex)
          .as("no hump at the cuticle")
          .isLessThanOrEqualTo(ApexSolver.thickestAt(one.build().profile().apexAt()) + 1e-9);
      if (one.apexReason().by() == ApexReason.By.TWIN) {
        NailPlan twin = plan.of(one.apexReason().finger()).orElseThrow();
        assertThat(twin.apexReason().by())
            .as("what raised the twin is told of both")
            .isNotEqualTo(ApexReason.By.SET);
      }
      for (NailPlan other : plan.nails()) {
        double apart = Math.abs(one.extension() - other.extension());
        double theirs = other.build().profile().apexThickness();
        assertThat(apex).isGreaterThan(theirs * (0.80 - 0.10 * apart) - 1e-3);
        if (other.nail().finger() == one.nail().finger().twin()
            && other.fit().way() == one.fit().way()) {
          assertThat(apex).isGreaterThan(theirs * (1 - 0.3 * apart) - 1e-3);
        }
      }
    }
    for (Hand hand : Hand.values()) {
      NailPlan thumb = plan.of(Finger.of(hand, Digit.THUMB)).orElseThrow();
      for (NailPlan finger : plan.nails()) {
        if (finger.nail().finger().hand() == hand && finger.fit().way() == thumb.fit().way()) {
          double apart = Math.abs(thumb.extension() - finger.extension());
          assertThat(thumb.build().profile().apexThickness())
              .as("the thumb is the strongest")
              .isGreaterThan(
                  finger.build().profile().apexThickness() * (0.99 - 0.10 * apart) - 1e-3);
          assertThat(thumb.volumes().total())
              .as("the thumb takes most product")
              .isGreaterThanOrEqualTo(finger.volumes().total());
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("hands")
  void whatIsPlannedHoldsAndABittenNailAtLeastAFortnight(Hands hands) {
    Interval interval = hands.plan().interval();
    assertThat(interval.due().orElseThrow()).isPositive();
    if (!hands.bitten() || !hands.wish().product().equals(Product.SOAK_OFF_GEL)) {
      assertThat(interval.notAdvised()).isEmpty();
    }
  }

  /**
   * Where a soft product stands at its limit, an apex may follow a little further than a tenth; one
   * nail in two thousand does, none by more than a fifth.
   */
  @Test
  void aTenthOfAMillimetreNeverLeaps() {
    List<Double> apexes =
        LongStream.range(0, HANDS)
            .boxed()
            .flatMap(seed -> nudged(Hands.of(seed), seed.intValue()))
            .toList();
    assertThat(apexes).hasSize(HANDS * 10 * (MEASURES.size() + 1));
    assertThat(apexes).allMatch(apart -> apart < 0.2);
    assertThat(apexes.stream().filter(apart -> apart > 0.1).count())
        .isLessThanOrEqualTo(apexes.size() / 2000);
  }

  private static Stream<Double> nudged(Hands hands, int which) {
    SetPlan plan = hands.plan();
    List<Double> apexes = new ArrayList<>();
    for (int i = 0; i < MEASURES.size(); i++) {
      Quantity quantity = MEASURES.get(i);
      Finger finger = Finger.values()[(i * 3 + which) % 10];
      double by = i % 2 == 0 ? 0.1 : -0.1;
      apexes.addAll(calm(quantity, plan, hands.nudged(finger, quantity, by).plan()));
    }
    LengthWish length = hands.wish().length();
    SetWish longer =
        new SetWish(
            hands.wish().shape(),
            new LengthWish(length.mode(), length.value() + 0.1),
            hands.wish().product(),
            hands.wish().school(),
            hands.wish().across(),
            hands.wish().fitting(),
            hands.wish().wearer());
    apexes.addAll(calm(Quantity.EXTENSION, plan, SetPlanner.plan(longer, hands.items())));
    return apexes.stream();
  }

  /**
   * How far each apex moved, mm. An arch is a tenth of a width: a tenth of a millimetre of it is
   * much, and moves length most.
   */
  private static List<Double> calm(Quantity by, SetPlan before, SetPlan after) {
    double length = by == Quantity.ARCH_DEPTH ? 0.8 : 0.5;
    List<Double> apexes = new ArrayList<>();
    for (NailPlan was : before.nails()) {
      NailPlan is = after.of(was.nail().finger()).orElseThrow();
      String what = was.nail().finger() + " by " + by;
      apexes.add(
          Math.abs(is.build().profile().apexThickness() - was.build().profile().apexThickness()));
      assertThat(is.extension()).as(what).isCloseTo(was.extension(), within(length));
      // Tip or form is a choice between two: product differs with it by what the tip displaces.
      if (is.fit().way() == was.fit().way()) {
        assertThat(is.volumes().total() / was.volumes().total()).as(what).isCloseTo(1, within(0.1));
      }
    }
    return apexes;
  }

  @ParameterizedTest
  @MethodSource("hands")
  void twinsThatHardlyDifferGetTheSameWayKitAndApex(Hands hands) {
    List<SetPlanner.Item> twins =
        hands.items().stream()
            .map(
                item -> {
                  Nail left = hands.items().get(item.nail().finger().digit().ordinal()).nail();
                  return item.nail().finger().hand() == Hand.LEFT
                      ? item
                      : Hands.item(
                          new Nail(
                              item.nail().finger(),
                              left.width() + 0.2,
                              left.plateLength() - 0.2,
                              left.archDepth() + 0.1,
                              left.freeEdge(),
                              left.freeEdgeDepth(),
                              left.growthPitch(),
                              left.lean(),
                              left.overhang(),
                              left.condition(),
                              left.skin()));
                })
            .toList();
    SetPlan plan = SetPlanner.plan(hands.wish(), twins);
    for (Finger finger : Finger.of(Hand.LEFT)) {
      NailPlan left = plan.of(finger).orElseThrow();
      NailPlan right = plan.of(finger.twin()).orElseThrow();
      assertThat(right.fit().way()).isEqualTo(left.fit().way());
      assertThat(right.fit().tip().map(pick -> pick.kit().code()))
          .isEqualTo(left.fit().tip().map(pick -> pick.kit().code()));
      assertThat(right.extension()).isCloseTo(left.extension(), within(1e-9));
      assertThat(right.build().profile().apexThickness())
          .isCloseTo(left.build().profile().apexThickness(), within(0.01));
    }
  }

  @ParameterizedTest
  @EnumSource(Digit.class)
  void coveringABittenFingertipHoldsAFortnightInEveryFirmProduct(Digit digit) {
    for (Product product :
        List.of(Product.ACRYLIC, Product.HARD_GEL, Product.POLY_GEL, Product.SOLID_GEL)) {
      for (double size : new double[] {0.87, 0.97, 1.08}) {
        for (double share : new double[] {0.65, 0.72, 0.80}) {
          for (double overhang : new double[] {2, 2.7, 3.2}) {
            double width = Math.max(7.5, Math.min(14, size * digit.usualWidth()));
            Nail nail =
                new Nail(
                    Finger.of(Hand.LEFT, digit),
                    width,
                    share * width,
                    0.18 * width,
                    0,
                    1,
                    0,
                    0,
                    overhang,
                    PlateCondition.BITTEN,
                    SkinState.INTACT);
            SetPlan plan =
                SetPlanner.plan(
                    Hands.wish(
                        NailShape.ROUND,
                        new LengthWish(Mode.COVER_FINGERTIP, 0.5),
                        product,
                        Schools.USUAL),
                    List.of(Hands.item(nail)));
            assertThat(plan.interval().notAdvised()).as(product.code() + " " + nail).isEmpty();
            assertThat(plan.nails().get(0).build().profile().apexThickness())
                .as("no hump on so short a plate")
                .isLessThan(1.0);
          }
        }
      }
    }
  }

  @Test
  void severalFindingsOnOnePlateGiveTheLeastOfEach() {
    PlateCondition both = PlateCondition.of(PlateFinding.BITTEN, PlateFinding.THIN);
    assertThat(both.thickness()).isEqualTo(0.28);
    assertThat(both.allowedBedPull()).isEqualTo(0.30);
    assertThat(both.delicate()).isTrue();
    assertThat(both.findings()).hasSize(2);
    assertThat(PlateCondition.SOUND.sound()).isTrue();
  }

  @Test
  void anOverlayKeepsThePlatesOwnCurveAndHasNoBarrelToSqueeze() {
    Nail grown =
        new Nail(
            Finger.R3, 11.5, 12, 2.1, 6, 1.5, -6, 0, 1.5, PlateCondition.SOUND, SkinState.INTACT);
    NailPlan plan =
        SetPlanner.plan(
                Hands.wish(
                    NailShape.OVAL,
                    new LengthWish(Mode.SHORTENED, 4),
                    Product.SOAK_OFF_GEL,
                    Schools.USUAL),
                List.of(Hands.item(grown)))
            .nails()
            .get(0);
    assertThat(plan.fit().way()).isEqualTo(BuildWay.OVERLAY);
    assertThat(plan.extension()).isEqualTo(4);
    assertThat(plan.shortenedBy()).isEqualTo(2);
    assertThat(plan.build().profile().edgeThickness()).isEqualTo(0.3);
    assertThat(plan.build().profile().apexThickness()).isEqualTo(0.5);
    assertThat(plan.build().barrelDepthRatio()).isEqualTo(grown.crossCurve().depthRatio());
    assertThat(plan.arches().formTilt()).as("runs on with the plate").isEqualTo(-6);
    assertThat(plan.pinch()).isEmpty();
    assertThat(plan.readsAsShape()).isTrue();
  }

  @Test
  void underALevellingBaseANailIsNotCutUnasked() {
    Nail grown =
        new Nail(
            Finger.R3,
            11.5,
            12,
            2.1,
            9,
            1.5,
            -6,
            0,
            1.5,
            PlateCondition.of(PlateFinding.THIN),
            SkinState.INTACT);
    SetPlan plan =
        SetPlanner.plan(
            Hands.wish(
                NailShape.OVAL,
                new LengthWish(Mode.AS_GROWN, 0),
                Product.LEVELLING_BASE,
                Schools.USUAL),
            List.of(Hands.item(grown)));
    NailPlan one = plan.nails().get(0);
    assertThat(one.extension()).isEqualTo(9);
    assertThat(one.build().profile().apexThickness()).isEqualTo(0.3);
    assertThat(one.endurance().holds()).isFalse();
    assertThat(Remedy.of(plan, one, List.of(Product.HARD_GEL)))
        .flatExtracting(Remedy::changes)
        .anyMatch(change -> change instanceof Remedy.Shorten);
  }

  @Test
  void aLongNaturalNailIsShortenedUnderAnExtensionAndASplitOneToTheSkin() {
    for (PlateCondition condition :
        List.of(PlateCondition.SOUND, PlateCondition.of(PlateFinding.SPLIT))) {
      Nail grown =
          new Nail(Finger.R3, 11.5, 12, 2.1, 4, 1.5, 0, 0, 1.5, condition, SkinState.INTACT);
      NailPlan plan =
          SetPlanner.plan(
                  Hands.wish(
                      NailShape.SQUARE,
                      new LengthWish(Mode.MILLIMETRES, 9),
                      Product.HARD_GEL,
                      Schools.USUAL),
                  List.of(Hands.item(grown)))
              .nails()
              .get(0);
      assertThat(plan.nail().freeEdge()).isEqualTo(condition.sound() ? 1.0 : 0.0);
    }
  }

  @Test
  void aCappedFingerDoesNotStandOutFromItsHand() {
    List<SetPlanner.Item> ten =
        Stream.of(Finger.values())
            .map(
                finger ->
                    Hands.item(
                        new Nail(
                            finger,
                            finger.digit().usualWidth(),
                            finger == Finger.R3 ? 6.5 : finger.digit().usualPlateLength(),
                            finger.digit().usualWidth() * 0.18,
                            0.5,
                            1,
                            0,
                            0,
                            1.5,
                            PlateCondition.SOUND,
                            SkinState.INTACT)))
            .toList();
    SetPlan plan =
        SetPlanner.plan(
            Hands.wish(
                NailShape.BALLERINA,
                new LengthWish(Mode.MILLIMETRES, 14),
                Product.HARD_GEL,
                Schools.USUAL),
            ten);
    double middle = plan.of(Finger.R3).orElseThrow().extension();
    assertThat(middle).isLessThan(11);
    for (Finger beside : List.of(Finger.R2, Finger.R4)) {
      FingerLength length = plan.of(beside).orElseThrow().length();
      assertThat(length.built()).isLessThanOrEqualTo(middle + LengthPlanner.STANDS_OUT + 1e-9);
      assertThat(length.setBy()).isIn(Finger.R3, Finger.L3, beside);
    }
    assertThat(plan.of(Finger.L3).orElseThrow().extension()).isEqualTo(middle);
  }

  @ParameterizedTest
  @MethodSource("hands")
  void strongerProductAndThickerPlateNeverShortenTheAdvice(Hands hands) {
    NailPlan nail = hands.plan().nails().get(1);
    Product own = hands.wish().product();
    Product stronger =
        new Product(
            "stronger",
            "stronger",
            own.modulus(),
            own.strength() * 1.15,
            own.density(),
            own.shrinkage(),
            own.levelling(),
            own.standsFree(),
            own.handling(),
            own.soaksOff(),
            own.light(),
            "test");
    double advised = nail.length().advisable();
    assertThat(advisable(hands.wish().with(stronger), nail.item()))
        .isGreaterThanOrEqualTo(advised - 0.11);
    Nail thin = with(nail.item().nail(), PlateCondition.THIN);
    Nail sound = with(nail.item().nail(), PlateCondition.SOUND);
    assertThat(advisable(hands.wish(), Hands.item(sound)))
        .isGreaterThanOrEqualTo(advisable(hands.wish(), Hands.item(thin)) - 0.11);
    double own30 = barrelled(hands.wish(), nail.item(), 30);
    assertThat(barrelled(hands.wish(), nail.item(), 36)).isGreaterThanOrEqualTo(own30 - 0.11);
  }

  private static double advisable(SetWish wish, SetPlanner.Item item) {
    return SetPlanner.plan(wish, List.of(item)).nails().get(0).length().advisable();
  }

  private static double barrelled(SetWish wish, SetPlanner.Item item, double percent) {
    return advisable(
        wish,
        new SetPlanner.Item(
            item.nail(),
            new Adjustments(
                Map.of(Quantity.BARREL_DEPTH, percent), Optional.empty(), Optional.empty()),
            item.seen()));
  }

  private static Nail with(Nail nail, PlateCondition condition) {
    return new Nail(
        nail.finger(),
        nail.width(),
        nail.plateLength(),
        nail.archDepth(),
        nail.freeEdge(),
        nail.freeEdgeDepth(),
        nail.growthPitch(),
        nail.lean(),
        nail.overhang(),
        condition,
        nail.skin());
  }

  @Test
  void preparationLeftOutIsSeenInTheMarginAndTheRemedyNamesIt() {
    Hands hands = Hands.of(3);
    SetPlan full = hands.plan();
    SetPlan careless =
        SetPlanner.plan(
            hands
                .wish()
                .with(
                    new ongle.core.wear.Wearing(
                        21,
                        java.util.Set.of(ongle.core.wear.PrepStep.values()),
                        ongle.core.wear.Growth.USUAL)),
            hands.items());
    for (NailPlan nail : full.nails()) {
      double lift = nail.endurance().of(FailureMode.LIFT).value();
      NailPlan then = careless.of(nail.nail().finger()).orElseThrow();
      if (then.extension() == nail.extension()) {
        assertThat(then.endurance().of(FailureMode.LIFT).value()).isLessThan(0.2 * lift);
      }
      assertThat(then.extension()).isLessThanOrEqualTo(nail.extension());
    }
  }

  @Test
  void whatIsSetByHandStandsAndPullsNobody() {
    Hands hands = Hands.of(5);
    SetPlan before = hands.plan();
    List<SetPlanner.Item> items =
        hands.items().stream()
            .map(
                item ->
                    item.nail().finger() == Finger.L2
                        ? new SetPlanner.Item(
                            item.nail(),
                            Adjustments.NONE.with(Quantity.APEX_THICKNESS, 2.6),
                            item.seen())
                        : item)
            .toList();
    SetPlan after = SetPlanner.plan(hands.wish(), items);
    NailPlan own = after.of(Finger.L2).orElseThrow();
    assertThat(own.build().profile().apexThickness()).isEqualTo(2.6);
    assertThat(own.apexReason().by()).isEqualTo(ApexReason.By.BY_HAND);
    for (NailPlan other : before.nails()) {
      if (other.nail().finger() != Finger.L2) {
        assertThat(after.of(other.nail().finger()).orElseThrow().advised().thickness())
            .isLessThanOrEqualTo(other.advised().thickness() + 1e-9);
      }
    }
  }
}
