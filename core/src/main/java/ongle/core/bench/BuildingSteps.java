package ongle.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import ongle.core.cure.LampTime;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.layer.LayerKind;
import ongle.core.plan.NailPlan;
import ongle.core.product.Product;
import ongle.core.wear.PrepStep;

/** Fitting tips and forms and building on them. */
final class BuildingSteps {
  private static final int GLUE_HOLDS = 10;

  private final HandWork work;
  private final PreparationSteps preparation;
  private final LampSteps lamps;
  private final Primed primed;
  private final CuredLayers cured;
  private final Beads beads;

  /** The nails whose turn it is. */
  private Predicate<NailPlan> turn = nail -> true;

  BuildingSteps(HandWork work, PreparationSteps preparation) {
    this.work = work;
    this.preparation = preparation;
    lamps = new LampSteps(work);
    primed = new Primed(work, preparation);
    cured = new CuredLayers(work, primed);
    beads = new Beads(work, primed);
  }

  /** From here on only these are built on. */
  void on(Predicate<NailPlan> which) {
    turn = which;
  }

  private List<NailPlan> due() {
    return HandWork.inOrder(work.built()).stream().filter(turn).toList();
  }

  /** Whether it is built anew. */
  boolean fresh(NailPlan nail) {
    return work.job(nail).builds() && !work.infilled(nail);
  }

  private List<NailPlan> fresh(Predicate<NailPlan> which) {
    return work.nails.stream().filter(turn).filter(this::fresh).filter(which).toList();
  }

  private static boolean on(NailPlan nail, BuildWay way) {
    return nail.fit().way() == way;
  }

  /** Sizes and cuts; the two hands are compared before anything is built. */
  void fit() {
    List<NailPlan> tips = fresh(nail -> on(nail, BuildWay.TIP));
    if (!tips.isEmpty()) {
      work.draft(StepKind.TIP_WELL, tips).add();
      if (work.wish.schools().tipPriming() == TipPriming.UNDER_TOO) {
        preparation.prime(tips);
      }
      StepDraft on = work.draft(StepKind.TIP_ON, tips);
      boolean glued = work.wish.schools().attachment() == TipAttachment.GLUE;
      on.tool(new Tool.Holds(work.wish.schools().attachment()));
      on.needsSettled = true;
      if (glued) {
        on.settles = GLUE_HOLDS;
      } else {
        on.shining(LampTime.flash(work.wish.lamp(), TipAttachment.GEL_UNDER_TIP).orElseThrow());
      }
      on.add();
      StepDraft cut = work.draft(StepKind.TIP_CUT, tips);
      cut.needsSettled = glued; // no cut while the glue still takes hold
      cut.add();
    }
    List<NailPlan> forms = fresh(nail -> on(nail, BuildWay.FORM));
    if (!forms.isEmpty()) {
      StepDraft cut = work.draft(StepKind.FORM_CUT, forms);
      forms.stream()
          .flatMap(nail -> nail.fit().form().stream())
          .map(pick -> pick.fit().sides())
          .filter(sides -> sides != FormFit.Sides.AS_THEY_ARE)
          .distinct()
          .forEach(sides -> cut.hints.add(new Hint.Sides(sides)));
      cut.add();
    }
  }

  /** Whether something was cut that the hands are to be compared by. */
  boolean compares() {
    return !fresh(nail -> on(nail, BuildWay.TIP) || on(nail, BuildWay.FORM)).isEmpty();
  }

  /** Files the steps of the tips away, and off with the dust. */
  void blend() {
    List<NailPlan> tips = fresh(nail -> on(nail, BuildWay.TIP));
    if (!tips.isEmpty()) {
      work.draft(StepKind.TIP_BLEND, tips).add();
      work.draft(StepKind.DUST, tips).add();
    }
  }

  /** A thin coat on the whole hand, cured before anything is built on it. */
  private void bases() {
    List<NailPlan> based = due().stream().filter(work::based).toList();
    primed.each(based, nails -> work.coat(nails, LayerKind.BASE, StepKind.BASE, 1, 1));
  }

  void frames() {
    int begins = work.steps.size();
    bases();
    byProduct(work::frames).values().forEach(cured::frames);
    warned(begins);
  }

  /** Whether frames are filed before the body is laid on them. */
  boolean refines() {
    return offAfterFrame() && !onForms().isEmpty();
  }

  private List<NailPlan> onForms() {
    return fresh(nail -> work.frames(nail) && HandWork.onForm(nail));
  }

  /** Forms off their frames, and what can be filed of those. */
  void refine() {
    List<NailPlan> framed = onForms();
    if (refines()) {
      StepDraft off = work.draft(StepKind.FORM_OFF, framed);
      off.needsSettled = true;
      off.add();
      work.draft(StepKind.WIPE, framed).add();
      work.draft(StepKind.FRAME_FILE, framed).add();
      work.draft(StepKind.DUST, framed).add();
    }
  }

  private boolean offAfterFrame() {
    return work.wish.schools().formOff() == FormOff.AFTER_FRAME;
  }

  void bodies() {
    int begins = work.steps.size();
    Map<Product, List<NailPlan>> groups = byProduct(nail -> true);
    groups.forEach(
        (product, group) -> {
          if (product.setsByItself()) {
            beads.add(group);
          }
        });
    groups.forEach(
        (product, group) -> {
          if (!product.setsByItself()) {
            cured.bodies(group, offAfterFrame());
          }
        });
    if (fresh(nail -> work.frames(nail) || work.based(nail)).isEmpty()) {
      warned(begins);
    }
    List<NailPlan> formed =
        fresh(nail -> HandWork.onForm(nail) && !(work.frames(nail) && offAfterFrame()));
    if (!formed.isEmpty()) {
      StepDraft off = work.draft(StepKind.FORM_OFF, formed);
      off.needsSettled = true;
      off.add();
      lamps
          .apart(formed.stream().filter(nail -> !nail.build().product().setsByItself()).toList())
          .forEach(together -> lamps.add(StepKind.UNDERSIDE, together, LampSteps::cureOf));
    }
  }

  /** In the order of laying. */
  private Map<Product, List<NailPlan>> byProduct(Predicate<NailPlan> which) {
    Map<Product, List<NailPlan>> groups = new LinkedHashMap<>();
    due().stream()
        .filter(which)
        .forEach(
            nail ->
                groups
                    .computeIfAbsent(nail.build().product(), product -> new ArrayList<>())
                    .add(nail));
    return groups;
  }

  /** Who laid product on a plate that was not prepared in full is told so at the first of it. */
  private void warned(int begins) {
    Set<PrepStep> skipped = work.nails.get(0).wearing().skipped();
    Optional<Step> first =
        work.steps.subList(begins, work.steps.size()).stream().filter(Step::lays).findFirst();
    if (!skipped.isEmpty() && first.isPresent()) {
      work.steps.set(
          work.steps.indexOf(first.get()),
          first
              .get()
              .warned(
                  Stream.of(
                      new StepCaution.PreparationSkipped(skipped.stream().sorted().toList()))));
    }
  }
}
