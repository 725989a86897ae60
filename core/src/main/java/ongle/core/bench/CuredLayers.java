package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import ongle.core.Lookup;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.schedule.Job;

/** Product that is cured: its frame, its layers, frozen and pinched, then cured. */
final class CuredLayers {
  /** Gel can be pinched this long after its flash cure, s. */
  static final int GEL_PINCH_WITHIN = 60;

  private final HandWork work;
  private final Primed primed;
  private final LampSteps lamps;

  CuredLayers(HandWork work, Primed primed) {
    this.work = work;
    this.primed = primed;
    lamps = new LampSteps(work);
  }

  /**
   * @param group nails of one product that are framed
   */
  void frames(List<NailPlan> group) {
    for (List<NailPlan> batch : work.batches(group)) {
      primed.each(batch, nails -> lay(nails, batch, this::frame, work::pinched));
      lamps.cure(batch, LampSteps.cureOf(batch.get(0)));
    }
  }

  private void frame(NailPlan nail) {
    StepDraft frame = work.draft(StepKind.FRAME, List.of(nail));
    frame.dose = doseOf(nail, ProductPortion.Place.FRAME);
    frame.add();
  }

  /**
   * @param group nails of one product
   * @param primedAnew whether those with a frame are primed once more, as it was filed
   */
  void bodies(List<NailPlan> group, boolean primedAnew) {
    LightCure cure = LampSteps.cureOf(group.get(0));
    int layers = group.stream().mapToInt(nail -> work.layers(nail, cure).count()).max().orElse(1);
    for (int layer = 1; layer <= layers; layer++) {
      int number = layer;
      List<NailPlan> due =
          group.stream().filter(nail -> work.layers(nail, cure).count() >= number).toList();
      Consumer<NailPlan> body = nail -> body(nail, work.layers(nail, cure).count(), number);
      Predicate<NailPlan> pinched =
          nail ->
              work.pinched(nail) && !work.frames(nail) && work.layers(nail, cure).count() == number;
      for (List<NailPlan> batch : work.batches(due)) {
        Predicate<NailPlan> bare = nail -> number == 1 && (primedAnew || !work.frames(nail));
        primed.each(
            batch.stream().filter(bare).toList(), nails -> lay(nails, batch, body, pinched));
        lay(batch.stream().filter(bare.negate()).toList(), batch, body, pinched);
        lamps.cure(batch, cure);
      }
    }
  }

  /**
   * Lays nails, and freezes and pinches what wants it.
   *
   * @param batch that goes into the lamp for its full cure afterwards
   */
  private void lay(
      List<NailPlan> nails,
      List<NailPlan> batch,
      Consumer<NailPlan> laying,
      Predicate<NailPlan> pinched) {
    List<NailPlan> soft = new ArrayList<>();
    for (NailPlan nail : nails) {
      laying.accept(nail);
      boolean curedNext = nail == batch.get(batch.size() - 1) && lamps.apart(batch).size() == 1;
      if (!work.eachFrozen(nail)) {
        soft.add(nail);
      } else if (pinched.test(nail)) {
        pinch(List.of(nail));
      } else if (!curedNext) {
        lamps.flash(List.of(nail));
      }
    }
    List<NailPlan> toPinch = soft.stream().filter(pinched).toList();
    for (List<NailPlan> together : lamps.apart(toPinch)) {
      int many = pinchedAtOnce();
      for (int i = 0; i < together.size(); i += many) {
        pinch(together.subList(i, Math.min(together.size(), i + many)));
      }
    }
  }

  /** Of one nail, s. */
  private int pinch() {
    return (int) Math.ceil(StepKind.PINCH.seconds() * work.wish.factor(StepKind.PINCH, work.hand));
  }

  /** So many that the last is still half hard when its turn comes. */
  private int pinchedAtOnce() {
    int each = pinch();
    return 1 + StepDraft.planned(new Job.Window(0, GEL_PINCH_WITHIN)).max() / Math.max(1, each);
  }

  private void body(NailPlan nail, int layers, int layer) {
    List<NailPlan> one = List.of(nail);
    Product product = nail.build().product();
    if (product.handling() != Handling.BRUSHED) {
      StepDraft piece = work.draft(StepKind.PIECE, one).counted(layer, layers);
      piece.dose = doseOf(nail, ProductPortion.Place.WHOLE).map(dose -> share(dose, layers));
      piece.add();
      return;
    }
    Optional<ProductPortion> slips = doseOf(nail, ProductPortion.Place.SLIP_LAYER);
    if (slips.isPresent() && layer == 1) {
      StepDraft slip = work.draft(StepKind.SLIP, one);
      slip.dose = slips;
      slip.add();
    }
    StepDraft body = work.draft(StepKind.BODY, one).counted(layer, layers);
    body.dose =
        doseOf(nail, ProductPortion.Place.BODY)
            .or(() -> doseOf(nail, ProductPortion.Place.WHOLE))
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
  private void pinch(List<NailPlan> nails) {
    lamps.flash(nails);
    StepDraft step = work.draft(StepKind.PINCH, nails);
    int others = (nails.size() - 1) * pinch();
    step.window = new Job.Window(0, Math.max(0, GEL_PINCH_WITHIN - others));
    step.add();
  }
}
