package ongle.benchmarks;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Comparison;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Remedy;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.FingerLoad;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.structure.NailMesh;
import ongle.core.structure.Profile;
import ongle.core.structure.WearPeriod;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The structure engine, one thread. Aims, warm: four margins of one nail under 0.5 ms; ten apexes
 * on the first and the last day under 40 ms; schools, remedies and outlook of one nail under 60 ms.
 * What the planner remembers is kept out of it: every call asks about nails a hair wider than the
 * last.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class StructureBench {
  private static final double HAIR = 1e-7;
  private static final WearPeriod THREE_WEEKS = new WearPeriod(1, 2.205, FingerLoad.FULL);

  private long asked;

  private double wider() {
    return HAIR * asked++;
  }

  private static Nail nail(Finger finger, double wider) {
    Digit digit = finger.digit();
    return new Nail(
        finger,
        digit.usualWidth() + wider,
        digit.usualPlateLength(),
        digit.usualWidth() * 0.19,
        0.5,
        1.5,
        0,
        0,
        1.5,
        PlateCondition.SOUND,
        SkinState.INTACT);
  }

  private static Build build(Nail nail, double at, double thickness) {
    NailShape shape = NailShape.ALMOND;
    return new Build(
        nail,
        new Outline(shape, nail.width(), 10),
        new Profile(nail.plateLength(), 10, at, thickness, 0.6, shape.archExponent()),
        shape.barrelDepthRatio(),
        Across.by(CrossThickness.SALON),
        Product.HARD_GEL);
  }

  /** How the margins grow with the mesh. */
  @State(Scope.Benchmark)
  public static class Mesh {
    @Param({"0.1", "0.2", "0.4", "1.0"})
    public double step;
  }

  @Benchmark
  public Margins fourMarginsOfOneNail(Mesh mesh) {
    Nail nail = nail(Finger.R3, wider());
    return LoadedNail.of(build(nail, 4, 1.4), THREE_WEEKS, mesh.step).after(2.205);
  }

  @Benchmark
  public List<ApexSolver.Apex> tenApexes() {
    double wider = wider();
    return Arrays.stream(Finger.values())
        .map(
            finger -> {
              Nail nail = nail(finger, wider);
              return ApexSolver.thinnest(
                  (at, thickness) -> build(nail, at, thickness),
                  nail.plateLength() / 3,
                  ApexFloor.USUAL.at(10),
                  ApexSolver.THICKEST,
                  THREE_WEEKS,
                  ApexSolver.ANSWERS);
            })
        .toList();
  }

  /** What is asked for: something usual, and the longest that is worn. */
  @State(Scope.Benchmark)
  public static class Asked {
    @Param({"ALMOND 8", "STILETTO 14"})
    public String wish;

    NailShape shape() {
      return NailShape.valueOf(wish.split(" ")[0]);
    }

    double millimetres() {
      return Double.parseDouble(wish.split(" ")[1]);
    }
  }

  private SetWish wish(NailShape shape, double millimetres) {
    return new SetWish(
        shape,
        new LengthWish(LengthWish.Mode.MILLIMETRES, millimetres),
        Product.HARD_GEL,
        ApexSchool.COMPUTED,
        CrossThickness.SALON,
        new Fitting(List.of(), List.of(), Schools.USUAL, Optional.empty()),
        Wearer.ORDINARY);
  }

  @Benchmark
  public SetPlan tenNailsPlannedWithComputedApexes(Asked asked) {
    double wider = wider();
    return SetPlanner.plan(
        wish(asked.shape(), asked.millimetres()),
        Arrays.stream(Finger.values())
            .map(finger -> new SetPlanner.Item(nail(finger, wider), Adjustments.NONE))
            .toList());
  }

  @Benchmark
  public Object schoolsRemediesAndOutlookOfOneNail() {
    SetWish wish = wish(NailShape.ALMOND, 8);
    Adjustments tooLong =
        new Adjustments(
            Map.of(Quantity.EXTENSION, 19.0), Optional.empty(), Optional.of(BuildWay.FORM));
    SetPlan set =
        SetPlanner.plan(wish, List.of(new SetPlanner.Item(nail(Finger.R2, wider()), tooLong)));
    NailPlan plan = set.nails().get(0);
    return List.of(
        Comparison.ofApex(set, plan), Remedy.of(set, plan, Product.STANDARD), plan.outlook());
  }

  @Benchmark
  public NailMesh solid() {
    Build build = build(nail(Finger.R3, wider()), 4, 1.4);
    return NailMesh.ofBuild(
        build, new ongle.core.structure.Arches(build.profile(), 0, NailShape.ALMOND.formTilt()));
  }
}
