package ongle.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ongle.core.Lookup;
import ongle.core.check.AsBuilt;
import ongle.core.check.Body;
import ongle.core.check.Body.Place;
import ongle.core.check.NailCheck;
import ongle.core.check.Part;
import ongle.core.nail.Quantity;
import ongle.core.photo.Camera;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.View.Anchor;
import ongle.core.trace.View.Curve;

/**
 * The body that looks, in all pictures of a nail at once, like what was traced in them.
 *
 * <p>Unknown are in what the nail differs from its plan ({@link Part}) and where the camera stood
 * in each picture; known, within what a calliper is off, is the plate it stands on. Sought is the
 * least sum of squares of how far every traced point lies beside its edge, with what hands are
 * usually off as the prior: what no picture shows stays as planned. The covariance at the least
 * gives how far each measure may be off.
 */
public final class TraceFit {
  /** How far from straight a view is usually taken, degrees, and from how far it is refused. */
  private static final double USUAL_TILT = 8;

  private static final double MAX_TILT = 32;

  /** How well a mark is set by eye, and a point by the edge, mm; and a point at best, px. */
  private static final double MARKED_WITHIN = 0.12;

  private static final double TRACED_WITHIN = 0.015;
  private static final double PIXELS = 0.5;

  /** A point farther off than this many times its own is taken for a slip (Huber 1964). */
  private static final double SLIP = 2.5;

  /** Smaller in the picture than this, a nail gives no measure, px. */
  private static final double MIN_SIDE = 60;

  /** Points of an edge lie farther beside it than this on another nail, mm on average. */
  private static final double ANOTHER_NAIL = 0.3;

  /** A measure is told by pictures if they make it this much surer than the plan alone. */
  private static final double SURER = 0.6;

  /** Arches this far over each other cross, px: at a point they meet. */
  private static final double CROSSED = 3;

  /** Two standard deviations. */
  private static final double BAND = 2;

  /** Units of the unknowns of a view: px, and share of the distance. */
  private static final double SHIFT = 10;

  private static final double NEARER = 0.05;
  private static final double TURN = 0.1;
  private static final int OF_VIEW = 6;
  private static final double[] NONE = {};
  private static final int STEPS = 30;
  private static final double UPSIDE_DOWN = 1e6;
  private static final double[] OTHERWISE = {1.5, -1.5};
  private static final double ROUGH = 3;
  private static final double NEARLY = 0.02;
  private static final double ENOUGH = 1e-3;
  private static final double[] LOOSELY = {20, 5};

  private static final List<Part> PARTS = List.of(Part.values());

  /**
   * One picture with what was traced in it.
   *
   * @param anchors set by the technician, px
   * @param traced points on each edge, by their number along it, px
   */
  public record Picture(
      View view,
      Camera camera,
      Map<Anchor, Spot> anchors,
      Map<Curve, ? extends Map<Integer, Spot>> traced) {
    /** Whether nothing is missing among its marks. */
    public boolean complete() {
      return anchors.keySet().containsAll(view.anchors());
    }

    Spot spot(Anchor anchor) {
      return Lookup.of(anchors, anchor);
    }

    int points(Curve curve) {
      return traced.containsKey(curve) ? Lookup.of(traced, curve).size() : 0;
    }

    int misses() {
      return 2 * anchors.size() + points();
    }

    int points() {
      return traced.values().stream().mapToInt(Map::size).sum();
    }
  }

  private final NailPlan plan;
  private final List<Picture> pictures;
  private final List<Pose.Straight> straight = new ArrayList<>();
  private final List<double[]> axes = new ArrayList<>();
  private final List<Spot> at = new ArrayList<>();
  private final List<Double> distances = new ArrayList<>();
  private final List<Integer> sides = new ArrayList<>();

  private final int length;

  // Moving one camera changes nothing in the other pictures: what was seen last is kept.
  private final double[][] lastStands;
  private final double[][] lastMisses;
  private double[] bodyOff = NONE;
  private Body lastBody;

  private TraceFit(NailPlan plan, List<Picture> pictures) {
    this.plan = plan;
    this.pictures = pictures;
    lastBody = new Body(plan, Map.of());
    lastStands = new double[pictures.size()][];
    lastMisses = new double[pictures.size()][];
    length = PARTS.size() + pictures.stream().mapToInt(each -> 2 + each.misses()).sum();
    Body planned = new Body(plan, Map.of());
    pictures.forEach(picture -> stand(picture, planned));
  }

  /**
   * @param pictures one or more, each with all its marks
   * @throws TraceTrouble if they cannot be of this nail
   */
  public static Traced of(NailPlan plan, List<Picture> pictures) {
    return of(plan, pictures, Optional.empty());
  }

  /**
   * The same after a point moved, in a fraction of the time.
   *
   * @param before what the same pictures came to; of no use where marks moved or a picture is new
   */
  public static Traced of(NailPlan plan, List<Picture> pictures, Optional<Traced> before) {
    pictures.forEach(TraceFit::check);
    TraceFit fit = new TraceFit(plan, pictures);
    return before
        .map(Traced::start)
        .filter(start -> start.fits(pictures))
        .map(start -> fit.told(fit.nearer(start.at())))
        .orElseGet(fit::solved);
  }

  /**
   * Where a search may begin.
   *
   * @param marks of each picture, in its order
   * @param at the unknowns
   */
  record Start(List<View> views, List<Map<Anchor, Spot>> marks, double[] at) {
    boolean fits(List<Picture> pictures) {
      return views.equals(pictures.stream().map(Picture::view).toList())
          && marks.equals(pictures.stream().map(Picture::anchors).toList());
    }
  }

  private static void check(Picture picture) {
    View view = picture.view();
    for (Anchor anchor : view.anchors()) {
      if (!picture.anchors().containsKey(anchor)) {
        throw new TraceTrouble(new TraceTrouble.Why.Missing(view, anchor));
      }
    }
    List<Spot> marks = view.anchors().stream().map(picture::spot).toList();
    for (int i = 0; i < marks.size(); i++) {
      for (int k = 0; k < i; k++) {
        if (marks.get(i).minus(marks.get(k)).length() < MIN_SIDE / 4) {
          throw new TraceTrouble(new TraceTrouble.Why.TooSmall(view));
        }
      }
    }
    Spot a = marks.get(0);
    Spot b = marks.get(1);
    Spot c = marks.get(2);
    boolean crossed =
        switch (view) {
          case ABOVE -> beside(a, b, c) * beside(a, b, marks.get(3)) >= 0;
          case SIDE -> !(between(a, c, b) > 0 && between(a, c, b) < 1);
          case BARREL -> !(between(a, b, c) > 0 && between(a, b, c) < 1);
        };
    if (crossed) {
      throw new TraceTrouble(new TraceTrouble.Why.Crossed(view));
    }
    double span =
        view == View.BARREL || view == View.ABOVE ? b.minus(a).length() : c.minus(a).length();
    if (span < MIN_SIDE) {
      throw new TraceTrouble(new TraceTrouble.Why.TooSmall(view));
    }
  }

  private static double beside(Spot from, Spot to, Spot spot) {
    return to.minus(from).cross(spot.minus(from));
  }

  private static double between(Spot from, Spot to, Spot spot) {
    Spot along = to.minus(from);
    return along.dot(spot.minus(from)) / along.dot(along);
  }

  /** Where a camera that looks straight must stand for the planned nail to look like the marks. */
  private void stand(Picture picture, Body planned) {
    double best = Double.POSITIVE_INFINITY;
    Pose stands = null;
    Pose.Straight from = null;
    int side = 1;
    List<Pose.Straight> ways =
        switch (picture.view()) {
          case ABOVE -> List.of(Pose.Straight.ABOVE);
          case SIDE -> List.of(Pose.Straight.FROM_RIGHT, Pose.Straight.FROM_LEFT);
          case BARREL -> List.of(Pose.Straight.DOWN_THE_BARREL);
        };
    for (Pose.Straight way : ways) {
      for (int order = -1; order <= 1; order += 2) {
        Pose pose = similar(picture, planned, way, order);
        double off = upsideDown(picture, pose) ? UPSIDE_DOWN : 0;
        for (Anchor anchor : picture.view().anchors()) {
          Place place = new Silhouette(planned, pose, picture.view()).place(anchor, order);
          off += pose.sees(place).minus(picture.spot(anchor)).length();
        }
        if (off < best) {
          best = off;
          stands = pose;
          from = way;
          side = order;
        }
      }
    }
    if (stands == null) {
      throw new TraceTrouble(new TraceTrouble.Why.Crossed(picture.view()));
    }
    straight.add(from);
    axes.add(stands.axes());
    at.add(stands.at());
    distances.add(stands.distance());
    sides.add(side);
  }

  /** Down the barrel nothing else tells up from down than how a picture is held. */
  private static boolean upsideDown(Picture picture, Pose pose) {
    return picture.view() == View.BARREL && pose.axes()[5] > 0;
  }

  /** Turned, shifted and scaled only, so that the marks fit best (a similarity in the plane). */
  private static Pose similar(Picture picture, Body planned, Pose.Straight way, int side) {
    Camera camera = picture.camera();
    Place stress = planned.lower(planned.stressLine(), 0);
    double far = 1e5;
    Spot centre = new Spot(camera.width() / 2.0, camera.height() / 2.0);
    Pose flat = new Pose(camera, way.axes(), stress, centre, far);
    Silhouette seen = new Silhouette(planned, flat, picture.view());
    List<Spot> model = new ArrayList<>();
    List<Spot> marks = new ArrayList<>();
    // A tip seen from a little above lies under the ends of its own curve.
    List<Anchor> anchors = picture.view().anchors();
    for (Anchor anchor : picture.view() == View.BARREL ? anchors.subList(0, 2) : anchors) {
      model.add(flat.sees(seen.place(anchor, side)).minus(centre).times(1 / flat.scale()));
      marks.add(picture.spot(anchor));
    }
    Spot modelMiddle = middle(model);
    Spot marksMiddle = middle(marks);
    double along = 0;
    double across = 0;
    double size = 0;
    for (int i = 0; i < model.size(); i++) {
      Spot a = model.get(i).minus(modelMiddle);
      Spot b = marks.get(i).minus(marksMiddle);
      along += a.dot(b);
      across += a.cross(b);
      size += a.dot(a);
    }
    double scale = Math.hypot(along, across) / size;
    double angle = Math.atan2(across, along);
    Spot stressAt =
        marksMiddle.minus(
            new Spot(
                    modelMiddle.x() * Math.cos(angle) - modelMiddle.y() * Math.sin(angle),
                    modelMiddle.x() * Math.sin(angle) + modelMiddle.y() * Math.cos(angle))
                .times(scale));
    return new Pose(
        camera,
        Pose.turned(way.axes(), 0, 0, angle),
        stress,
        stressAt,
        camera.focalPixels() / scale);
  }

  private static Spot middle(List<Spot> of) {
    return of.stream().reduce(new Spot(0, 0), Spot::plus).times(1.0 / of.size());
  }

  private Body body(double[] x) {
    Map<Part, Double> off = new EnumMap<>(Part.class);
    for (int i = 0; i < PARTS.size(); i++) {
      off.put(PARTS.get(i), x[i] * PARTS.get(i).usual());
    }
    return new Body(plan, off);
  }

  private Pose pose(double[] x, int picture, Body body) {
    int from = PARTS.size() + OF_VIEW * picture;
    double tilt = Math.toRadians(USUAL_TILT);
    return new Pose(
        pictures.get(picture).camera(),
        Pose.turned(axes.get(picture), x[from] * tilt, x[from + 1] * tilt, x[from + 2] * TURN),
        body.lower(body.stressLine(), 0),
        at.get(picture).plus(new Spot(x[from + 3] * SHIFT, x[from + 4] * SHIFT)),
        distances.get(picture) * Math.exp(x[from + 5] * NEARER));
  }

  private double[] misses(double[] x, double loosely) {
    double[] off = Arrays.copyOf(x, PARTS.size());
    if (!Arrays.equals(off, bodyOff)) {
      bodyOff = off;
      lastBody = body(x);
      Arrays.fill(lastStands, null);
    }
    double[] misses = new double[length];
    System.arraycopy(off, 0, misses, 0, off.length);
    int next = off.length;
    for (int i = 0; i < pictures.size(); i++) {
      int from = PARTS.size() + OF_VIEW * i;
      double[] stand = Arrays.copyOfRange(x, from, from + OF_VIEW);
      if (!Arrays.equals(stand, lastStands[i])) {
        lastStands[i] = stand;
        lastMisses[i] = misses(pictures.get(i), pose(x, i, lastBody), i, loosely);
      }
      misses[next++] = stand[0];
      misses[next++] = stand[1];
      System.arraycopy(lastMisses[i], 0, misses, next, lastMisses[i].length);
      next += lastMisses[i].length;
    }
    return misses;
  }

  private double[] misses(Picture picture, Pose pose, int number, double loosely) {
    Silhouette seen = new Silhouette(lastBody, pose, picture.view());
    double scale = picture.camera().focalPixels() / distances.get(number);
    // Down the barrel ends and top of the inner curve say where it is, not how long.
    double marked = MARKED_WITHIN * scale * (picture.view() == View.BARREL ? 4 : 1);
    double traced = loosely * (TRACED_WITHIN * scale + PIXELS);
    double[] misses = new double[picture.misses()];
    int next = 0;
    for (Map.Entry<Anchor, Spot> each : picture.anchors().entrySet()) {
      Spot off = pose.sees(seen.place(each.getKey(), sides.get(number))).minus(each.getValue());
      misses[next++] = slip(off.x() / marked);
      misses[next++] = slip(off.y() / marked);
    }
    for (Map.Entry<Curve, ? extends Map<Integer, Spot>> each : picture.traced().entrySet()) {
      Line line = new Line(seen.line(each.getKey()));
      for (Spot spot : each.getValue().values()) {
        misses[next++] = slip(line.beside(spot) / traced);
      }
    }
    return misses;
  }

  /** What is far off counts by its distance, not by the square of it. */
  private static double slip(double miss) {
    double size = Math.abs(miss);
    return size <= SLIP ? miss : Math.signum(miss) * Math.sqrt(2 * SLIP * size - SLIP * SLIP);
  }

  private Traced solved() {
    LeastSquares.Solution solution = solved(0);
    // Seen wrong way round a picture looks nearly right: then it is begun from other sides too.
    for (double tilt : OTHERWISE) {
      if (cost(solution) > ROUGH * length) {
        LeastSquares.Solution other = solved(tilt);
        solution = cost(other) < cost(solution) ? other : solution;
      }
    }
    return told(solution);
  }

  private static double cost(LeastSquares.Solution solution) {
    return Arrays.stream(solution.misses()).map(miss -> miss * miss).sum();
  }

  /**
   * @param tilt of every camera at the start, up or down, in usual tilts
   */
  private LeastSquares.Solution solved(double tilt) {
    double[] near = new double[PARTS.size() + OF_VIEW * pictures.size()];
    for (int i = 0; i < pictures.size(); i++) {
      near[PARTS.size() + OF_VIEW * i] = tilt;
    }
    // Loosely first: what is far off must be able to draw the whole nail to it.
    for (double loose : LOOSELY) {
      bodyOff = NONE;
      near = LeastSquares.solve(x -> misses(x, loose), near, STEPS, NEARLY).at();
    }
    return nearer(near);
  }

  private LeastSquares.Solution nearer(double[] near) {
    bodyOff = NONE;
    return LeastSquares.solve(x -> misses(x, 1), near, STEPS, ENOUGH);
  }

  private Traced told(LeastSquares.Solution solution) {
    Body body = body(solution.at());
    Map<View, Pose> poses = new EnumMap<>(View.class);
    Map<View, Map<Curve, Double>> off = new EnumMap<>(View.class);
    for (int i = 0; i < pictures.size(); i++) {
      Picture picture = pictures.get(i);
      Pose pose = pose(solution.at(), i, body);
      poses.put(picture.view(), pose);
      off.put(picture.view(), off(picture, body, pose));
      double tilt = tilt(pose, i);
      if (tilt > MAX_TILT) {
        throw new TraceTrouble(new TraceTrouble.Why.Tilted(picture.view(), tilt));
      }
    }
    double length = body.measure(Quantity.BUILT_LENGTH);
    if (Math.abs(length - plan.extension()) > NailCheck.NO_NAIL_OF_THIS_SET) {
      throw new TraceTrouble(new TraceTrouble.Why.AnotherLength(length));
    }
    return told(solution, body, poses, off);
  }

  /** Against a straight view that is turned in the picture as this one is. */
  private double tilt(Pose pose, int picture) {
    return Pose.tilt(pose.axes(), straight.get(picture));
  }

  /** How far the points of each edge lie beside it on average, mm. */
  private static Map<Curve, Double> off(Picture picture, Body body, Pose pose) {
    Silhouette seen = new Silhouette(body, pose, picture.view());
    Map<Curve, Double> off = new EnumMap<>(Curve.class);
    picture
        .traced()
        .forEach(
            (curve, points) -> {
              Line line = new Line(seen.line(curve));
              points.values().stream()
                  .mapToDouble(spot -> Math.abs(line.beside(spot)) / pose.scale())
                  .average()
                  .ifPresent(each -> off.put(curve, each));
            });
    return off;
  }

  private Traced told(
      LeastSquares.Solution solution,
      Body body,
      Map<View, Pose> poses,
      Map<View, Map<Curve, Double>> off) {
    int points = pictures.stream().mapToInt(Picture::points).sum();
    double rougher = Math.max(1, cost(solution) / Math.max(1, points));
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    Map<Quantity, Double> bands = new EnumMap<>(Quantity.class);
    for (Quantity quantity : AsBuilt.QUANTITIES) {
      double[] slope = slope(solution.at(), quantity, body.measure(quantity));
      double before = 0;
      double after = 0;
      for (int i = 0; i < PARTS.size(); i++) {
        before += slope[i] * slope[i];
        for (int k = 0; k < PARTS.size(); k++) {
          after += slope[i] * solution.covariance()[i][k] * slope[k];
        }
      }
      double deviation = Math.sqrt(after * rougher);
      // The plate is the ruler: its width is known, not measured here.
      if (quantity != Quantity.BUILT_WIDTH && deviation < SURER * Math.sqrt(before)) {
        values.put(quantity, body.measure(quantity));
        bands.put(quantity, BAND * deviation);
      }
    }
    return new Traced(
        body,
        poses,
        values,
        bands,
        off,
        new Start(
            pictures.stream().map(Picture::view).toList(),
            pictures.stream().map(Picture::anchors).toList(),
            solution.at()));
  }

  private double[] slope(double[] x, Quantity quantity, double here) {
    double step = 1e-3;
    double[] slope = new double[PARTS.size()];
    for (int i = 0; i < slope.length; i++) {
      double[] moved = x.clone();
      moved[i] += step;
      slope[i] = (body(moved).measure(quantity) - here) / step;
    }
    return slope;
  }

  /**
   * Says what is wrong with points that were traced.
   *
   * @throws TraceTrouble if an edge has too few, arches cross, or they lie on no such nail
   */
  public static void checkTraced(Traced traced, Collection<Picture> pictures) {
    for (Picture picture : pictures) {
      for (Curve curve : picture.view().curves()) {
        int points = picture.points(curve);
        if (points < curve.fewest()) {
          throw new TraceTrouble(new TraceTrouble.Why.TooFewPoints(picture.view(), curve, points));
        }
      }
      if (picture.view() == View.SIDE && cross(picture)) {
        throw new TraceTrouble(new TraceTrouble.Why.ArchesCross());
      }
      Map<Double, Curve> worst = new TreeMap<>();
      traced.off().getOrDefault(picture.view(), Map.of()).forEach((c, by) -> worst.put(-by, c));
      worst.forEach(
          (by, curve) -> {
            if (-by > ANOTHER_NAIL) {
              throw new TraceTrouble(new TraceTrouble.Why.AnotherNail(picture.view(), curve));
            }
          });
    }
  }

  private static boolean cross(Picture side) {
    Spot cuticle = side.spot(Anchor.CUTICLE);
    // The growth point lies under the line from cuticle to tip, which the arch follows.
    double under =
        Math.signum(
            side.spot(Anchor.TIP)
                .minus(cuticle)
                .cross(side.spot(Anchor.GROWTH_POINT).minus(cuticle)));
    Line arch =
        new Line(
            new ArrayList<>(new TreeMap<>(Lookup.of(side.traced(), Curve.UPPER_ARCH)).values()));
    return Lookup.of(side.traced(), Curve.LOWER_ARCH).values().stream()
        .anyMatch(spot -> arch.beside(spot) * under < -CROSSED);
  }
}
