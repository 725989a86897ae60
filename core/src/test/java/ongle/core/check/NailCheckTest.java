package ongle.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.core.check.BuiltNails.Made;
import ongle.core.check.Fault.Kind;
import ongle.core.nail.Finger;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.Quantity;
import ongle.core.plan.Hands;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlan;
import ongle.core.shape.NailShape;
import ongle.core.structure.FailureMode;
import ongle.core.structure.TipUnder;
import org.junit.jupiter.api.Test;

/** What is found on built nails whose faults are known. */
class NailCheckTest {
  private static final int NAILS = 500;
  private static final double AT_LEAST = 0.95;

  private static final List<Kind> KINDS =
      List.of(
          Kind.TOO_LONG,
          Kind.LEANS_LEFT,
          Kind.LEANS_RIGHT,
          Kind.LEFT_SIDE_IN,
          Kind.RIGHT_SIDE_IN,
          Kind.APEX_FORWARD,
          Kind.BEAK,
          Kind.BARREL_FLAT,
          Kind.EDGE_THICK,
          Kind.STRESS_THIN,
          Kind.LEFT_EDGE_THICKER,
          Kind.RIGHT_EDGE_THICKER);

  /** Faults that are one and the same place in opposite directions. */
  private static boolean together(Kind one, Kind other) {
    return one != other
        && !Set.of(one, other).equals(Set.of(Kind.BEAK, Kind.EDGE_THICK))
        && !Set.of(one, other).equals(Set.of(Kind.LEANS_LEFT, Kind.LEANS_RIGHT))
        && !Set.of(one, other).equals(Set.of(Kind.LEFT_EDGE_THICKER, Kind.RIGHT_EDGE_THICKER))
        && !Set.of(one, other).equals(Set.of(Kind.APEX_FORWARD, Kind.STRESS_THIN))
        && !Set.of(one, other).equals(Set.of(Kind.EDGE_THICK, Kind.STRESS_THIN))
        && !Set.of(one, other).equals(Set.of(Kind.BEAK, Kind.STRESS_THIN));
  }

  private static List<NailPlan> nails() {
    List<NailPlan> nails = new ArrayList<>();
    for (int seed = 0; nails.size() < NAILS; seed++) {
      Hands.of(seed).plan().built().stream()
          .filter(plan -> plan.extension() > 2.5 && !plan.build().profile().beak())
          .forEach(nails::add);
    }
    return nails.subList(0, NAILS);
  }

  private static NailCheck check(NailPlan plan, Set<Made> made, Random random) {
    return NailCheck.of(
        new AsBuilt(plan, BuiltNails.measured(plan, made, random)), Map.of(), Tolerances.USUAL);
  }

  private static boolean found(NailCheck check, Made made) {
    return check.faults().stream()
        .anyMatch(
            fault ->
                fault.kind() == made.kind()
                    && Math.abs(fault.by() - made.by()) <= near(made.kind()));
  }

  /** How near its size has to be told: what hands and calliper are off themselves, three times. */
  private static double near(Kind kind) {
    return switch (kind) {
      case LEANS_LEFT, LEANS_RIGHT -> 1.8;
      case APEX_FORWARD -> 0.6;
      case BARREL_FLAT -> 2.5;
      case TOO_LONG -> 0.25;
      default -> 0.15;
    };
  }

  @Test
  void faultsAreFoundAndNamedAloneAndTwoTogether() {
    Random random = new Random(11);
    List<String> missed = new ArrayList<>();
    int looked = 0;
    for (NailPlan plan : nails()) {
      Set<Made> made = new HashSet<>();
      Kind one = KINDS.get(random.nextInt(KINDS.size()));
      made.add(BuiltNails.fault(plan, one, random));
      Kind other = KINDS.get(random.nextInt(KINDS.size()));
      if (random.nextBoolean() && together(one, other)) {
        made.add(BuiltNails.fault(plan, other, random));
      }
      NailCheck check = check(plan, made, random);
      looked++;
      if (!made.stream().allMatch(fault -> found(check, fault))) {
        missed.add(made + " as " + check.faults());
      }
      assertThat(check.verdict()).as(missed.toString()).isNotEqualTo(NailCheck.Verdict.UNSEEN);
    }
    assertThat(missed).hasSizeLessThan((int) ((1 - AT_LEAST) * looked));
  }

  @Test
  void soundNailsAreLeftAlone() {
    Random random = new Random(12);
    List<List<Fault>> blamed =
        nails().stream()
            .map(plan -> check(plan, Set.of(), random))
            .filter(check -> check.verdict() != NailCheck.Verdict.LEAVE)
            .map(NailCheck::faults)
            .toList();
    assertThat(blamed).hasSizeLessThan((int) ((1 - AT_LEAST) * NAILS));
  }

  @Test
  void whatWasNotMeasuredIsAsPlannedAndSaysNothing() {
    NailPlan plan = nails().get(0);
    NailCheck unseen = NailCheck.of(new AsBuilt(plan, Map.of()), Map.of(), Tolerances.USUAL);
    assertThat(unseen.verdict()).isEqualTo(NailCheck.Verdict.UNSEEN);
    AsBuilt built = new AsBuilt(plan, Map.of(Quantity.BUILT_LENGTH, plan.extension()));
    assertThat(built.build()).isEqualTo(plan.build());
    assertThat(NailCheck.of(built, Map.of(), Tolerances.USUAL).verdict())
        .isEqualTo(NailCheck.Verdict.LEAVE);
  }

  @Test
  void nothingIsFiledBelowWhatTheNailMustCarry() {
    int held = 0;
    for (NailPlan plan : nails()) {
      double apex = plan.build().profile().apexThickness();
      NailCheck check =
          NailCheck.of(
              new AsBuilt(
                  plan,
                  Map.of(
                      Quantity.BUILT_APEX,
                      apex + 0.4,
                      Quantity.BUILT_LENGTH,
                      plan.extension() + 0.9)),
              Map.of(),
              Tolerances.USUAL);
      for (Fault fault : check.faults()) {
        if (fault.kind() == Kind.APEX_HIGH && check.endurance().holds()) {
          assertThat(fault.may()).isBetween(0.0, fault.by());
          AsBuilt filed = check.built().with(Quantity.BUILT_APEX, apex + 0.4 - fault.may());
          assertThat(NailCheck.of(filed, Map.of(), Tolerances.USUAL).endurance().holds()).isTrue();
          held += fault.held() ? 1 : 0;
        }
      }
    }
    assertThat(held).isPositive();
  }

  @Test
  void twinsAreComparedAndTheTenAreGoodWhenAllAre() {
    SetPlan plan = Hands.of(3).plan();
    Map<Finger, Map<Quantity, Double>> measured = new EnumMap<>(Finger.class);
    plan.built()
        .forEach(
            nail ->
                measured.put(
                    nail.nail().finger(), Map.of(Quantity.BUILT_LENGTH, nail.extension())));
    SetCheck check = SetCheck.of(plan, measured, Map.of(), Tolerances.USUAL);
    assertThat(check.good()).isTrue();
    assertThat(check.outOfTheTen()).isEmpty();

    Finger finger = plan.built().get(0).nail().finger();
    double planned = plan.of(finger).orElseThrow().extension();
    measured.put(finger, Map.of(Quantity.BUILT_LENGTH, planned + 0.2));
    measured.put(
        finger.twin(),
        Map.of(Quantity.BUILT_LENGTH, plan.of(finger.twin()).orElseThrow().extension() - 0.2));
    SetCheck apart = SetCheck.of(plan, measured, Map.of(), Tolerances.USUAL);
    assertThat(apart.of(finger).orElseThrow().faults())
        .singleElement()
        .satisfies(
            fault -> {
              assertThat(fault.kind()).isEqualTo(Kind.LONGER_THAN_TWIN);
              assertThat(fault.by()).isCloseTo(0.4, within(1e-6));
            });
    assertThat(apart.outOfTheTen()).contains(finger);
    assertThat(apart.good()).isFalse();
  }

  @Test
  void whatWasNotMeasuredHasToBeLookedAtAllRound() {
    SetPlan plan = Hands.of(3).plan();
    SetCheck check = SetCheck.of(plan, Map.of(), Map.of(), Tolerances.USUAL);
    assertThat(check.good()).isFalse();
    Map<Finger, Map<Look, Look.Found>> found = new EnumMap<>(Finger.class);
    for (Finger finger : check.nails().keySet()) {
      Map<Look, Look.Found> of = new EnumMap<>(Look.class);
      Look.of(plan.wish().shape()).forEach(look -> of.put(look, Look.Found.PASS));
      found.put(finger, of);
    }
    assertThat(SetCheck.of(plan, Map.of(), found, Tolerances.USUAL).good()).isTrue();
    Finger first = found.keySet().iterator().next();
    found.get(first).put(Look.APEX, Look.Found.FILE);
    SetCheck filed = SetCheck.of(plan, Map.of(), found, Tolerances.USUAL);
    assertThat(filed.good()).isFalse();
    assertThat(filed.of(first).orElseThrow().verdict()).isEqualTo(NailCheck.Verdict.FILE);
    assertThat(filed.outOfTheTen()).hasValue(first);
    assertThat(Look.of(NailShape.SQUARE)).contains(Look.CORNERS);
    assertThat(Look.of(NailShape.STILETTO)).doesNotContain(Look.CORNERS);
  }

  private static NailCheck measured(NailPlan plan, Map<Quantity, Double> measured) {
    return NailCheck.of(new AsBuilt(plan, measured), Map.of(), Tolerances.USUAL);
  }

  @Test
  void surplusAndLackAreToldByZoneAndSide() {
    NailPlan plan = nails().get(0);
    double apex = plan.build().profile().apexThickness();
    NailCheck thick = measured(plan, Map.of(Quantity.BUILT_APEX, apex + 0.3));
    assertThat(thick.net(Surplus.Zone.BODY, true)).isPositive();
    assertThat(thick.surplus()).allSatisfy(each -> assertThat(each.lacking()).isLessThan(0.01));
    NailCheck thin = measured(plan, Map.of(Quantity.BUILT_APEX, Math.max(0.3, apex - 0.3)));
    assertThat(thin.net(Surplus.Zone.BODY, false)).isNegative();
    assertThat(thin.verdict()).isEqualTo(NailCheck.Verdict.ADD);
    assertThat(thin.faults().stream().map(Fault::kind).collect(Collectors.toSet()))
        .contains(Kind.APEX_LOW);
    double side = AsBuilt.planned(plan, Quantity.BUILT_SIDE_LEFT);
    NailCheck in = measured(plan, Map.of(Quantity.BUILT_SIDE_LEFT, side - 0.5));
    assertThat(in.net(Surplus.Zone.EXTENSION, true)).isLessThan(-0.3);
    assertThat(in.net(Surplus.Zone.EXTENSION, false)).isCloseTo(0, within(1e-9));
    // A narrower nail carries less, and its margins say so.
    assertThat(in.endurance().of(FailureMode.CRACK).ofAim())
        .isLessThan(
            measured(plan, Map.of(Quantity.BUILT_APEX, apex))
                .endurance()
                .of(FailureMode.CRACK)
                .ofAim());
  }

  @Test
  void theBodyOfTheProductIsThePlans() {
    for (NailPlan plan : nails().subList(0, 40)) {
      Body body = new Body(plan, Map.of());
      double volume = 0;
      double length = plan.build().profile().length();
      for (int i = 0; i < 200; i++) {
        double x = (i + 0.5) * length / 200;
        volume += (body.area(x, true) + body.area(x, false)) * length / 200;
      }
      // Its sidewalls are filed flush, where the plan's stand square on the curve; tips lie under
      // it.
      double product = plan.build().volumes().total();
      if (plan.build().tip().equals(TipUnder.NONE)) {
        assertThat(volume).isBetween(0.88 * product, 1.05 * product);
      }
      assertThat(body.measure(Quantity.BUILT_STRESS))
          .isCloseTo(AsBuilt.planned(plan, Quantity.BUILT_STRESS), within(1e-9));
    }
  }

  @Test
  void aSalonsOwnTolerancesDecide() {
    NailPlan plan = nails().get(0);
    AsBuilt longer = new AsBuilt(plan, Map.of(Quantity.BUILT_LENGTH, plan.extension() + 0.5));
    assertThat(NailCheck.of(longer, Map.of(), Tolerances.USUAL).faults()).hasSize(1);
    assertThat(
            NailCheck.of(longer, Map.of(), new Tolerances(Map.of(Tolerance.LENGTH, 0.6))).faults())
        .isEmpty();
    assertThatThrownBy(() -> new Tolerances(Map.of(Tolerance.LENGTH, 9.0)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatCannotBeIsRefused() {
    NailPlan plan = nails().get(0);
    assertThatThrownBy(() -> new AsBuilt(plan, Map.of(Quantity.BUILT_APEX, -1.0)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> AsBuilt.planned(plan, Quantity.WIDTH))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
