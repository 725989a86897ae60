package ongle.core.bench;

import java.util.List;
import java.util.Optional;
import ongle.core.Lookup;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.schedule.Job;

/** Product that is cured: its frame, its layers, frozen and pinched nail by nail, then cured. */
final class CuredLayers {
  /** Gel can be pinched this long after its flash cure, s. */
  static final int GEL_PINCH_WITHIN = 60;

  private final HandWork work;
  private final LampSteps lamps;

  CuredLayers(HandWork work) {
    this.work = work;
    lamps = new LampSteps(work);
  }

  void add(Product product, List<NailPlan> group, LightCure cure) {
    boolean frames =
        product.handling() == Handling.BRUSHED
            && work.wish.schools().construction() == Construction.TWO_STEP;
    List<NailPlan> framed =
        frames
            ? group.stream().filter(nail -> HandWork.framed(nail) && !work.infilled(nail)).toList()
            : List.of();
    if (!framed.isEmpty()) {
      for (List<NailPlan> batch : work.batches(framed)) {
        for (NailPlan nail : batch) {
          StepDraft frame = work.draft(StepKind.FRAME, List.of(nail));
          frame.dose = doseOf(nail, ProductPortion.Place.FRAME);
          frame.add();
          if (work.pinched(nail) || work.wish.schools().order() == NailOrder.ONE_AT_A_TIME) {
            freeze(nail, cure, work.pinched(nail));
          }
        }
        if (work.wish.schools().order() != NailOrder.ONE_AT_A_TIME) {
          lamps.cure(batch, cure);
        }
      }
      if (work.wish.schools().order() == NailOrder.ONE_AT_A_TIME) {
        lamps.cure(framed, cure);
      }
    }
    int layers = group.stream().mapToInt(nail -> work.layers(nail, cure).count()).max().orElse(1);
    for (int layer = 1; layer <= layers; layer++) {
      layer(product, group, cure, frames, layer);
    }
  }

  private void layer(
      Product product, List<NailPlan> group, LightCure cure, boolean frames, int layer) {
    List<NailPlan> due =
        group.stream().filter(nail -> work.layers(nail, cure).count() >= layer).toList();
    boolean each = work.wish.schools().order() == NailOrder.ONE_AT_A_TIME;
    for (List<NailPlan> batch : work.batches(due)) {
      for (NailPlan nail : batch) {
        lay(product, nail, work.layers(nail, cure).count(), frames, layer);
        boolean last = layer == work.layers(nail, cure).count();
        boolean pinch = last && work.pinched(nail) && !frames;
        if (each || pinch) {
          freeze(nail, cure, pinch);
        }
      }
      if (!each) {
        lamps.cure(batch, cure);
      }
    }
    if (each) {
      lamps.cure(due, cure);
    }
  }

  private void lay(Product product, NailPlan nail, int layers, boolean frames, int layer) {
    List<NailPlan> one = List.of(nail);
    if (product.handling() != Handling.BRUSHED) {
      StepDraft piece = work.draft(StepKind.PIECE, one).counted(layer, layers);
      piece.dose = doseOf(nail, ProductPortion.Place.WHOLE).map(dose -> share(dose, layers));
      piece.add();
      return;
    }
    if (frames && layer == 1) {
      StepDraft slip = work.draft(StepKind.SLIP, one);
      slip.dose = doseOf(nail, ProductPortion.Place.SLIP_LAYER);
      slip.add();
    }
    StepDraft body = work.draft(StepKind.BODY, one).counted(layer, layers);
    body.dose =
        doseOf(nail, frames ? ProductPortion.Place.BODY : ProductPortion.Place.WHOLE)
            .map(dose -> share(dose, layers));
    body.add();
    if (product.levelling()) {
      work.draft(StepKind.TURN, one).add();
    }
  }

  private static ProductPortion share(ProductPortion dose, int layers) {
    return new ProductPortion(dose.place(), dose.volume() / layers);
  }

  private Optional<ProductPortion> doseOf(NailPlan nail, ProductPortion.Place place) {
    return Lookup.of(work.portions, nail.nail().finger()).doses().stream()
        .filter(dose -> dose.place() == place)
        .findFirst();
  }

  /** Frozen in the lamp before it runs, and pinched while it is half hard. */
  private void freeze(NailPlan nail, LightCure cure, boolean pinch) {
    lamps.flash(StepKind.FLASH, nail, cure);
    if (pinch) {
      StepDraft step = work.draft(StepKind.PINCH, List.of(nail));
      step.window = new Job.Window(0, GEL_PINCH_WITHIN);
      step.add();
    }
  }
}
