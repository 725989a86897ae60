package ongle.core.bench;

import java.util.List;
import ongle.core.cure.LampTime;
import ongle.core.plan.NailPlan;
import ongle.core.product.LightCure;

/** Filing the build and coating it. */
final class FinishingSteps {
  private final HandWork work;
  private final LampSteps lamps;

  FinishingSteps(HandWork work) {
    this.work = work;
    lamps = new LampSteps(work);
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

  void coats() {
    List<NailPlan> coated = work.coated();
    if (coated.isEmpty()) {
      return;
    }
    Finish finish = work.wish.finish();
    for (int i = 1; i <= finish.coats(); i++) {
      StepDraft coat = work.draft(StepKind.COLOUR, coated).counted(i, finish.coats());
      coat.tool(new Tool.Coat(finish.colour()));
      coat.add();
      cureCoat(coated, finish.cure());
    }
    work.draft(StepKind.TOP, coated).add();
    cureCoat(coated, Finish.TOP_COAT);
    work.draft(StepKind.WIPE, coated).add();
  }

  private void cureCoat(List<NailPlan> coated, LightCure cure) {
    for (List<NailPlan> together : lamps.apart(coated)) {
      StepDraft step = work.draft(lamps.cureKind(together), together);
      step.lit(LampTime.full(work.wish.lamp(), cure).orElseThrow());
      step.add();
    }
  }
}
