package ongle.core.plan;

import java.util.ArrayList;
import java.util.List;
import ongle.core.Code;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Finger;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSolver;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LightLine;
import ongle.core.structure.Profile;
import ongle.core.wear.PrepStep;

/**
 * What there is to know of a nail's plan besides its margins: what was held back, what does not
 * suit, what the eye would find in what was set by hand.
 */
public sealed interface Finding extends Code {
  /** An extension this close to its least only just covers, mm; less is not seen. */
  double JUST_COVERS = 0.05;

  /** A barrel that flattens by less than this at the edge is not seen to spread, mm. */
  double SEEN_TO_SPREAD = 0.05;

  /** A margin against lifting over this is so ample that nobody compares it. */
  double AMPLE_MARGIN = 20;

  /** Shorter than wished, for a reason of its own; mm. */
  record Shortened(double from, double to, FingerLength.Decision because) implements Finding {}

  /** Shorter than wished, for the sake of another finger; mm. */
  record ShortenedForAnother(double from, double to, FingerLength.Decision because, Finger finger)
      implements Finding {}

  /** Findings without arguments. */
  enum Plain implements Finding {
    REMEDIES_CARRY_MORE,
    JUST_COVERS_FINGERTIP,
    BEAK,
    THICK_EDGE
  }

  /** An apex thinner than one that holds; mm. */
  record TooThin(double enough) implements Finding {}

  /** An apex thicker than one that holds; mm. */
  record TooThick(double enough) implements Finding {}

  /** Steps of the preparation left out; what hold on the plate is left, percent. */
  record StepsSkipped(List<PrepStep> steps, double percent) implements Finding {
    public StepsSkipped {
      steps = List.copyOf(steps);
    }
  }

  /** The same where it costs a margin against lifting that matters. */
  record StepsSkippedAtACost(List<PrepStep> steps, double percent, double left, double full)
      implements Finding {
    public StepsSkippedAtACost {
      steps = List.copyOf(steps);
    }
  }

  /** The apex grows past the stress line before the infill. */
  record TooFarForward(int days) implements Finding {}

  /** Too short to read as its shape. */
  record ReadsAsAnother(NailShape shape, NailShape nearest) implements Finding {}

  /** The barrel flattens at the edge; mm wider than the growth points allow. */
  record Spreads(double by) implements Finding {}

  /** The light line breaks; mm from the cuticle. */
  record LightBreaks(double at) implements Finding {}

  /** What there is to know of a nail that is built on, in the order it is said. */
  static List<Finding> of(NailPlan plan) {
    List<Finding> found = new ArrayList<>();
    FingerLength length = plan.length();
    if (length.set().caps()) {
      found.add(
          length.setBy() == plan.nail().finger()
              ? new Shortened(length.asked(), plan.extension(), length.set())
              : new ShortenedForAnother(
                  length.asked(), plan.extension(), length.set(), length.setBy()));
      if (plan.limitsItself()) {
        found.add(Plain.REMEDIES_CARRY_MORE);
      }
    }
    if (!Interval.OfFinger.of(plan).whole()
        && length.min() > 0
        && plan.extension() <= length.min() + JUST_COVERS) {
      found.add(Plain.JUST_COVERS_FINGERTIP);
    }
    ApexSolver.Apex advised = plan.advised();
    double built = plan.build().profile().apexThickness();
    if (advised.tooThin(built)) {
      found.add(new TooThin(advised.thickness()));
    } else if (advised.tooThick(built) && plan.endurance().holds()) {
      found.add(new TooThick(advised.thickness()));
    }
    skipped(plan, found);
    if (plan.apexTooFarForward()) {
      found.add(new TooFarForward(plan.wearing().days()));
    }
    if (!plan.readsAsShape()) {
      found.add(new ReadsAsAnother(plan.shape(), plan.nearestShape()));
    }
    // The plan does not warn of its own choice.
    if (!plan.item().adjustments().values().isEmpty()) {
      byHand(plan, found);
    }
    return found;
  }

  private static void skipped(NailPlan plan, List<Finding> found) {
    if (plan.wearing().skipped().isEmpty()) {
      return;
    }
    List<PrepStep> steps = plan.wearing().skipped().stream().sorted().toList();
    double quality = plan.wearing().prepQuality();
    double left = plan.endurance().of(FailureMode.LIFT).value();
    double full = left / quality;
    found.add(
        full > AMPLE_MARGIN
            ? new StepsSkipped(steps, 100 * quality)
            : new StepsSkippedAtACost(steps, 100 * quality, left, full));
  }

  private static void byHand(NailPlan plan, List<Finding> found) {
    Profile profile = plan.build().profile();
    if (profile.beak()) {
      found.add(Plain.BEAK);
    } else if (profile.thickEdge()) {
      found.add(Plain.THICK_EDGE);
    }
    if (plan.extension() > 0) {
      CrossCurve barrel = plan.build().fullBarrel();
      double spreads =
          barrel.chord() - barrel.pinchedTo(plan.nail().crossCurve().depthRatio()).chord();
      if (spreads > SEEN_TO_SPREAD) {
        found.add(new Spreads(spreads));
      }
    }
    for (double at : LightLine.breaks(plan.arches())) {
      found.add(new LightBreaks(at));
    }
  }
}
