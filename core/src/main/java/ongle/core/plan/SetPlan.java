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
 * @param apexPlace share of the plate at which the school puts the apexes, or the computed one
 */
public record SetPlan(SetWish wish, List<NailPlan> nails, KitRanking kits, double apexPlace) {
  public SetPlan {
    nails = List.copyOf(nails);
  }

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
        .min(Comparator.comparingDouble(plan -> plan.endurance().governing().ofAim()));
  }

  /** Share of the plate the apexes would lie at after the computed school. */
  double computedPlace() {
    return SetPlanner.computedPlace(
        nails.stream().map(NailPlan::draft).toList(),
        draft -> of(draft.nail().finger()).orElseThrow().extension());
  }

  /** How long the set holds, and what decides it. */
  public Interval interval() {
    return Interval.of(this);
  }
}
