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
    if (!work.builds()) {
      return;
    }
    FilingRoutine routine = work.wish.schools().filing();
    boolean none =
        routine == FilingRoutine.NONE && work.nails.stream().allMatch(HandWork::levelling);
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
    boolean first = true;
    for (StepKind kind : kinds) {
      StepDraft step = work.draft(kind, work.nails);
      step.needsSettled = first;
      if (kind == StepKind.SURFACE) {
        work.electric(step, Bit.SURFACE);
      }
      if (kind != StepKind.SURFACE && kind != StepKind.UNDERNEATH) {
        HandWork.filed(step, step.on);
      }
      if (first && routine == FilingRoutine.NONE && !none) {
        step.hints.add(new Hint.HasToBeFiled());
      }
      first = false;
      step.add();
    }
  }

  void coats() {
    if (!work.builds()) {
      return;
    }
    Finish finish = work.wish.finish();
    for (int i = 1; i <= finish.coats(); i++) {
      StepDraft coat = work.draft(StepKind.COLOUR, work.nails).counted(i, finish.coats());
      coat.tool(new Tool.Coat(finish.colour()));
      coat.add();
      cureCoat(finish.cure());
    }
    work.draft(StepKind.TOP, work.nails).add();
    cureCoat(Finish.TOP_COAT);
    work.draft(StepKind.WIPE, work.nails).add();
  }

  private void cureCoat(LightCure cure) {
    for (List<NailPlan> together : lamps.apart(work.nails)) {
      StepDraft step = work.draft(lamps.cureKind(together), together);
      step.lit(LampTime.full(work.wish.lamp(), cure).orElseThrow());
      step.add();
    }
  }
}
