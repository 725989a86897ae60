package ongle.app.drawing;

import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.bench.Target;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.TipPick;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.Seat;
import ongle.core.nail.SkinState;
import ongle.core.plan.NailPlan;

/** What a step looks like: the one view of the nail, or of the hand, that the step is about. */
public final class StepDrawing {
  private StepDrawing() {}

  /**
   * Empty for steps that are about no nail.
   *
   * @param words a target's figure with its unit
   */
  public static Optional<Scene> of(
      Step step, BenchPlan plan, Seat seat, Function<Target, String> words) {
    return step.kind().scope() == StepKind.Scope.FINGER
        ? step.finger().flatMap(plan.plan()::of).flatMap(nail -> ofNail(step, nail, plan, seat))
        : step.hand()
            .map(
                hand ->
                    HandDrawing.of(
                        Finger.asSeenFrom(seat).stream()
                            .filter(finger -> finger.hand() == hand)
                            .flatMap(finger -> plan.plan().of(finger).stream())
                            .map(nail -> shown(step, nail, plan, words))
                            .toList(),
                        seat,
                        Words.of(hand, "hand")));
  }

  private static Optional<Scene> ofNail(Step step, NailPlan nail, BenchPlan plan, Seat seat) {
    Optional<TipPick> tip = nail.fit().tip();
    Optional<FormPick> form = nail.fit().form();
    return switch (step.kind()) {
      case TIP_WELL -> tip.map(pick -> FitDrawing.across(nail.nail(), pick.fit()));
      case TIP_ON, TIP_FLASH, TIP_CUT -> tip.map(pick -> FitDrawing.fromAbove(nail, pick.fit()));
      case FORM_CUT -> form.map(pick -> FormDrawing.fromAbove(nail, pick.fit()));
      case FORM_SET -> form.map(pick -> FormDrawing.fromSide(nail, pick.fit()));
      case PINCH -> Optional.of(PinchDrawing.of(nail));
      default -> Optional.of(LayDrawing.of(nail, plan, step, seat));
    };
  }

  private static HandDrawing.Shown shown(
      Step step, NailPlan nail, BenchPlan plan, Function<Target, String> words) {
    Finger finger = nail.nail().finger();
    boolean worked = step.fingers().contains(finger);
    boolean before =
        step.kind().phase() == StepKind.Phase.PREPARE
            || step.kind().phase() == StepKind.Phase.REMOVE;
    boolean infilled =
        Optional.ofNullable(plan.infills().get(finger))
            .filter(infill -> infill.removal().isEmpty())
            .isPresent();
    return new HandDrawing.Shown(
        nail,
        !before || infilled,
        worked,
        !worked
            ? ""
            : step.targets().stream()
                .filter(target -> target.finger() == finger)
                .findFirst()
                .map(words)
                .orElseGet(() -> before ? findings(nail.nail()) : ""));
  }

  /** What to mind on a plate, in a word or two. */
  private static String findings(Nail nail) {
    return String.join(
        ", ",
        Stream.of(
                nail.condition().sound() ? "" : Words.of(nail.condition()),
                nail.skin() == SkinState.INTACT ? "" : Words.of(nail.skin()))
            .filter(word -> !word.isEmpty())
            .toList());
  }
}
