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
  final BuildingSteps building;
  final FinishingSteps finishing;
  private final HandWork work;
  private final PreparationSteps preparation;
  private final RemovalSteps removal;

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
    building = new BuildingSteps(work, preparation);
    finishing = new FinishingSteps(work);
  }

  /** What is put together from here on belongs to a later stage. */
  void begin(Stage stage) {
    work.stage = stage;
  }

  /** What a single line of the routine asks of this hand, added to its steps. */
  void add(Routine.Line line) {
    if (line.chapter().isPresent()) {
      removal.add();
    } else {
      line.kind().ifPresentOrElse(kind -> preparation.add(kind, line), () -> own(line));
    }
  }

  /** Its steps as the hands do them: joined to movements, and told what is not torn apart. */
  List<Step> steps() {
    return Together.of(Movement.joined(work.steps), work.wish.schools().order());
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
