package ongle.core.plan;

import java.util.EnumMap;
import java.util.Map;
import ongle.core.nail.Quantity;
import ongle.core.structure.ApexSolver;

/**
 * One nail's structure carried over to another in proportion: the apex at the same share of the
 * plate and as much over or under what that nail needs, the same edge and barrel.
 */
public final class StructureCopy {
  private StructureCopy() {}

  /**
   * What to set by hand on the other nail.
   *
   * @return in each quantity's unit
   */
  public static Map<Quantity, Double> inProportion(SetPlan set, NailPlan from, NailPlan to) {
    var profile = from.build().profile();
    double position = 100 * profile.apexAt() / from.nail().plateLength();
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    put(values, Quantity.APEX_POSITION, position);
    put(values, Quantity.EDGE_THICKNESS, profile.edgeThickness());
    put(values, Quantity.BARREL_DEPTH, 100 * from.build().barrelDepthRatio());
    from.item()
        .adjustments()
        .of(Quantity.SIDE_THICKNESS)
        .ifPresent(side -> put(values, Quantity.SIDE_THICKNESS, side));
    Adjustments shape = to.item().adjustments();
    for (Map.Entry<Quantity, Double> value : values.entrySet()) {
      shape = shape.with(value.getKey(), value.getValue());
    }
    ApexSolver.Apex needed =
        new Draft(
                to.wish(),
                new SetPlanner.Item(to.item().nail(), shape, to.seen()),
                to.draft().beside())
            .apex(to.extension(), set.apexPlace());
    double reserve = profile.apexThickness() / from.advised().thickness();
    put(
        values,
        Quantity.APEX_THICKNESS,
        Math.min(ApexSolver.THICKEST, needed.thickness() * reserve));
    return values;
  }

  /** Held to what can be built, to the decimals it is shown with. */
  private static void put(Map<Quantity, Double> values, Quantity quantity, double value) {
    double tens = Math.pow(10, quantity.decimals());
    double held = Math.max(quantity.min(), Math.min(quantity.max(), value));
    values.put(quantity, Math.round(held * tens) / tens);
  }
}
