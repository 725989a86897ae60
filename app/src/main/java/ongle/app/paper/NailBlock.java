package ongle.app.paper;

import ongle.app.drawing.Scene;
import ongle.app.drawing.SheetDrawing;
import ongle.app.planning.PlannedSet;
import ongle.app.words.FitWords;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;

/** One nail on paper: its drawing at true size and the figures beside it. */
public record NailBlock(
    Finger finger,
    Scene scene,
    boolean stopped,
    String tip,
    String tipWork,
    String length,
    String decided,
    String apex,
    String apexAt,
    String edge,
    String side,
    String barrel,
    String squeeze,
    String plate,
    String lasts) {
  /** How far to pinch where the barrel is full; null where there is nothing to pinch. */
  private static String squeeze(NailPlan plan) {
    return plan.pinch().map(pinch -> Numbers.mm(pinch.squeezeTo())).orElse(null);
  }

  /** Only what was not measured is an estimate. */
  private static String estimated(PlannedSet planned, Finger finger, Quantity quantity) {
    return planned.readings().of(finger, quantity).measured()
        ? ""
        : Words.say("paper.estimated") + " ";
  }

  /** How long it holds where that is less than wished; null where it holds. */
  private static String lasts(NailPlan plan) {
    Interval.OfFinger finger = Interval.OfFinger.of(plan);
    if (finger.whole()) {
      return null;
    }
    return finger.notAdvised()
        ? Words.say("paper.not-advised")
        : Words.say("paper.holds", "days", finger.holds(), "wished", plan.wearing().days());
  }

  public static NailBlock of(PlannedSet planned, Finger finger) {
    NailPlan plan = planned.of(finger);
    var profile = plan.build().profile();
    return new NailBlock(
        finger,
        SheetDrawing.of(plan),
        plan.stopped(),
        FitWords.takes(plan),
        FitWords.work(plan),
        Numbers.mm(plan.extension()),
        plan.length().set() == FingerLength.Decision.WISH ? null : Words.of(plan.length().set()),
        Numbers.thickness(profile.apexThickness()),
        Numbers.format(profile.apexAt(), 1),
        Numbers.format(profile.edgeThickness(), 2),
        Numbers.format(plan.build().across().side(profile.apexThickness()), 2),
        Numbers.withUnit(Quantity.BARREL_DEPTH, 100 * plan.build().barrelDepthRatio()),
        squeeze(plan),
        estimated(planned, finger, Quantity.WIDTH)
            + Numbers.format(plan.nail().width(), 1)
            + " × "
            + estimated(planned, finger, Quantity.PLATE_LENGTH)
            + Numbers.mm(plan.nail().plateLength()),
        lasts(plan));
  }
}
