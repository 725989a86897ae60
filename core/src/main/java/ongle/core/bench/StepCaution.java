package ongle.core.bench;

import java.util.List;
import ongle.core.Code;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.Contraindication;
import ongle.core.wear.PrepStep;

/** What to be careful of at a step on these nails, beside what the kind of step always asks. */
public sealed interface StepCaution extends Code {
  /** An electric file rests nowhere. */
  record NeverRest() implements StepCaution {}

  /** Fingers with an open cut. */
  record OpenCut(List<Digit> fingers) implements StepCaution {
    public OpenCut {
      fingers = List.copyOf(fingers);
    }
  }

  /** Primer and product stay away from an open cut. */
  record NothingNearCut() implements StepCaution {}

  /** What a plate asks for. */
  record Plate(PlateFinding finding) implements StepCaution {}

  /** The preparation was not whole. */
  record PreparationSkipped(List<PrepStep> steps) implements StepCaution {
    public PreparationSkipped {
      steps = List.copyOf(steps);
    }
  }

  /** A finger that is left alone. */
  record NotBuiltOn(Finger finger, Contraindication.Why why) implements StepCaution {}
}
