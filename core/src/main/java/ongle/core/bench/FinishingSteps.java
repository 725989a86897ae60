package ongle.core.bench;

import java.util.List;
import java.util.function.Predicate;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.plan.NailPlan;

/** Filing the build and coating it. */
final class FinishingSteps {
  private final HandWork work;

  FinishingSteps(HandWork work) {
    this.work = work;
  }

  void filing() {
    List<NailPlan> built = work.built();
    if (built.isEmpty()) {
      return;
    }
    List<NailPlan> tacky =
        built.stream().filter(nail -> !nail.build().product().setsByItself()).toList();
    if (!tacky.isEmpty()) {
      StepDraft wipe = work.draft(StepKind.WIPE, tacky);
      wipe.needsSettled = true;
      wipe.add();
    }
    FilingRoutine routine = work.wish.schools().filing();
    boolean none = routine == FilingRoutine.NONE && built.stream().allMatch(HandWork::levelling);
    List<StepKind> kinds =
        none
            ? List.of(StepKind.TOUCH_EDGE)
            : switch (routine) {
              case EDGE_FIRST, NONE ->
                  List.of(
                      StepKind.OUTLINE, StepKind.SIDEWALLS, StepKind.SURFACE, StepKind.UNDERNEATH);
              case SIDES_FIRST ->
                  List.of(
                      StepKind.SIDEWALLS, StepKind.OUTLINE, StepKind.SURFACE, StepKind.UNDERNEATH);
              case QUARTERS -> List.of(StepKind.QUARTERS, StepKind.UNDERNEATH);
            };
    boolean first = tacky.isEmpty();
    for (StepKind kind : kinds) {
      StepDraft step = work.draft(kind, built);
      step.needsSettled = first;
      if (kind == StepKind.SURFACE) {
        work.electric(step, Bit.SURFACE);
      }
      if (kind != StepKind.SURFACE && kind != StepKind.UNDERNEATH) {
        HandWork.filed(step, step.on);
      }
      if (kind == kinds.get(0) && routine == FilingRoutine.NONE && !none) {
        step.hints.add(new Hint.HasToBeFiled());
      }
      first = false;
      step.add();
    }
  }

  /** Whether something of this hand lies under clear that is filed before its top coat. */
  boolean capped() {
    return work.coated().stream().anyMatch(nail -> work.has(nail, LayerKind.CAP));
  }

  /** What lies between the build and its top coat. */
  void underTop() {
    painted(nail -> !work.built().contains(nail) && bare(nail), LayerKind.BASE, StepKind.BASE);
    List<NailPlan> inlaid = with(nail -> true, LayerKind.INLAY);
    if (!inlaid.isEmpty()) {
      work.byCoat(inlaid, LayerKind.INLAY)
          .forEach(
              (coat, nails) -> {
                StepDraft inlay = work.draft(StepKind.INLAY, nails);
                inlay.hints.add(new Hint.InlayBack(Recipe.INLAY_BACK, Recipe.OVER_INLAY));
                if (!coat.shipped()) {
                  inlay.tool(new Tool.Brushed(coat));
                }
                inlay.add();
              });
    }
    int most =
        work.coated().stream()
            .mapToInt(nail -> work.recipe(nail).times(LayerKind.COLOUR))
            .max()
            .orElse(0);
    for (int i = 1; i <= most; i++) {
      int number = i;
      List<NailPlan> coated =
          with(nail -> work.recipe(nail).times(LayerKind.COLOUR) >= number, LayerKind.COLOUR);
      work.coat(coated, LayerKind.COLOUR, StepKind.COLOUR, i, most);
    }
    painted(nail -> true, LayerKind.CAP, StepKind.CAP);
  }

  /** The clear over it, filed even. */
  void smooth() {
    List<NailPlan> capped = with(nail -> true, LayerKind.CAP);
    if (!capped.isEmpty()) {
      work.draft(StepKind.WIPE, capped).add();
      work.draft(StepKind.CAP_FILE, capped).add();
      work.draft(StepKind.CLEAN, capped).add();
    }
  }

  void top() {
    List<NailPlan> wiped =
        painted(nail -> true, LayerKind.TOP, StepKind.TOP).stream().filter(this::wiped).toList();
    if (!wiped.isEmpty()) {
      work.draft(StepKind.WIPE, wiped).add();
    }
  }

  /** The usual top coat is as the salon's is; its own are what they are. */
  private boolean wiped(NailPlan nail) {
    Coat top = work.recipe(nail).coat(LayerKind.TOP);
    return top.shipped() ? work.wish.schools().topCoat() == TopCoat.WIPED : top.wiped();
  }

  private List<NailPlan> painted(Predicate<NailPlan> which, LayerKind layer, StepKind kind) {
    List<NailPlan> on = with(which, layer);
    if (!on.isEmpty()) {
      work.coat(on, layer, kind, 1, 1);
    }
    return on;
  }

  private List<NailPlan> with(Predicate<NailPlan> which, LayerKind layer) {
    return work.coated().stream().filter(nail -> work.has(nail, layer)).filter(which).toList();
  }

  private static boolean bare(NailPlan nail) {
    return !nail.seen().earlier().builds();
  }
}
