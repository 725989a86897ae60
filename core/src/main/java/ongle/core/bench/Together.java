package ongle.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ongle.core.nail.Finger;
import ongle.core.product.Product;
import ongle.core.schedule.Job;

/**
 * What is not torn apart: pieces of work in which the technician does not turn to the other hand.
 */
final class Together {
  private static final Set<StepKind> LIGHT =
      Set.of(StepKind.FLASH, StepKind.CURE, StepKind.CURE_THUMB);

  private Together() {}

  /** The steps of a hand, each told whether the next belongs to it. */
  static List<Step> of(List<Step> steps, NailOrder order) {
    boolean[] keeps = new boolean[steps.size()];
    int[] light = new int[steps.size()];
    Arrays.fill(light, Job.Place.ANY_LIGHT);
    for (int i = 0; i + 1 < steps.size(); i++) {
      boolean handByHand =
          order == NailOrder.HAND_BY_HAND
              && builds(steps.get(i))
              && steps.get(i).job().stage() == steps.get(i + 1).job().stage();
      keeps[i] |= handByHand || goesOn(steps.get(i), steps.get(i + 1));
      if (steps.get(i).primes()) {
        freshly(steps, i, keeps);
        light[i] = untilLight(steps, i, keeps);
      }
    }
    List<Step> told = new ArrayList<>();
    for (int i = 0; i < keeps.length; i++) {
      boolean sameStage =
          i + 1 < keeps.length && steps.get(i).job().stage() == steps.get(i + 1).job().stage();
      told.add(
          steps
              .get(i)
              .with(steps.get(i).job().keeping(keeps[i] && sameStage).lightAfter(light[i])));
    }
    return told;
  }

  private static boolean builds(Step step) {
    return step.job().stage() == Stage.FRAME.ordinal()
        || step.job().stage() == Stage.BODY.ordinal();
  }

  private static boolean goesOn(Step step, Step next) {
    return switch (step.kind()) {
      case FLASH, BEAD -> next.kind() == StepKind.PINCH;
      case PINCH -> LIGHT.contains(next.kind());
      case FRAME, SLIP, BODY, TURN, PIECE ->
          LIGHT.contains(next.kind()) || runs(step) && next.dose().isPresent();
      case COLOUR, TOP, BASE, CAP ->
          next.kind() == step.kind() || LIGHT.contains(next.kind()); // another bottle, same light
      case FORM_OFF -> next.kind() == StepKind.UNDERSIDE;
      default -> false;
    };
  }

  /** Gel that levels by itself runs until it is in the lamp. */
  private static boolean runs(Step step) {
    return step.product().filter(Product::levelling).isPresent();
  }

  /** From the primer on, until every primed nail has its product. */
  private static void freshly(List<Step> steps, int primed, boolean[] keeps) {
    Set<Finger> bare = new HashSet<>(steps.get(primed).fingers());
    for (int i = primed + 1; i < steps.size() && !bare.isEmpty(); i++) {
      keeps[i - 1] = true;
      bare.removeIf(steps.get(i)::covers);
    }
  }

  /** From the beginning of a piece of work to the first light in it, s. */
  private static int untilLight(List<Step> steps, int from, boolean[] keeps) {
    int seconds = 0;
    for (int i = from; i < steps.size(); i++) {
      if (steps.get(i).job().lamp()) {
        return seconds;
      }
      if (!keeps[i]) {
        break;
      }
      seconds += steps.get(i).job().seconds();
    }
    return Job.Place.ANY_LIGHT;
  }
}
