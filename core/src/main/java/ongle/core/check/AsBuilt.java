package ongle.core.check;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.Range;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.shape.Outline;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * One nail as it was measured after filing; what was not measured is as planned.
 *
 * @param plan it was built by
 * @param measured in each quantity's unit
 */
public record AsBuilt(NailPlan plan, Map<Quantity, Double> measured) {
  /** What may be measured of a built nail, in the order of the work. */
  public static final List<Quantity> QUANTITIES =
      List.of(
          Quantity.BUILT_LENGTH,
          Quantity.BUILT_WIDTH,
          Quantity.BUILT_SIDE_LEFT,
          Quantity.BUILT_SIDE_RIGHT,
          Quantity.BUILT_APEX,
          Quantity.BUILT_APEX_PLACE,
          Quantity.BUILT_STRESS,
          Quantity.BUILT_EDGE_LEFT,
          Quantity.BUILT_EDGE,
          Quantity.BUILT_EDGE_RIGHT,
          Quantity.BUILT_BARREL,
          Quantity.BUILT_LEAN);

  /** A sidewall is measured this far out on the extension, as a share of it. */
  public static final double SIDE_AT = 2.0 / 3;

  /** An arch beyond the apex fuller or hollower than these is no arch. */
  private static final double HOLLOWEST = 0.4;

  private static final double FULLEST = 8;

  /** The apex is held this far from either end, mm. */
  private static final double FROM_THE_ENDS = 0.5;

  /**
   * @throws ongle.core.nail.OutOfRange if something measured cannot be
   */
  public AsBuilt {
    measured = Map.copyOf(measured);
    measured.forEach(Quantity::check);
  }

  public Optional<Double> of(Quantity quantity) {
    return Optional.ofNullable(measured.get(quantity));
  }

  /** As measured, else as planned. */
  public double value(Quantity quantity) {
    return of(quantity).orElseGet(() -> planned(plan, quantity));
  }

  /**
   * What the plan has for a quantity, in its unit.
   *
   * @throws IllegalArgumentException if it is none of a built nail
   */
  public static double planned(NailPlan plan, Quantity quantity) {
    Build build = plan.build();
    Profile profile = build.profile();
    return switch (quantity) {
      case BUILT_LENGTH -> plan.extension();
      case BUILT_WIDTH -> plan.nail().width();
      case BUILT_SIDE_LEFT, BUILT_SIDE_RIGHT ->
          build.outline().halfWidthAt(SIDE_AT * plan.extension());
      case BUILT_APEX -> profile.apexThickness();
      case BUILT_APEX_PLACE -> profile.apexAt();
      case BUILT_STRESS -> profile.thicknessAt(profile.plateLength());
      case BUILT_EDGE -> profile.edgeThickness();
      case BUILT_EDGE_LEFT, BUILT_EDGE_RIGHT -> build.across().side(profile.edgeThickness());
      case BUILT_BARREL -> build.fullBarrel().depth();
      case BUILT_LEAN -> 0;
      default -> throw new IllegalArgumentException(quantity.name());
    };
  }

  /** The nail as it stands: its margins are worked out from this. */
  public Build build() {
    Build planned = plan.build();
    Nail nail = planned.nail();
    double length = value(Quantity.BUILT_LENGTH);
    double whole = nail.plateLength() + length;
    double at =
        held(
            value(Quantity.BUILT_APEX_PLACE),
            Math.min(FROM_THE_ENDS, whole / 4),
            whole - Math.min(FROM_THE_ENDS, whole / 4));
    double apex = value(Quantity.BUILT_APEX);
    double edge = value(Quantity.BUILT_EDGE);
    Profile profile =
        new Profile(
            nail.plateLength(), length, at, apex, edge, exponent(nail, length, at, apex, edge));
    double width = width();
    Outline outline =
        length == planned.outline().extension() && width == planned.outline().plateWidth()
            ? planned.outline()
            : new Outline(planned.outline().shape(), width, length);
    return new Build(
        nail, outline, profile, depthRatio(), planned.across(), planned.product(), planned.tip());
  }

  /**
   * Width the extension carries by, mm: as measured at the growth points, and where sidewalls were
   * measured two thirds out the mean of there and here, as a shape has only one width.
   */
  private double width() {
    double width = value(Quantity.BUILT_WIDTH);
    double planned = 2 * planned(plan, Quantity.BUILT_SIDE_LEFT);
    if (planned <= 0
        || of(Quantity.BUILT_SIDE_LEFT).isEmpty() && of(Quantity.BUILT_SIDE_RIGHT).isEmpty()) {
      return width;
    }
    double out = value(Quantity.BUILT_SIDE_LEFT) + value(Quantity.BUILT_SIDE_RIGHT);
    return width * (1 + out / planned) / 2;
  }

  /** How full the arch is beyond the apex for it to be as thick as measured at the stress line. */
  private double exponent(Nail nail, double length, double at, double apex, double edge) {
    double planned = plan.build().profile().archExponent();
    if (of(Quantity.BUILT_STRESS).isEmpty() || at >= nail.plateLength() || length == 0) {
      return planned;
    }
    double out = (nail.plateLength() - at) / (nail.plateLength() + length - at);
    double fallen = (apex - value(Quantity.BUILT_STRESS)) / (apex - edge);
    return fallen > 0 && fallen < 1
        ? held(Math.log(fallen) / Math.log(out), HOLLOWEST, FULLEST)
        : fallen <= 0 ? FULLEST : HOLLOWEST;
  }

  /** Depth of the barrel over its width where it is full; within what a barrel can be. */
  public double depthRatio() {
    if (of(Quantity.BUILT_BARREL).isEmpty()) {
      return plan.build().barrelDepthRatio();
    }
    Build build = plan.build();
    double there = value(Quantity.BUILT_BARREL) / build.fullBarrel().chord();
    // On a short extension it is measured before the barrel has its full depth.
    double reached =
        Math.min(
            1,
            build.barrelFullAt()
                / Math.min(Build.BARREL_REACHED_AFTER, build.outline().extension()));
    double own = build.nail().crossCurve().depthRatio();
    double ratio = reached > 0 ? own + (there - own) / reached : there;
    double least = Quantity.BARREL_DEPTH.min() / 100;
    return held(ratio, least, Quantity.BARREL_DEPTH.max() / 100);
  }

  /** The same after something came off or was added. */
  public AsBuilt with(Quantity quantity, double value) {
    Map<Quantity, Double> all = new EnumMap<>(Quantity.class);
    all.putAll(measured);
    all.put(quantity, value);
    return new AsBuilt(plan, all);
  }

  private static double held(double value, double least, double most) {
    return new Range(least, most).held(value);
  }
}
