package ongle.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ongle.core.Lookup;
import ongle.core.cure.Setting;
import ongle.core.fitting.FormFit;
import ongle.core.nail.Digit;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Product;
import ongle.core.schedule.Job;
import ongle.core.wear.PrepStep;

/** Fitting tips and forms and building on them, nail by nail in the order of laying. */
final class BuildingSteps {
  private static final int GLUE_HOLDS = 10;

  private final HandWork work;
  private final LampSteps lamps;

  BuildingSteps(HandWork work) {
    this.work = work;
    lamps = new LampSteps(work);
  }

  void add() {
    List<NailPlan> inOrder =
        work.built().stream().sorted(Comparator.comparing(this::place)).toList();
    inOrder.stream().filter(nail -> !work.infilled(nail)).forEach(this::fit);
    Map<Product, List<NailPlan>> byProduct = new LinkedHashMap<>();
    inOrder.stream()
        .sorted(Comparator.comparing(nail -> !nail.build().product().setsByItself()))
        .forEach(
            nail ->
                byProduct
                    .computeIfAbsent(nail.build().product(), product -> new ArrayList<>())
                    .add(nail));
    int begins = work.steps.size();
    byProduct.forEach(
        (product, group) -> {
          if (product.setsByItself()) {
            acrylic(group);
          } else {
            new CuredLayers(work).add(product, group, product.light().orElseThrow());
          }
        });
    if (work.steps.size() > begins) {
      settled(begins); // primer has to be dry before the first product
      Set<PrepStep> skipped = work.nails.get(0).wearing().skipped();
      if (!skipped.isEmpty()) {
        work.steps.set(
            begins,
            work.steps
                .get(begins)
                .warned(
                    Stream.of(
                        new StepCaution.PreparationSkipped(skipped.stream().sorted().toList()))));
      }
    }
    List<NailPlan> formed =
        inOrder.stream().filter(nail -> HandWork.onForm(nail) && !work.infilled(nail)).toList();
    if (!formed.isEmpty()) {
      StepDraft off = work.draft(StepKind.FORM_OFF, formed);
      off.needsSettled = true;
      off.add();
      List<NailPlan> shaded =
          formed.stream().filter(nail -> !nail.build().product().setsByItself()).toList();
      lamps
          .apart(shaded)
          .forEach(together -> lamps.add(StepKind.UNDERSIDE, together, LampSteps::cureOf));
    }
    List<NailPlan> tacky =
        inOrder.stream().filter(nail -> !nail.build().product().setsByItself()).toList();
    if (!tacky.isEmpty()) {
      work.draft(StepKind.WIPE, tacky).add();
    }
  }

  private void settled(int at) {
    Step step = work.steps.get(at);
    work.steps.set(at, step.with(step.job().onceSettled()));
  }

  /** Where a finger stands in the order of laying: the thumb last, as it is cured apart. */
  private int place(NailPlan nail) {
    Digit digit = nail.nail().finger().digit();
    return digit == Digit.THUMB ? Digit.values().length : digit.ordinal();
  }

  private void fit(NailPlan nail) {
    List<NailPlan> one = List.of(nail);
    switch (nail.fit().way()) {
      case TIP -> {
        work.draft(StepKind.TIP_WELL, one).add();
        StepDraft on = work.draft(StepKind.TIP_ON, one);
        boolean glued = work.wish.schools().attachment() == TipAttachment.GLUE;
        on.tool(new Tool.Holds(work.wish.schools().attachment()));
        on.settles = glued ? GLUE_HOLDS : 0;
        on.add();
        if (!glued) {
          lamps.flash(StepKind.TIP_FLASH, nail, TipAttachment.GEL_UNDER_TIP);
        }
        StepDraft cut = work.draft(StepKind.TIP_CUT, one);
        cut.needsSettled = glued; // no cut while the glue still takes hold
        cut.add();
      }
      case FORM -> {
        StepDraft cut = work.draft(StepKind.FORM_CUT, one);
        nail.fit()
            .form()
            .map(pick -> pick.fit().sides())
            .filter(sides -> sides != FormFit.Sides.AS_THEY_ARE)
            .ifPresent(sides -> cut.hints.add(new Hint.Sides(sides)));
        cut.add();
        work.draft(StepKind.FORM_SET, one).add();
      }
      case REUSABLE_FORM -> work.draft(StepKind.FORM_SET, one).add();
      case FREE_HAND, OVERLAY -> {}
    }
  }

  private void acrylic(List<NailPlan> group) {
    Setting setting = work.wish.setting();
    boolean each = work.wish.schools().order() == NailOrder.ONE_AT_A_TIME;
    for (List<NailPlan> batch : work.batches(group)) {
      List<StepDraft> pinches = new ArrayList<>();
      for (NailPlan nail : batch) {
        List<ProductPortion> beads = doses(nail);
        for (int i = 0; i < beads.size(); i++) {
          StepDraft bead = work.draft(StepKind.BEAD, List.of(nail)).counted(i + 1, beads.size());
          bead.dose = Optional.of(beads.get(i));
          bead.settles = (int) setting.hard().toSeconds();
          bead.add();
        }
        if (work.pinched(nail)) {
          StepDraft pinch = work.draft(StepKind.PINCH, List.of(nail));
          if (each) {
            pinch.window =
                new Job.Window(
                    (int) setting.pinchFrom().toSeconds(), (int) setting.pinchUntil().toSeconds());
            pinch.add();
          } else {
            pinches.add(pinch);
          }
        }
      }
      pinches.forEach(StepDraft::add);
    }
  }

  /** On a bitten plate the body comes first, or there is nothing to build the edge on. */
  private List<ProductPortion> doses(NailPlan nail) {
    List<ProductPortion> doses = Lookup.of(work.portions, nail.nail().finger()).doses();
    if (!nail.nail().condition().has(PlateFinding.BITTEN)) {
      return doses;
    }
    return doses.stream()
        .sorted(
            Comparator.comparing(
                dose ->
                    dose.place() == ProductPortion.Place.STRESS_ZONE
                        ? 0
                        : 1 + dose.place().ordinal()))
        .toList();
  }
}
