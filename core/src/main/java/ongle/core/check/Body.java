package ongle.core.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ongle.core.Range;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * A built nail as a body in space, sidewalls filed flush: x from the cuticle to the tip, y to the
 * left as seen from above with the tip away, z up, mm. It stands in cross sections, closer together
 * where it is round.
 *
 * <p>Made from a plan and what differs from it, so that nothing differing is the plan itself.
 */
public final class Body {
  /** Cross sections of the rounded cuticle, of the straight plate, and of the extension. */
  private static final int ROUNDED = 8;

  private static final int STRAIGHT = 6;
  private static final int BEYOND = 22;

  /** Strips half a cross section is summed over. */
  private static final int PANELS = 8;

  /** Where the sidewalls' own parts stand, as shares of the extension; held at both ends. */
  private static final double[] SIDES_AT = {0, 1.0 / 3, AsBuilt.SIDE_AT, 0.92, 1};

  /** No arch is thinner, mm, nor is an apex nearer to an end. */
  private static final double THINNEST = 0.08;

  private static final double FROM_THE_ENDS = 0.4;
  private static final double SHORTEST = 0.2;
  private static final Range FULLNESS = new Range(0.3, 12);
  private static final Range DEPTH = new Range(0.02, 0.5);

  private final NailPlan plan;
  private final Map<Part, Double> off;
  private final Profile profile;
  private final Outline outline;
  private final CrossCurve plate;
  private final double barrel;
  private final Across across;
  private final List<Slice> slices = new ArrayList<>();

  /** A place in space, mm. */
  public record Place(double x, double y, double z) {}

  /**
   * One cross section.
   *
   * @param x mm from the cuticle
   * @param half half its width as planned, mm
   * @param centre how far its middle lies to the left, mm
   * @param crown height of its underside in the middle, mm
   * @param radius of the underside, mm; infinite where flat
   * @param halfAngle that the underside spans to one side
   * @param thickness in the middle, mm
   * @param wider share by which left and right stand out
   * @param thicker at the ends of the free edge, mm, left and right
   */
  private record Slice(
      double x,
      double half,
      double centre,
      double crown,
      double radius,
      double halfAngle,
      double thickness,
      double[] wider,
      double[] thicker) {}

  /**
   * @param off from the plan, in each part's unit; what is not named is as planned
   */
  public Body(NailPlan plan, Map<Part, Double> off) {
    this.plan = plan;
    this.off = off.isEmpty() ? Map.of() : new EnumMap<>(off);
    Build planned = plan.build();
    Nail nail = planned.nail();
    double plateLength = Math.max(2, nail.plateLength() + of(Part.PLATE_LENGTH));
    double width = Math.max(2, nail.width() + of(Part.WIDTH));
    double extension = Math.max(SHORTEST, planned.profile().extension() + of(Part.LENGTH));
    double whole = plateLength + extension;
    Profile wished = planned.profile();
    profile =
        new Profile(
            plateLength,
            extension,
            new Range(FROM_THE_ENDS, whole - FROM_THE_ENDS)
                .held(wished.apexAt() + of(Part.APEX_PLACE)),
            Math.max(THINNEST, wished.apexThickness() + of(Part.APEX)),
            Math.max(THINNEST, wished.edgeThickness() + of(Part.EDGE)),
            FULLNESS.held(wished.archExponent() * Math.exp(of(Part.FULLNESS))));
    outline = new Outline(planned.outline().shape(), width, extension);
    plate =
        new CrossCurve(width, new Range(0, width / 2).held(nail.archDepth() + of(Part.ARCH_DEPTH)));
    barrel = DEPTH.held(planned.barrelDepthRatio() + of(Part.BARREL));
    across = planned.across();
    double rounding = Math.min(plateLength, Nail.CUTICLE_ROUNDING * width);
    for (int i = 0; i < ROUNDED; i++) {
      slices.add(slice(rounding * (1 - Math.cos(Math.PI / 2 * i / ROUNDED))));
    }
    for (int i = 0; i < STRAIGHT; i++) {
      slices.add(slice(rounding + (plateLength - rounding) * i / STRAIGHT));
    }
    for (int i = 0; i <= BEYOND; i++) {
      slices.add(slice(plateLength + extension * Math.sin(Math.PI / 2 * i / BEYOND)));
    }
  }

  private double of(Part part) {
    return off.getOrDefault(part, 0.0);
  }

  /** The body a nail has by what was measured of it. */
  public static Body of(AsBuilt built) {
    Map<Part, Double> off = new EnumMap<>(Part.class);
    put(off, Part.LENGTH, built, Quantity.BUILT_LENGTH);
    put(off, Part.LEAN, built, Quantity.BUILT_LEAN);
    put(off, Part.APEX, built, Quantity.BUILT_APEX);
    put(off, Part.APEX_PLACE, built, Quantity.BUILT_APEX_PLACE);
    put(off, Part.EDGE, built, Quantity.BUILT_EDGE);
    put(off, Part.LEFT_EDGE, built, Quantity.BUILT_EDGE_LEFT);
    put(off, Part.RIGHT_EDGE, built, Quantity.BUILT_EDGE_RIGHT);
    sides(off, built, Quantity.BUILT_SIDE_LEFT, Part.LEFT_THIRD, Part.LEFT_TWO_THIRDS);
    sides(off, built, Quantity.BUILT_SIDE_RIGHT, Part.RIGHT_THIRD, Part.RIGHT_TWO_THIRDS);
    Build as = built.build();
    off.put(
        Part.FULLNESS,
        Math.log(as.profile().archExponent() / built.plan().build().profile().archExponent()));
    off.put(Part.BARREL, as.barrelDepthRatio() - built.plan().build().barrelDepthRatio());
    return new Body(built.plan(), off);
  }

  private static void put(Map<Part, Double> off, Part part, AsBuilt built, Quantity quantity) {
    built.of(quantity).ifPresent(v -> off.put(part, v - AsBuilt.planned(built.plan(), quantity)));
  }

  /** Half as far out where nobody measured. */
  private static void sides(
      Map<Part, Double> off, AsBuilt built, Quantity quantity, Part third, Part twoThirds) {
    put(off, twoThirds, built, quantity);
    if (off.containsKey(twoThirds)) {
      off.put(third, off.getOrDefault(twoThirds, 0.0) / 2);
    }
  }

  /** The same with its sidewalls out of their plan as far as some way out. */
  private double wider(boolean left, double out) {
    double[] by =
        left
            ? new double[] {
              0, of(Part.LEFT_THIRD), of(Part.LEFT_TWO_THIRDS), of(Part.LEFT_TIP), of(Part.LEFT_TIP)
            }
            : new double[] {
              0,
              of(Part.RIGHT_THIRD),
              of(Part.RIGHT_TWO_THIRDS),
              of(Part.RIGHT_TIP),
              of(Part.RIGHT_TIP)
            };
    for (int i = 1; i < SIDES_AT.length; i++) {
      if (out <= SIDES_AT[i]) {
        double share = (out - SIDES_AT[i - 1]) / (SIDES_AT[i] - SIDES_AT[i - 1]);
        return by[i - 1] + share * (by[i] - by[i - 1]);
      }
    }
    return by[by.length - 1];
  }

  private Slice slice(double x) {
    Nail nail = plan.nail();
    double beyond = x - profile.plateLength();
    double out = Math.max(0, beyond / profile.extension());
    boolean onPlate = beyond <= 0;
    double rounding = Nail.CUTICLE_ROUNDING * outline.plateWidth();
    double fromFull = Math.max(0, 1 - x / rounding);
    double half =
        onPlate
            ? outline.plateWidth() / 2 * Math.sqrt(Math.max(0, 1 - fromFull * fromFull))
            : outline.halfWidthAt(beyond);
    double leans = nail.finger().hand() == Hand.RIGHT ? -nail.lean() : nail.lean();
    double centre =
        onPlate
            ? Math.tan(Math.toRadians(leans)) * beyond
            : -Math.tan(Math.toRadians(of(Part.LEAN))) * beyond;
    double radius = plate.radius();
    double halfAngle;
    if (onPlate) {
      halfAngle = Double.isInfinite(radius) ? 0 : Math.asin(new Range(0, 1).held(half / radius));
    } else {
      CrossCurve arc = CrossCurve.ofRatio(Math.max(1e-6, 2 * half), depthRatio(beyond));
      radius = arc.radius();
      halfAngle = arc.halfAngle();
    }
    double wide = Math.max(half, 0.3);
    return new Slice(
        x,
        half,
        centre,
        Math.min(x, profile.plateLength()) * Math.tan(Math.toRadians(plan.arches().growthPitch()))
            + Math.max(0, beyond)
                * Math.tan(Math.toRadians(plan.arches().formTilt() + of(Part.TILT))),
        radius,
        halfAngle,
        profile.thicknessAt(x),
        new double[] {wider(true, out) / wide, wider(false, out) / wide},
        new double[] {of(Part.LEFT_EDGE) * out, of(Part.RIGHT_EDGE) * out});
  }

  /** Of the cross curve so far beyond the stress line: it reaches the barrel's after some way. */
  private double depthRatio(double beyond) {
    double over = Math.min(Build.BARREL_REACHED_AFTER, profile.extension());
    return plate.depthRatio()
        + (barrel - plate.depthRatio()) * Math.max(0, Math.min(1, beyond / over));
  }

  public NailPlan plan() {
    return plan;
  }

  public Profile profile() {
    return profile;
  }

  /** How many cross sections it has, and the first of the extension: the stress line's. */
  public int slices() {
    return slices.size();
  }

  public int stressLine() {
    return ROUNDED + STRAIGHT;
  }

  /** A place well inside the outline from above and from the side. */
  public Place middle() {
    Place low = lower(stressLine(), 1);
    Place high = upper(stressLine(), 0);
    return new Place(high.x(), high.y(), (low.z() + high.z()) / 2);
  }

  /** Whether it ends in an edge with a width, not in a point. */
  public boolean blunt() {
    return slices.get(slices.size() - 1).half() > 0.3;
  }

  /**
   * A place on the underside of the product.
   *
   * @param side −1 at the right sidewall to 1 at the left
   */
  public Place lower(int slice, double side) {
    return lower(slices.get(slice), side);
  }

  private static Place lower(Slice at, double side) {
    double y = side * at.half();
    return new Place(at.x(), beside(at, side), at.crown() - drop(at.radius(), y));
  }

  /** A place on the upper side of the product, straight over the underside's sidewalls. */
  public Place upper(int slice, double side) {
    return upper(slices.get(slice), side);
  }

  private Place upper(Slice at, double side) {
    double y = side * at.half();
    double share = Math.abs(side);
    double radius = at.radius();
    double thick = thickness(at, share, side);
    if (Double.isInfinite(radius)) {
      return new Place(at.x(), beside(at, side), at.crown() + thick);
    }
    if (at.halfAngle() > 0) {
      double angle = Math.asin(Math.min(1, Math.abs(y) / (radius + thick)));
      share = Math.min(1, angle / at.halfAngle());
      thick = thickness(at, share, side);
    }
    double outer = radius + thick;
    return new Place(
        at.x(),
        beside(at, side),
        at.crown() - radius + Math.sqrt(Math.max(0, outer * outer - y * y)));
  }

  /**
   * Product on one side of a cross section, mm².
   *
   * @param x mm from the cuticle
   */
  double area(double x, boolean left) {
    if (x < 0 || x > profile.length()) {
      return 0;
    }
    Slice at = slice(x);
    double sum = 0;
    for (int i = 0; i < PANELS; i++) {
      double side = (left ? 1 : -1) * (i + 0.5) / PANELS;
      sum += upper(at, side).z() - lower(at, side).z();
    }
    return sum / PANELS * at.half() * (1 + at.wider()[left ? 0 : 1]);
  }

  private double thickness(Slice at, double share, double side) {
    return across.at(at.thickness(), share) + at.thicker()[side > 0 ? 0 : 1] * share * share;
  }

  private static double beside(Slice at, double side) {
    return at.centre() + side * at.half() * (1 + at.wider()[side > 0 ? 0 : 1]);
  }

  private static double drop(double radius, double y) {
    return Double.isInfinite(radius) ? 0 : radius - Math.sqrt(Math.max(0, radius * radius - y * y));
  }

  /** What a calliper would find on it, in the quantity's unit. */
  public double measure(Quantity quantity) {
    return switch (quantity) {
      case BUILT_LENGTH -> profile.extension();
      case BUILT_WIDTH -> outline.plateWidth();
      case BUILT_SIDE_LEFT -> side(Part.LEFT_TWO_THIRDS);
      case BUILT_SIDE_RIGHT -> side(Part.RIGHT_TWO_THIRDS);
      case BUILT_APEX -> profile.apexThickness();
      case BUILT_APEX_PLACE -> profile.apexAt();
      case BUILT_STRESS -> profile.thicknessAt(profile.plateLength());
      case BUILT_EDGE -> profile.edgeThickness();
      case BUILT_EDGE_LEFT -> across.side(profile.edgeThickness()) + of(Part.LEFT_EDGE);
      case BUILT_EDGE_RIGHT -> across.side(profile.edgeThickness()) + of(Part.RIGHT_EDGE);
      case BUILT_BARREL ->
          depthRatio(plan.build().barrelFullAt()) * plan.build().fullBarrel().chord();
      case BUILT_LEAN -> of(Part.LEAN);
      default -> throw new IllegalArgumentException(quantity.name());
    };
  }

  private double side(Part part) {
    return outline.halfWidthAt(AsBuilt.SIDE_AT * profile.extension()) + of(part);
  }
}
