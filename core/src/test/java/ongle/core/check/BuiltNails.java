package ongle.core.check;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import ongle.core.check.Fault.Kind;
import ongle.core.nail.Quantity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Build;
import ongle.core.structure.Profile;

/**
 * Nails as hands build them: by their plan, a little off everywhere, with faults of known size, and
 * measured as closely as a calliper and a steady hand do. Faults are made in the nail's shape; what
 * is measured follows from that.
 */
final class BuiltNails {
  /** What hands are off without meaning to, and callipers too; standard deviation. */
  private static final double LENGTH = 0.06;

  private static final double THICKNESS = 0.025;
  private static final double DEGREES = 0.4;

  private BuiltNails() {}

  /** A fault made on purpose. */
  record Made(Kind kind, double by) {}

  /** Faults a nail of this plan can have at all. */
  static Made fault(NailPlan plan, Kind kind, Random random) {
    double much = random.nextDouble();
    double room = plan.build().profile().apexThickness() - plan.build().profile().edgeThickness();
    double thick = 0.2 + 0.25 * much;
    if (kind == Kind.EDGE_THICK && thick > room - 0.15) {
      return fault(plan, Kind.BEAK, random); // so thick an edge is one
    }
    return new Made(
        kind,
        switch (kind) {
          case TOO_LONG -> 0.55 + 2 * much;
          case LEANS_LEFT, LEANS_RIGHT -> 3.5 + 4 * much;
          case LEFT_SIDE_IN, RIGHT_SIDE_IN -> 0.36 + 0.5 * much;
          case APEX_FORWARD -> 1.3 + 1.5 * much;
          case BEAK -> room + 0.05 + 0.2 * much;
          case BARREL_FLAT -> 4.5 + 5 * much;
          case EDGE_THICK -> thick;
          case STRESS_THIN -> 0.24 + 0.3 * much;
          case LEFT_EDGE_THICKER, RIGHT_EDGE_THICKER -> 0.2 + 0.2 * much;
          default -> throw new IllegalArgumentException(kind.name());
        });
  }

  static Map<Quantity, Double> measured(NailPlan plan, Set<Made> faults, Random random) {
    Map<Kind, Double> by = new EnumMap<>(Kind.class);
    faults.forEach(fault -> by.put(fault.kind(), fault.by()));
    Build planned = plan.build();
    Profile profile = planned.profile();
    double length = profile.extension() + by.getOrDefault(Kind.TOO_LONG, 0.0);
    double edge =
        profile.edgeThickness()
            + by.getOrDefault(Kind.BEAK, 0.0)
            + by.getOrDefault(Kind.EDGE_THICK, 0.0);
    Profile made =
        new Profile(
            profile.plateLength(),
            length,
            Math.min(
                profile.plateLength() + length - 0.3,
                profile.apexAt() + by.getOrDefault(Kind.APEX_FORWARD, 0.0)),
            profile.apexThickness(),
            edge,
            profile.archExponent());
    double side = planned.outline().halfWidthAt(AsBuilt.SIDE_AT * plan.extension());
    double sides = planned.across().side(profile.edgeThickness());
    Map<Quantity, Double> measured = new EnumMap<>(Quantity.class);
    measured.put(Quantity.BUILT_LENGTH, length + off(random, LENGTH));
    measured.put(Quantity.BUILT_WIDTH, plan.nail().width() + off(random, LENGTH));
    measured.put(
        Quantity.BUILT_SIDE_LEFT,
        side - by.getOrDefault(Kind.LEFT_SIDE_IN, 0.0) + off(random, LENGTH / 2));
    measured.put(
        Quantity.BUILT_SIDE_RIGHT,
        side - by.getOrDefault(Kind.RIGHT_SIDE_IN, 0.0) + off(random, LENGTH / 2));
    measured.put(Quantity.BUILT_APEX, made.apexThickness() + off(random, THICKNESS));
    measured.put(Quantity.BUILT_APEX_PLACE, made.apexAt() + off(random, 5 * LENGTH / 2));
    measured.put(
        Quantity.BUILT_STRESS,
        made.thicknessAt(made.plateLength())
            - by.getOrDefault(Kind.STRESS_THIN, 0.0)
            + off(random, THICKNESS));
    measured.put(Quantity.BUILT_EDGE, edge + off(random, THICKNESS));
    measured.put(
        Quantity.BUILT_EDGE_LEFT,
        sides + by.getOrDefault(Kind.LEFT_EDGE_THICKER, 0.0) + off(random, THICKNESS));
    measured.put(
        Quantity.BUILT_EDGE_RIGHT,
        sides + by.getOrDefault(Kind.RIGHT_EDGE_THICKER, 0.0) + off(random, THICKNESS));
    measured.put(
        Quantity.BUILT_BARREL,
        planned.fullBarrel().depth()
            - by.getOrDefault(Kind.BARREL_FLAT, 0.0) / 100 * planned.fullBarrel().chord()
            + off(random, LENGTH));
    measured.put(
        Quantity.BUILT_LEAN,
        by.getOrDefault(Kind.LEANS_RIGHT, 0.0)
            - by.getOrDefault(Kind.LEANS_LEFT, 0.0)
            + off(random, DEGREES));
    measured.replaceAll(
        (quantity, value) ->
            Math.max(quantity.min(), Math.min(quantity.max(), rounded(quantity, value))));
    return measured;
  }

  private static double rounded(Quantity quantity, double value) {
    double to = Math.pow(10, quantity.decimals());
    return Math.round(value * to) / to;
  }

  private static double off(Random random, double deviation) {
    return deviation * random.nextGaussian();
  }
}
