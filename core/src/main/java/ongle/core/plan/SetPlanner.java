package ongle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FormFit;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Quantity;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.FreeEdgeStrength;

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
    List<Draft> drafts = items.stream().map(item -> new Draft(wish, item)).toList();
    Map<Finger, FingerLength> lengths = SetLength.of(drafts);
    return new SetPlan(
        wish,
        drafts.stream()
            .map(draft -> plan(draft, lengths.get(draft.nail().finger())))
            .sorted(Comparator.comparing(plan -> plan.nail().finger()))
            .toList());
  }

  private static NailPlan plan(Draft draft, FingerLength length) {
    Nail nail = draft.nail();
    SetWish wish = draft.wish();
    Adjustments by = draft.item().adjustments();
    NailShape shape = wish.shape();
    double extension = length.built();
    DoubleFunction<Build> buildWith = apexThickness -> draft.build(extension, apexThickness);
    ApexSolver.Apex advised = ApexSolver.thinnestThatHolds(buildWith);
    Build build = buildWith.apply(by.of(Quantity.APEX_THICKNESS).orElse(advised.apexThickness()));
    return new NailPlan(
        nail,
        length,
        fit(draft, extension),
        build,
        new Arches(build.profile(), nail.growthPitch(), shape.formTilt()),
        advised,
        FreeEdgeStrength.of(build),
        build.volumes());
  }

  private static NailFit fit(Draft draft, double extension) {
    Nail nail = draft.nail();
    Fitting from = draft.wish().fitting();
    Adjustments by = draft.item().adjustments();
    TipSizing sizing = TipSizing.of(from.tips(), nail, extension);
    FormFit paper = FormFit.best(from.paper(), nail, draft.wish().shape(), extension);
    FormFit rigid = FormFit.best(from.rigid(), nail, draft.wish().shape(), extension);
    WhichWay ways =
        WhichWay.of(nail, extension, draft.wish().product(), from.school(), sizing, paper, rigid);
    return new NailFit(
        by.way().orElse(ways.best().way()),
        ways,
        sizing,
        by.tipNumber().flatMap(sizing::ofNumber).or(sizing::advised),
        paper,
        rigid,
        CuttingTemplate.of(nail));
  }
}
