package ongle.benchmarks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import ongle.core.check.Body;
import ongle.core.check.Part;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.Pose;
import ongle.core.trace.Silhouette;
import ongle.core.trace.TraceFit;
import ongle.core.trace.Traced;
import ongle.core.trace.View;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A built nail from three pictures of it: found anew, and after one point was moved. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class TraceBench {
  private static final Camera CAMERA = new Camera(1600, 1200, 80);

  private final NailPlan plan = new PlanBench().planOfTenNails().nails().get(2);
  private final List<TraceFit.Picture> pictures = pictures(0);
  private final List<TraceFit.Picture> moved = pictures(12);
  private final Traced before = TraceFit.of(plan, pictures);

  /**
   * @param off how far one point lies beside its edge, px
   */
  private List<TraceFit.Picture> pictures(double off) {
    Body body = new Body(plan, Map.of(Part.LENGTH, 1.0, Part.APEX, 0.2, Part.LEFT_TIP, -0.3));
    List<TraceFit.Picture> all = new ArrayList<>();
    for (View view : View.values()) {
      Pose pose =
          Pose.looking(
              CAMERA,
              view,
              body.lower(body.stressLine(), 0),
              new Spot(800, 600),
              110,
              9,
              70.0 * view.ordinal(),
              5);
      Silhouette seen = new Silhouette(body, pose, view);
      Map<Anchor, Spot> anchors = new EnumMap<>(Anchor.class);
      view.anchors().forEach(anchor -> anchors.put(anchor, pose.sees(seen.place(anchor, 1))));
      Map<Curve, Map<Integer, Spot>> traced = new EnumMap<>(Curve.class);
      for (Curve curve : view.curves()) {
        List<Spot> line = seen.line(curve);
        Map<Integer, Spot> points = new TreeMap<>();
        for (int i = 0; i < curve.points(); i++) {
          points.put(i, line.get(i * (line.size() - 1) / curve.points() + 1));
        }
        traced.put(curve, points);
      }
      if (view == View.SIDE) {
        traced.get(Curve.UPPER_ARCH).computeIfPresent(6, (i, at) -> at.plus(new Spot(0, -off)));
      }
      all.add(new TraceFit.Picture(view, CAMERA, anchors, traced));
    }
    return all;
  }

  @Benchmark
  public Traced nailFromThreePictures() {
    return TraceFit.of(plan, pictures);
  }

  /** The aim is under 100 ms with everything around it. */
  @Benchmark
  public Traced nailAfterOnePointMoved() {
    return TraceFit.of(plan, moved, Optional.of(before));
  }
}
