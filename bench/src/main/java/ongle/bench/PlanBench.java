package ongle.bench;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
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

/** The plan of ten nails, every apex searched for; the aim is under 5 ms warm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBench {
  private final SetWish wish =
      new SetWish(
          NailShape.STILETTO,
          new LengthWish(LengthWish.Mode.MILLIMETRES, 14),
          Product.ACRYLIC,
          ApexSchool.MIDDLE,
          CrossThickness.SALON,
          new Fitting(
              new TipKit(
                  "bench",
                  "bench",
                  NailShape.SQUARE,
                  IntStream.range(0, 12)
                      .mapToObj(i -> new Tip("" + i, 16 - 0.75 * i, 2.8 - 0.1 * i, 6, 24, 0.5))
                      .toList()),
              forms(false),
              forms(true),
              TipsOrForms.TIPS),
          Wearer.ORDINARY);

  private static FormKit forms(boolean rigid) {
    return new FormKit("bench", "bench", List.of(new Form("1", 12, 1.4, 2, 2, 40, 40, rigid)));
  }

  private final List<SetPlanner.Item> ten =
      Arrays.stream(Finger.values()).map(PlanBench::item).toList();

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
}
