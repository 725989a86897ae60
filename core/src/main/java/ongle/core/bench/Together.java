package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ongle.core.product.Product;

/**
 * What is not torn apart: pieces of work in which the technician does not turn to the other hand.
 */
final class Together {
  private static final Set<StepKind> LAID =
      Set.of(StepKind.FRAME, StepKind.SLIP, StepKind.BODY, StepKind.TURN);

  private static final Set<StepKind> LIGHT =
      Set.of(StepKind.FLASH, StepKind.CURE, StepKind.CURE_THUMB);

  private Together() {}

  /** The steps of a hand, each told whether the next belongs to it. */
  static List<Step> of(List<Step> steps) {
    List<Step> told = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      boolean keeps = i + 1 < steps.size() && goesOn(step, steps.get(i + 1));
      told.add(step.with(step.job().keeping(keeps)));
    }
    return told;
  }

  private static boolean goesOn(Step step, Step next) {
    boolean sameNail = step.fingers().equals(next.fingers());
    return switch (step.kind()) {
      case BEAD -> next.kind() == StepKind.BEAD && sameNail;
      case FORM_CUT -> next.kind() == StepKind.FORM_SET && sameNail;
      case FLASH -> next.kind() == StepKind.PINCH && sameNail;
      case COLOUR, TOP -> LIGHT.contains(next.kind());
      case FRAME, SLIP, BODY, TURN ->
          runs(step)
              ? LAID.contains(next.kind()) || LIGHT.contains(next.kind())
              : next.kind() == StepKind.BODY && sameNail;
      default -> false;
    };
  }

  /** Gel that levels by itself runs until it is in the lamp. */
  private static boolean runs(Step step) {
    return step.kind() == StepKind.TURN || step.product().filter(Product::levelling).isPresent();
  }
}
