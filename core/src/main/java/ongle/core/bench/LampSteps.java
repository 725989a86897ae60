package ongle.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import ongle.core.cure.LampTime;
import ongle.core.cure.Layers;
import ongle.core.layer.LayerKind;
import ongle.core.plan.NailPlan;
import ongle.core.product.LightCure;
import ongle.core.schedule.Job;

/** A hand, or a nail of it, in the lamp. */
final class LampSteps {
  /** Levelling gel keeps its shape this long, s; a planning figure of our own. */
  static final int RUNS_AFTER = 90;

  private final HandWork work;

  LampSteps(HandWork work) {
    this.work = work;
  }

  /** A few seconds, before it runs. */
  void flash(List<NailPlan> nails) {
    StepDraft flash = work.draft(StepKind.FLASH, nails);
    flash.lit(LampTime.flash(work.wish.lamp(), cureOf(nails.get(0))).orElseThrow());
    if (nails.stream().anyMatch(HandWork::levelling)) {
      flash.window = new Job.Window(0, RUNS_AFTER);
    }
    flash.add();
  }

  /** What goes into the lamp together: thumbs apart where the lamp wants it. */
  List<List<NailPlan>> apart(List<NailPlan> nails) {
    return work.wish.lamp().thumbsApart()
        ? HandWork.fingersThenThumb(nails)
        : HandWork.nonEmpty(List.of(nails));
  }

  static LightCure cureOf(NailPlan nail) {
    return nail.build().product().light().orElseThrow();
  }

  /** Alone in a lamp that wants it so, the thumb is told apart. */
  StepKind cureKind(List<NailPlan> together) {
    return work.wish.lamp().thumbsApart() && together.stream().allMatch(HandWork::thumb)
        ? StepKind.CURE_THUMB
        : StepKind.CURE;
  }

  /** The hand's full cure. */
  void cure(List<NailPlan> laid, LightCure cure) {
    apart(laid).forEach(together -> add(cureKind(together), together, nail -> cure));
  }

  /** The hand's cure of one coat, as long as the one that needs most. */
  void coat(List<NailPlan> coated, LayerKind layer) {
    for (List<NailPlan> together : apart(coated)) {
      StepDraft step = work.draft(cureKind(together), together);
      step.lit(
          together.stream()
              .flatMap(nail -> work.recipe(nail).coat(layer).light().stream())
              .distinct()
              .flatMap(cure -> LampTime.full(work.wish.lamp(), cure).stream())
              .max(Comparator.comparing(LampTime::duration))
              .orElseThrow());
      step.add();
    }
  }

  /** As long as the one that needs most. */
  void add(StepKind kind, List<NailPlan> on, Function<NailPlan, LightCure> cures) {
    boolean gentle = on.stream().anyMatch(work::gentle);
    StepDraft step = work.draft(kind, on);
    step.lit(
        on.stream()
            .map(cures)
            .distinct()
            .flatMap(
                cure ->
                    (gentle
                            ? LampTime.gentle(work.wish.lamp(), cure)
                            : LampTime.full(work.wish.lamp(), cure))
                        .stream())
            .max(Comparator.comparing(LampTime::duration))
            .orElseThrow());
    Layers.Advice advice =
        on.stream()
            .map(nail -> work.layers(nail, cures.apply(nail)).heat().advice())
            .max(Comparator.naturalOrder())
            .orElse(Layers.Advice.NONE);
    if (work.wish.feelsHeat()) {
      step.hints.add(new Hint.FeelsHeat());
    }
    if (advice != Layers.Advice.NONE && kind != StepKind.UNDERSIDE) {
      step.hints.add(new Hint.Heat(advice));
    }
    step.add();
  }
}
