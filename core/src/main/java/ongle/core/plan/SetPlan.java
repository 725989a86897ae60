package ongle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ongle.core.fitting.KitRanking;
import ongle.core.nail.Finger;

/**
 * A planned set.
 *
 * @param wish what was wanted
 * @param nails one plan per finger given, in the order of {@link Finger}
 * @param kits tip kits ranked for the set
 */
public record SetPlan(SetWish wish, List<NailPlan> nails, KitRanking kits) {
  /** Product that stays in brush and pot, as a share. */
  public static final double BRUSH_SHARE = 0.10;

  public Optional<NailPlan> of(Finger finger) {
    return nails.stream().filter(plan -> plan.nail().finger() == finger).findFirst();
  }

  /** The fingers that may be built on. */
  public List<NailPlan> built() {
    return nails.stream().filter(plan -> !plan.stopped()).toList();
  }

  /** The nail that falls shortest of an aim; empty when none is built. */
  public Optional<NailPlan> weakest() {
    return built().stream()
        .min(Comparator.comparingDouble(plan -> plan.endurance().shortest().ofAim()));
  }

  /** The nail whose infill is due first; empty when none is built. */
  public Optional<NailPlan> dueFirst() {
    return built().stream().min(Comparator.comparingInt(plan -> plan.outlook().due().day()));
  }

  /** Product to have ready for the set, cm³ (ml), with what stays in the brush. */
  public double productVolume() {
    return built().stream().mapToDouble(NailPlan::appliedVolume).sum() * (1 + BRUSH_SHARE) / 1000;
  }

  /** Product to have ready for the set, g. */
  public double productMass() {
    return built().stream()
            .mapToDouble(plan -> plan.appliedVolume() * plan.build().product().density())
            .sum()
        * (1 + BRUSH_SHARE)
        / 1000;
  }
}
