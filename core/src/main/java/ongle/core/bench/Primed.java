package ongle.core.bench;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;

/** Priming so many nails at a time as get product while their primer is fresh. */
final class Primed {
  /** Product is on every nail this soon after its primer, s. */
  static final int FRESH = 300;

  /** Share of it that is planned with; the rest is for hands slower than the plan. */
  private static final double PLANNED_SHARE = 0.9;

  private final HandWork work;
  private final PreparationSteps preparation;

  Primed(HandWork work, PreparationSteps preparation) {
    this.work = work;
    this.preparation = preparation;
  }

  /**
   * Primes nails, sets their forms and lays product on them, a few at a time.
   *
   * @param lay adds the steps of laying, for as many nails as are given
   */
  void each(List<NailPlan> nails, Consumer<List<NailPlan>> lay) {
    List<NailPlan> left = nails;
    while (!left.isEmpty()) {
      int many = left.size();
      int begins = work.steps.size();
      primed(left, lay);
      while (many > 1 && stale(begins, left.subList(0, many))) {
        many--;
        work.steps.subList(begins, work.steps.size()).clear();
        primed(left.subList(0, many), lay);
      }
      left = left.subList(many, left.size());
    }
  }

  private void primed(List<NailPlan> nails, Consumer<List<NailPlan>> lay) {
    int begins = work.steps.size();
    // A cured base is no bare plate any more.
    preparation.prime(nails.stream().filter(nail -> !based(nail)).toList());
    List<NailPlan> formed =
        nails.stream()
            .filter(nail -> HandWork.onForm(nail) && !work.infilled(nail) && unset(nail))
            .filter(nail -> based(nail) || !work.based(nail))
            .toList();
    if (!formed.isEmpty()) {
      work.draft(StepKind.FORM_SET, formed).add();
    }
    int laid = work.steps.size();
    lay.accept(nails);
    int dries = 0;
    for (Step step : work.steps.subList(begins, laid)) {
      dries = Math.max(step.job().settles(), dries - step.job().seconds());
    }
    if (dries > 0 && work.steps.size() > laid) {
      work.steps.set(laid, work.steps.get(laid).after(dries));
    }
  }

  /** Whether its base is on it already. */
  private boolean based(NailPlan nail) {
    return work.steps.stream()
        .anyMatch(
            step -> step.kind() == StepKind.BASE && step.fingers().contains(nail.nail().finger()));
  }

  /** Whether its form is not under it yet. */
  private boolean unset(NailPlan nail) {
    return work.steps.stream()
        .noneMatch(
            step ->
                step.kind() == StepKind.FORM_SET && step.fingers().contains(nail.nail().finger()));
  }

  /** Whether some nail waits too long for its product. */
  private boolean stale(int begins, List<NailPlan> nails) {
    Set<Finger> bare = nails.stream().map(nail -> nail.nail().finger()).collect(Collectors.toSet());
    boolean primes = false;
    int since = 0;
    for (Step step : work.steps.subList(begins, work.steps.size())) {
      since += step.job().window().min();
      if (step.lays() && bare.removeAll(step.fingers()) && bare.isEmpty()) {
        return primes && since > FRESH * PLANNED_SHARE;
      }
      since += step.job().seconds();
      if (step.kind() == StepKind.PRIME) {
        primes = true;
        since = 0;
      }
    }
    return false;
  }
}
