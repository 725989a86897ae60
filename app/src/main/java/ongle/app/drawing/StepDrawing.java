package ongle.app.drawing;

import java.util.List;
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
   * @param next nail of several that is to be done now; empty for all of them
   * @param words a target's figure with its unit
   */
  public static Optional<Scene> of(
      Step step, BenchPlan plan, Seat seat, Optional<Finger> next, Function<Target, String> words) {
    Optional<NailPlan> nail = step.finger().or(() -> next).flatMap(plan.plan()::of);
    Optional<Scene> one = nail.flatMap(of -> ofNail(step, of, plan, seat));
    if (one.isPresent()) {
      return one;
    }
    if (step.hand().isEmpty() && step.kind() != StepKind.COMPARE) {
      return Optional.empty();
    }
    return Optional.of(
        HandDrawing.of(
            Finger.asSeenFrom(seat).stream()
                .filter(finger -> step.on(finger.hand()))
                .flatMap(finger -> plan.plan().of(finger).stream())
                .map(of -> shown(step, of, plan, words))
                .toList(),
            seat,
            step.hand()
                .map(hand -> Words.of(hand, "hand"))
                .orElseGet(() -> Words.say("bench.both-hands"))));
  }

  /** Empty where the step is better seen on the whole hand. */
  private static Optional<Scene> ofNail(Step step, NailPlan nail, BenchPlan plan, Seat seat) {
    Optional<TipPick> tip = nail.fit().tip();
    Optional<FormPick> form = nail.fit().form();
    if (step.parts().stream().anyMatch(part -> part.kind() == StepKind.FORM_SET)) {
      return form.map(pick -> FormDrawing.fromSide(nail, pick.fit(), false));
    }
    return switch (step.kind()) {
      case TIP_WELL -> tip.map(pick -> FitDrawing.across(nail.nail(), pick.fit()));
      case TIP_ON, TIP_CUT -> tip.map(pick -> FitDrawing.fromAbove(nail, pick.fit()));
      case FORM_CUT -> form.map(pick -> FormDrawing.fromAbove(nail, pick.fit()));
      case FORM_SET -> form.map(pick -> FormDrawing.fromSide(nail, pick.fit(), false));
      case PINCH -> Optional.of(PinchDrawing.of(nail));
      default ->
          step.dose().isPresent()
              ? Optional.of(LayDrawing.of(nail, plan, step, seat))
              : Optional.empty();
    };
  }

  private static HandDrawing.Shown shown(
      Step step, NailPlan nail, BenchPlan plan, Function<Target, String> words) {
    Finger finger = nail.nail().finger();
    boolean worked = step.fingers().contains(finger);
    boolean built = step.kind() == StepKind.COMPARE || built(step, finger, plan);
    return new HandDrawing.Shown(
        nail,
        built,
        worked,
        !worked
            ? ""
            : step.targets().stream()
                .filter(target -> target.finger() == finger)
                .findFirst()
                .map(words)
                .orElseGet(() -> built ? "" : findings(nail.nail())));
  }

  /** Whether the nail has its build by then: laid in this visit, or standing from the last. */
  private static boolean built(Step step, Finger finger, BenchPlan plan) {
    boolean stands =
        switch (plan.wish().job(finger)) {
          case INFILL ->
              Optional.ofNullable(plan.infills().get(finger))
                  .filter(infill -> infill.removal().isEmpty())
                  .isPresent();
          case LEAVE, REPAIR ->
              plan.plan().of(finger).filter(nail -> nail.seen().earlier().builds()).isPresent();
          case NEW, OFF, POLISH -> false;
        };
    List<Step> steps = plan.on(finger.hand());
    int now = plan.step(step.id()).map(steps::indexOf).orElse(-1);
    return stands
        || steps.subList(0, Math.max(0, now + 1)).stream()
            .flatMap(before -> before.singly().stream())
            .anyMatch(before -> before.dose().isPresent() && before.fingers().contains(finger));
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
