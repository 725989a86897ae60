package ongle.app.paper;

import java.util.List;
import ongle.app.drawing.Scene;
import ongle.app.drawing.SheetDrawing;
import ongle.app.sets.PlannedSet;
import ongle.app.web.Numbers;
import ongle.app.words.FitWords;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.FingerLength;
import ongle.core.plan.NailPlan;
import ongle.core.structure.Pinch;

/** One nail on paper: its drawing at true size and the figures beside it. */
public record NailBlock(
    Finger finger,
    Scene scene,
    boolean stopped,
    boolean estimated,
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
    boolean holds) {
  /** How far to pinch where the barrel is full; null where there is nothing to pinch. */
  private static String squeeze(NailPlan plan) {
    if (plan.extension() == 0) {
      return null;
    }
    Pinch pinch = Pinch.whereFull(plan.build());
    return pinch.squeezes() ? Numbers.mm(pinch.squeezeTo()) : null;
  }

  public static NailBlock of(PlannedSet planned, Finger finger) {
    NailPlan plan = planned.of(finger);
    boolean estimated =
        List.of(Quantity.WIDTH, Quantity.PLATE_LENGTH, Quantity.ARCH_DEPTH).stream()
            .anyMatch(quantity -> !planned.readings().of(finger, quantity).measured());
    var profile = plan.build().profile();
    return new NailBlock(
        finger,
        SheetDrawing.of(plan),
        plan.stopped(),
        estimated,
        FitWords.takes(plan),
        FitWords.work(plan),
        Numbers.mm(plan.extension()),
        plan.length().set() == FingerLength.Decision.WISH ? null : plan.length().set().label(),
        Numbers.thickness(profile.apexThickness()),
        Numbers.format(profile.apexAt(), 1),
        Numbers.format(profile.edgeThickness(), 2),
        Numbers.format(plan.build().across().side(profile.apexThickness()), 2),
        Numbers.withUnit(Quantity.BARREL_DEPTH, 100 * plan.build().barrelDepthRatio()),
        squeeze(plan),
        Numbers.format(plan.nail().width(), 1) + " × " + Numbers.mm(plan.nail().plateLength()),
        plan.endurance().holds());
  }
}
