package ongle.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.Lookup;
import ongle.core.cure.Setting;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.NailPlan;
import ongle.core.portion.ProductPortion;
import ongle.core.schedule.Job;

/** Product that sets by itself: the beads of a nail, and its pinch while they are half hard. */
final class Beads {
  private final HandWork work;
  private final Primed primed;

  Beads(HandWork work, Primed primed) {
    this.work = work;
    this.primed = primed;
  }

  void add(List<NailPlan> group) {
    for (List<NailPlan> batch : work.batches(group)) {
      primed.each(batch, this::lay);
    }
  }

  /**
   * A nail whose beads have set half.
   *
   * @param window of its pinch, from the end of its last bead
   * @param lastBead by id
   */
  private record HalfSet(NailPlan nail, Job.Window window, String lastBead) {}

  /** While one nail sets the next is laid, if that leaves the time to go back and pinch it. */
  private void lay(List<NailPlan> nails) {
    Optional<HalfSet> setting = Optional.empty();
    for (NailPlan nail : nails) {
      int begins = work.steps.size();
      int seconds = beads(nail);
      if (setting.isPresent()) {
        Job.Window window = setting.get().window();
        boolean inTime =
            seconds <= StepDraft.planned(window).max()
                && work.wish.schools().order() != NailOrder.ONE_AT_A_TIME;
        pinch(setting.get(), inTime ? work.steps.size() : begins, inTime ? seconds : 0);
      }
      setting = work.pinched(nail) ? Optional.of(halfSet(nail)) : Optional.empty();
    }
    setting.ifPresent(last -> pinch(last, work.steps.size(), 0));
  }

  /** Lays the beads of a nail; how long that takes, s. */
  private int beads(NailPlan nail) {
    List<ProductPortion> beads = doses(nail);
    int seconds = 0;
    for (int i = 0; i < beads.size(); i++) {
      StepDraft bead = work.draft(StepKind.BEAD, List.of(nail)).counted(i + 1, beads.size());
      bead.dose = Optional.of(beads.get(i));
      if (work.recipe(nail).twoPowders() && beads.get(i).place() == ProductPortion.Place.CUTICLE) {
        bead.hints.add(new Hint.CuticlePowder());
      }
      bead.settles = (int) work.wish.setting().hard().toSeconds();
      bead.add();
      seconds += work.steps.get(work.steps.size() - 1).job().seconds();
    }
    return seconds;
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

  /** The time in which all beads that are squeezed, those beyond the stress line, are half hard. */
  private HalfSet halfSet(NailPlan nail) {
    Setting setting = work.wish.setting();
    int ended = 0; // before the last bead's end
    int from = 0;
    int until = Integer.MAX_VALUE - 1;
    String last = work.steps.get(work.steps.size() - 1).id();
    for (int i = work.steps.size() - 1; i >= 0; i--) {
      Step bead = work.steps.get(i);
      if (bead.kind() != StepKind.BEAD || !bead.fingers().contains(nail.nail().finger())) {
        if (bead.kind() == StepKind.PINCH) {
          continue; // of the nail before
        }
        break;
      }
      if (ended == 0) {
        last = bead.id();
      }
      if (bead.dose().orElseThrow().place() == ProductPortion.Place.FREE_EDGE) {
        from = Math.max(from, (int) setting.pinchFrom().toSeconds() - ended);
        until = Math.min(until, (int) setting.pinchUntil().toSeconds() - ended);
      }
      ended += bead.job().seconds();
    }
    // Where the first bead is past it before the last can be squeezed, between the two.
    return new HalfSet(
        nail, new Job.Window(Math.max(0, Math.min(from, until)), Math.max(from, until)), last);
  }

  /**
   * @param at place among the steps
   * @param later how long after the nail's last bead that place is, s
   */
  private void pinch(HalfSet half, int at, int later) {
    work.draft(StepKind.PINCH, List.of(half.nail())).add();
    Step pinch = work.steps.remove(work.steps.size() - 1);
    Job.Window planned = StepDraft.planned(half.window());
    work.steps.add(
        at,
        pinch.within(
            half.window(),
            new Job.Window(Math.max(0, planned.min() - later), Math.max(0, planned.max() - later)),
            half.lastBead()));
  }
}
