package ongle.benchmarks;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ongle.core.bench.WorkFacts;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.cause.Signs;
import ongle.core.check.SetCheck;
import ongle.core.check.Tolerances;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipSizing;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The plan of ten nails, every apex searched for; the aim is under 5 ms warm. And the same ten
 * sized against 20 tip kits of 50 sizes; the aim is under 10 ms warm.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBench {
  private static final int KITS = 20;
  private static final int SIZES = 50;
  private static final LengthWish LENGTH = new LengthWish(LengthWish.Mode.MILLIMETRES, 14);

  private final List<TipKit> manyKits =
      IntStream.range(0, KITS).mapToObj(i -> kit("kit" + i, SIZES, 0.14 + 0.006 * i)).toList();

  private final SetWish wish = wish(List.of(kit("one", 12, 0.18)));
  private final SetWish wishFromMany = wish(manyKits);

  private static SetWish wish(List<TipKit> tips) {
    return new SetWish(
        NailShape.STILETTO,
        LENGTH,
        Product.ACRYLIC,
        ApexSchool.MIDDLE,
        CrossThickness.SALON,
        new Fitting(tips, List.of(forms(false), forms(true)), Schools.USUAL, Optional.empty()),
        Wearer.ORDINARY);
  }

  private static TipKit kit(String code, int sizes, double depthRatio) {
    return new TipKit(
        code,
        code,
        NailShape.SQUARE,
        IntStream.range(0, sizes)
            .mapToObj(i -> tip(i, 17 - 10.0 * i / sizes, depthRatio))
            .toList());
  }

  private static Tip tip(int number, double width, double depthRatio) {
    return new Tip("" + number, width, depthRatio * width, 6, 24, 0.5);
  }

  private static FormKit forms(boolean rigid) {
    return new FormKit(
        "bench" + rigid, "bench", List.of(new Form("1", 12, 1.4, 2, 2, 40, 40, rigid)));
  }

  private final List<SetPlanner.Item> ten =
      Arrays.stream(Finger.values()).map(PlanBench::item).toList();

  private final SetPlan planned = SetPlanner.plan(wish, ten);

  /** Too long, too thick at apex and edge: what may come off has to be tried. */
  private final Map<Finger, Map<Quantity, Double>> built =
      planned.built().stream()
          .collect(
              Collectors.toMap(
                  nail -> nail.nail().finger(),
                  nail ->
                      Map.of(
                          Quantity.BUILT_LENGTH, nail.extension() + 0.6,
                          Quantity.BUILT_APEX, nail.build().profile().apexThickness() + 0.3,
                          Quantity.BUILT_EDGE, nail.build().profile().edgeThickness() + 0.2)));

  private static SetPlanner.Item item(Finger finger) {
    Digit digit = finger.digit();
    return new SetPlanner.Item(
        new Nail(
            finger,
            digit.usualWidth(),
            digit.usualPlateLength(),
            digit.usualWidth() * 0.19,
            0.5,
            1.5,
            0,
            0,
            1.5,
            PlateCondition.SOUND,
            SkinState.INTACT),
        Adjustments.NONE);
  }

  @Benchmark
  public SetPlan planOfTenNails() {
    return SetPlanner.plan(wish, ten);
  }

  /** The aim is under 60 ms warm. */
  @Benchmark
  public SetCheck checkOfTenNails() {
    return SetCheck.of(planned, built, Map.of(), Tolerances.USUAL);
  }

  /** Why every one of ten nails failed, from its check and all that is known; under 50 ms. */
  @Benchmark
  public List<Diagnosis> whyTenNailsFailed() {
    List<Finding> all =
        Arrays.stream(Finger.values())
            .map(
                finger ->
                    new Finding(
                        finger,
                        Finding.Kind.CRACK,
                        Finding.Place.STRESS_LINE,
                        2,
                        14,
                        OptionalInt.empty(),
                        Finding.After.NOTHING_KNOWN))
            .toList();
    SetCheck check = checkOfTenNails();
    return all.stream()
        .map(
            finding ->
                Diagnosis.of(
                    finding,
                    Signs.of(
                        check.of(finding.finger()).orElseThrow(),
                        Activity.ORDINARY,
                        WorkFacts.NONE,
                        finding,
                        all)))
        .toList();
  }

  @Benchmark
  public SetPlan planOfTenNailsFromTwentyKits() {
    return SetPlanner.plan(wishFromMany, ten);
  }

  @Benchmark
  public List<TipSizing> tenNailsSizedAgainstTwentyKits() {
    return ten.stream()
        .map(SetPlanner.Item::nail)
        .flatMap(
            nail -> {
              Outline wanted = new Outline(NailShape.STILETTO, nail.width(), LENGTH.value());
              return TipSizing.ranked(
                  manyKits.stream().map(kit -> TipSizing.of(kit, nail, wanted)).toList())
                  .stream();
            })
        .toList();
  }
}
