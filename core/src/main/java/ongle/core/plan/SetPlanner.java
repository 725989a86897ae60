package ongle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import ongle.core.fitting.TipFit;
import ongle.core.fitting.TipSizing;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.FreeEdgeStrength;
import ongle.core.structure.Profile;

/** Turns a wish and measured nails into a plan. Pure: the same input gives the same plan. */
public final class SetPlanner {
  /** Edge thickness unless set by hand, mm. */
  public static final double USUAL_EDGE_THICKNESS = 0.6;

  private SetPlanner() {}

  /**
   * One nail to plan.
   *
   * @param nail as measured
   * @param adjustments set by hand
   */
  public record Item(Nail nail, Adjustments adjustments) {}

  public static SetPlan plan(SetWish wish, List<Item> items) {
    return new SetPlan(
        wish,
        items.stream()
            .map(item -> plan(wish, item))
            .sorted(Comparator.comparing(plan -> plan.nail().finger()))
            .toList());
  }

  private static NailPlan plan(SetWish wish, Item item) {
    Nail nail = item.nail();
    Adjustments by = item.adjustments();
    NailShape shape = wish.shape();
    double extension = wish.length().extensionOf(nail);
    Outline outline = new Outline(shape, nail.width(), extension);

    double length = nail.plateLength() + extension;
    double position = by.of(Quantity.APEX_POSITION).orElse(wish.school().position());
    double apexAt = Math.min(length, position / 100 * nail.plateLength());
    double edge = by.of(Quantity.EDGE_THICKNESS).orElse(USUAL_EDGE_THICKNESS);
    double barrel = by.of(Quantity.BARREL_DEPTH).orElse(shape.barrelDepthRatio() * 100) / 100;
    DoubleFunction<Build> buildWith =
        apexThickness ->
            new Build(
                nail,
                outline,
                new Profile(
                    nail.plateLength(),
                    extension,
                    apexAt,
                    apexThickness,
                    edge,
                    shape.archExponent()),
                barrel,
                wish.across(),
                wish.product());

    ApexSolver.Apex advised = ApexSolver.thinnestThatHolds(buildWith);
    Build build = buildWith.apply(by.of(Quantity.APEX_THICKNESS).orElse(advised.apexThickness()));
    TipSizing sizing = TipSizing.of(wish.kit(), nail, extension);
    Optional<TipFit> tip = by.tipNumber().flatMap(sizing::ofNumber).or(sizing::advised);
    return new NailPlan(
        nail,
        wish.length().wishedFor(nail),
        extension,
        sizing,
        tip,
        build,
        new Arches(build.profile(), nail.growthPitch(), shape.formTilt()),
        advised,
        FreeEdgeStrength.of(build),
        build.volumes());
  }
}
