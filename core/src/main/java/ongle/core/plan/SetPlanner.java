package ongle.core.plan;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.KitRanking;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.Arches;
import ongle.core.structure.Build;
import ongle.core.structure.Endurance;
import ongle.core.structure.TipUnder;

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
   * @param seen found on it besides plate and skin
   */
  public record Item(Nail nail, Adjustments adjustments, LookOver seen) {
    /** A bare nail nothing was found on. */
    public Item(Nail nail, Adjustments adjustments) {
      this(nail, adjustments, LookOver.NOTHING);
    }
  }

  public static SetPlan plan(SetWish wish, List<Item> items) {
    List<Draft> drafts = items.stream().map(item -> new Draft(wish, item)).toList();
    Map<Finger, FingerLength> lengths = SetLength.of(drafts);
    Map<Finger, List<TipSizing>> tried = new EnumMap<>(Finger.class);
    drafts.forEach(
        draft ->
            tried.put(draft.nail().finger(), tryOn(draft, lengths.get(draft.nail().finger()))));
    KitRanking kits =
        KitRanking.of(
            wish.fitting(),
            drafts.stream()
                .filter(draft -> draft.lengthens(lengths.get(draft.nail().finger()).built()))
                .map(draft -> tried.get(draft.nail().finger()))
                .toList());
    return new SetPlan(
        wish,
        drafts.parallelStream()
            .map(
                draft -> {
                  Finger finger = draft.nail().finger();
                  FingerLength length = lengths.get(finger);
                  return plan(
                      draft,
                      length,
                      new TipFitter(draft, length.built(), tried.get(finger), kits.lead()));
                })
            .sorted(Comparator.comparing(plan -> plan.nail().finger()))
            .toList(),
        kits);
  }

  private static List<TipSizing> tryOn(Draft draft, FingerLength length) {
    Outline wanted = draft.outline(length.built());
    return draft.wish().fitting().tips().stream()
        .map(kit -> TipSizing.of(kit, draft.nail(), wanted))
        .toList();
  }

  private static NailPlan plan(Draft draft, FingerLength length, TipFitter tips) {
    Nail nail = draft.nail();
    SetWish wish = draft.wish();
    double extension = length.built();
    NailFit fit = fit(draft, extension, tips);
    TipUnder tip = fit.tipUnder(extension);
    ApexSolver.Apex advised = draft.apex(extension, tip);
    Build build = draft.build(extension, tip, advised);
    return new NailPlan(
        draft.item(),
        wish.wearing(),
        draft.stop(),
        length,
        fit,
        build,
        new Arches(build.profile(), nail.growthPitch(), wish.arch().tilt(wish.shape())),
        advised,
        Endurance.of(build, draft.term()),
        build.volumes());
  }

  private static NailFit fit(Draft draft, double extension, TipFitter tips) {
    Nail nail = draft.nail();
    NailShape shape = draft.wish().shape();
    double tilt = draft.wish().arch().tilt(shape);
    Fitting from = draft.wish().fitting();
    Optional<FormPick> paper = FormPick.best(from.paper(), nail, shape, tilt, extension);
    Optional<FormPick> rigid = FormPick.best(from.rigid(), nail, shape, tilt, extension);
    WhichWay ways =
        WhichWay.of(
            nail, extension, draft.wish().product(), from.schools(), tips.offer(), paper, rigid);
    return new NailFit(
        draft.item().adjustments().way().orElse(ways.best().way()),
        ways,
        TipSizing.ranked(tips.tried()),
        tips.lead(),
        tips.taken(),
        paper,
        rigid,
        CuttingTemplate.of(nail));
  }
}
