package ongle.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;

/** The steps of one hand in its order, from the routine, the plan and what is on the nails. */
final class HandSteps {
  private final HandWork work;
  private final PreparationSteps preparation;
  private final RemovalSteps removal;
  private final BuildingSteps building;
  private final FinishingSteps finishing;

  /**
   * @param nails of this hand that are worked on, thumb first
   */
  HandSteps(
      BenchWish wish,
      Hand hand,
      List<NailPlan> nails,
      Map<Finger, Portion> portions,
      Map<Finger, Infill> infills) {
    work = new HandWork(wish, hand, nails, portions, infills);
    preparation = new PreparationSteps(work);
    removal = new RemovalSteps(work);
    building = new BuildingSteps(work);
    finishing = new FinishingSteps(work);
  }

  /** What the routine's line asks of this hand, added to its steps. */
  void add(Routine.Line line) {
    switch (line.code()) {
      case Routine.OLD_PRODUCT -> removal.add();
      case Routine.FIT_AND_BUILD -> building.add();
      case Routine.FILING -> finishing.filing();
      case Routine.COATS -> finishing.coats();
      default -> line.kind().ifPresentOrElse(kind -> preparation.add(kind, line), () -> own(line));
    }
  }

  List<Step> steps() {
    return List.copyOf(work.steps);
  }

  void add(Step step) {
    work.steps.add(step);
  }

  private void own(Routine.Line line) {
    StepDraft step = work.draft(StepKind.OWN, work.nails);
    step.name = line.name();
    step.id = Optional.of(line.code() + "." + work.hand.name().charAt(0));
    step.seconds = line.ownSeconds();
    step.add();
  }
}
