package ongle.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import ongle.core.Lookup;
import ongle.core.check.Body;
import ongle.core.check.Part;
import ongle.core.nail.Quantity;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import ongle.core.plan.Hands;
import ongle.core.plan.NailPlan;
import ongle.core.trace.TraceFit.Picture;
import ongle.core.trace.TraceTrouble.Why.AnotherLength;
import ongle.core.trace.TraceTrouble.Why.AnotherNail;
import ongle.core.trace.TraceTrouble.Why.ArchesCross;
import ongle.core.trace.TraceTrouble.Why.Crossed;
import ongle.core.trace.TraceTrouble.Why.Missing;
import ongle.core.trace.TraceTrouble.Why.TooFewPoints;
import ongle.core.trace.TraceTrouble.Why.TooSmall;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;
import org.junit.jupiter.api.Test;

/** Built nails of known shape, found again from points traced in tilted pictures of them. */
class TraceFitTest {
  private static final Camera CAMERA = new Camera(1600, 1200, 80);
  private static final double MAX_TILT = 15;

  static List<NailPlan> nails(int count) {
    List<NailPlan> nails = new ArrayList<>();
    for (int seed = 0; nails.size() < count; seed++) {
      Hands.of(seed).plan().built().stream()
          .filter(plan -> plan.extension() > 4)
          .limit(3)
          .forEach(nails::add);
    }
    return nails.subList(0, count);
  }

  /** As hands build: off everywhere, by about what is usual. */
  static Body built(NailPlan plan, Random random) {
    Map<Part, Double> off = new EnumMap<>(Part.class);
    for (Part part : Part.values()) {
      double much = Math.max(-1.5, Math.min(1.5, random.nextGaussian()));
      off.put(part, 0.6 * much * part.usual());
    }
    return new Body(plan, off);
  }

  static Pose pose(View view, Body body, Random random) {
    Pose.Straight way =
        switch (view) {
          case ABOVE -> Pose.Straight.ABOVE;
          case SIDE -> random.nextBoolean() ? Pose.Straight.FROM_LEFT : Pose.Straight.FROM_RIGHT;
          case BARREL -> Pose.Straight.DOWN_THE_BARREL;
        };
    double tilt = Math.toRadians(MAX_TILT * Math.sqrt(random.nextDouble()));
    double towards = 2 * Math.PI * random.nextDouble();
    double[] axes =
        Pose.turned(
            Pose.turned(way.axes(), 0, 0, Math.toRadians(20) * (2 * random.nextDouble() - 1)),
            tilt * Math.cos(towards),
            tilt * Math.sin(towards),
            0);
    return new Pose(
        CAMERA,
        axes,
        body.lower(body.stressLine(), 0),
        new Spot(780 + 40 * random.nextDouble(), 580 + 40 * random.nextDouble()),
        95 + 40 * random.nextDouble());
  }

  static Picture picture(View view, Body body, Random random, double noise) {
    Pose pose = pose(view, body, random);
    Silhouette seen = new Silhouette(body, pose, view);
    Map<Anchor, Spot> anchors = new EnumMap<>(Anchor.class);
    for (Anchor anchor : view.anchors()) {
      anchors.put(anchor, off(pose.sees(seen.place(anchor, 1)), random, 4 * noise));
    }
    Map<Curve, Map<Integer, Spot>> traced = new EnumMap<>(Curve.class);
    for (Curve curve : view.curves()) {
      Map<Integer, Spot> points = new TreeMap<>();
      List<Line.At> places = new Line(seen.line(curve)).evenly(curve.points());
      for (int i = 0; i < places.size(); i++) {
        points.put(i, off(places.get(i).spot(), random, noise));
      }
      traced.put(curve, points);
    }
    return new Picture(view, CAMERA, anchors, traced);
  }

  private static Spot off(Spot spot, Random random, double noise) {
    return spot.plus(new Spot(noise * random.nextGaussian(), noise * random.nextGaussian()));
  }

  @Test
  void builtNailsAreFoundAgainInTiltedPictures() {
    Random random = new Random(4);
    List<String> off = new ArrayList<>();
    int outside = 0;
    int told = 0;
    for (NailPlan plan : nails(60)) {
      Body body = built(plan, random);
      Traced traced = TraceFit.of(plan, pictures(body, random));
      for (Map.Entry<Quantity, Double> each : traced.values().entrySet()) {
        Quantity quantity = each.getKey();
        double is = body.measure(quantity);
        double apart = Math.abs(each.getValue() - is);
        told++;
        outside += apart > Lookup.of(traced.bands(), quantity) ? 1 : 0;
        if (apart > within(quantity, is)) {
          off.add(plan.shape() + " " + quantity + " " + is + " found as " + each.getValue());
        }
      }
    }
    assertThat(told).isGreaterThan(60 * 10);
    assertThat(off).hasSizeLessThan(told / 50);
    // Bands hold what they say: 19 times in 20.
    assertThat(outside).isLessThan(told / 20);
  }

  private static double within(Quantity quantity, double is) {
    return switch (quantity) {
      case BUILT_LENGTH -> Math.max(0.1, 0.02 * is);
      case BUILT_APEX, BUILT_STRESS, BUILT_EDGE, BUILT_EDGE_LEFT, BUILT_EDGE_RIGHT -> 0.15;
      default -> 3; // lean, sides and place are told with their band
    };
  }

  private static List<Picture> pictures(Body body, Random random) {
    List<Picture> pictures = new ArrayList<>();
    for (View view : View.values()) {
      pictures.add(picture(view, body, random, 0.5));
    }
    return pictures;
  }

  @Test
  void whatNoPictureShowsIsNotTold() {
    Random random = new Random(1);
    NailPlan plan = nails(1).get(0);
    Body body = built(plan, random);
    Traced above = TraceFit.of(plan, List.of(picture(View.ABOVE, body, random, 0.5)));
    assertThat(above.values())
        .containsKeys(Quantity.BUILT_LENGTH)
        .doesNotContainKeys(Quantity.BUILT_APEX, Quantity.BUILT_BARREL, Quantity.BUILT_WIDTH);
    Traced side = TraceFit.of(plan, List.of(picture(View.SIDE, body, random, 0.5)));
    assertThat(side.values())
        .containsKeys(Quantity.BUILT_APEX, Quantity.BUILT_STRESS)
        .doesNotContainKeys(Quantity.BUILT_SIDE_LEFT, Quantity.BUILT_EDGE_RIGHT);
  }

  @Test
  void whatCannotBeThisNailIsSaid() {
    Random random = new Random(2);
    NailPlan plan = nails(1).get(0);
    Body body = built(plan, random);
    Picture side = picture(View.SIDE, body, random, 0.3);
    Picture above = picture(View.ABOVE, body, random, 0.3);

    says(() -> fit(plan, marked(above, Anchor.TIP, above.spot(Anchor.CUTICLE))), TooSmall.class);
    Spot beyond = side.spot(Anchor.TIP).times(2).minus(side.spot(Anchor.CUTICLE));
    says(() -> fit(plan, marked(side, Anchor.GROWTH_POINT, beyond)), Crossed.class);
    says(() -> fit(plan, new Picture(View.SIDE, CAMERA, Map.of(), Map.of())), Missing.class);
    says(() -> checked(plan, traced(side, Curve.UPPER_ARCH, Map.of())), TooFewPoints.class);
    says(
        () ->
            checked(
                plan,
                traced(side, Curve.LOWER_ARCH, shifted(side, Curve.LOWER_ARCH, new Spot(0, -200)))),
        ArchesCross.class);
    Map<Integer, Spot> jagged = new TreeMap<>();
    Lookup.of(side.traced(), Curve.UPPER_ARCH)
        .forEach((i, spot) -> jagged.put(i, spot.plus(new Spot(0, i % 2 == 0 ? 0 : -60))));
    says(() -> checked(plan, traced(side, Curve.UPPER_ARCH, jagged)), AnotherNail.class);
    Body longer = new Body(plan, Map.of(Part.LENGTH, 14.0));
    says(() -> fit(plan, picture(View.ABOVE, longer, random, 0.3)), AnotherLength.class);
  }

  private static void says(Runnable what, Class<? extends TraceTrouble.Why> why) {
    assertThatThrownBy(what::run)
        .isInstanceOfSatisfying(
            TraceTrouble.class, trouble -> assertThat(trouble.why()).isInstanceOf(why));
  }

  private static void fit(NailPlan plan, Picture picture) {
    TraceFit.of(plan, List.of(picture));
  }

  private static void checked(NailPlan plan, Picture picture) {
    TraceFit.checkTraced(TraceFit.of(plan, List.of(picture)), List.of(picture));
  }

  private static Picture marked(Picture picture, Anchor anchor, Spot at) {
    Map<Anchor, Spot> anchors = new EnumMap<>(picture.anchors());
    anchors.put(anchor, at);
    return new Picture(picture.view(), picture.camera(), anchors, picture.traced());
  }

  private static Picture traced(Picture picture, Curve curve, Map<Integer, Spot> points) {
    Map<Curve, Map<Integer, Spot>> traced = new EnumMap<>(Curve.class);
    picture.traced().forEach((each, at) -> traced.put(each, Map.copyOf(at)));
    traced.put(curve, points);
    return new Picture(picture.view(), picture.camera(), picture.anchors(), traced);
  }

  private static Map<Integer, Spot> shifted(Picture picture, Curve curve, Spot by) {
    Map<Integer, Spot> points = new TreeMap<>();
    Lookup.of(picture.traced(), curve).forEach((i, spot) -> points.put(i, spot.plus(by)));
    return points;
  }
}
