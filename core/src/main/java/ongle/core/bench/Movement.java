package ongle.core.bench;

import static ongle.core.bench.StepKind.BEAD;
import static ongle.core.bench.StepKind.BLEND_INFILL;
import static ongle.core.bench.StepKind.BODY;
import static ongle.core.bench.StepKind.BUFF;
import static ongle.core.bench.StepKind.CAP_FILE;
import static ongle.core.bench.StepKind.CHECK_VIEWS;
import static ongle.core.bench.StepKind.CLEAN;
import static ongle.core.bench.StepKind.CLEAR;
import static ongle.core.bench.StepKind.CLIP_OLD;
import static ongle.core.bench.StepKind.CURE;
import static ongle.core.bench.StepKind.CURE_THUMB;
import static ongle.core.bench.StepKind.DEHYDRATE;
import static ongle.core.bench.StepKind.DUST;
import static ongle.core.bench.StepKind.FILE_OFF;
import static ongle.core.bench.StepKind.FLASH;
import static ongle.core.bench.StepKind.FORM_OFF;
import static ongle.core.bench.StepKind.FORM_SET;
import static ongle.core.bench.StepKind.FRAME_FILE;
import static ongle.core.bench.StepKind.FREE_SKIN;
import static ongle.core.bench.StepKind.OUTLINE;
import static ongle.core.bench.StepKind.PLATE_CARE;
import static ongle.core.bench.StepKind.PUSH_BACK;
import static ongle.core.bench.StepKind.QUARTERS;
import static ongle.core.bench.StepKind.SHINE;
import static ongle.core.bench.StepKind.SHORTEN;
import static ongle.core.bench.StepKind.SHORTEN_BUILD;
import static ongle.core.bench.StepKind.SIDEWALLS;
import static ongle.core.bench.StepKind.SLIP;
import static ongle.core.bench.StepKind.THIN_INFILL;
import static ongle.core.bench.StepKind.THIN_OLD;
import static ongle.core.bench.StepKind.TIP_BLEND;
import static ongle.core.bench.StepKind.TOUCH_EDGE;
import static ongle.core.bench.StepKind.TRIM;
import static ongle.core.bench.StepKind.TURN;
import static ongle.core.bench.StepKind.UNDERNEATH;
import static ongle.core.bench.StepKind.UNDERSIDE;
import static ongle.core.bench.StepKind.WASH;
import static ongle.core.bench.StepKind.WIPE;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ongle.core.Code;

/** What is one movement of work for the hands: steps that are done, and pressed, as one. */
public enum Movement implements Code {
  OLD_THIN(CLIP_OLD, THIN_OLD),
  OLD_OFF(CLIP_OLD, FILE_OFF, PLATE_CARE),
  INFILL_DOWN(SHORTEN_BUILD, THIN_INFILL, BLEND_INFILL),
  PLATES(SHORTEN, FREE_SKIN, PUSH_BACK, CLEAR, TRIM, WASH, SHINE, DUST),
  BLEND(TIP_BLEND, DUST),
  PRIMED(DEHYDRATE, StepKind.PRIME, FORM_SET),
  BEADS(BEAD),
  BEAD_LAID(SLIP, BODY, TURN),
  FRAMES_OUT(FORM_OFF, WIPE, FRAME_FILE, DUST),
  LIT(CURE, CURE_THUMB),
  FROZEN_AND_LIT(FLASH, CURE, CURE_THUMB),
  LIT_BELOW(UNDERSIDE),
  SMOOTHED(WIPE, CAP_FILE, CLEAN),
  EDGES(WIPE, OUTLINE, SIDEWALLS, TOUCH_EDGE, QUARTERS),
  LAST_TOUCH(UNDERNEATH, CHECK_VIEWS, BUFF, CLEAN);

  private final Set<StepKind> kinds;

  Movement(StepKind first, StepKind... others) {
    kinds = EnumSet.of(first, others);
  }

  /** The steps of a hand in their order, those of one movement joined. */
  static List<Step> joined(List<Step> steps) {
    List<Step> joined = new ArrayList<>();
    int at = 0;
    while (at < steps.size()) {
      List<Step> rest = steps.subList(at, steps.size());
      Movement longest =
          Stream.of(values()).max(Comparator.comparingInt(one -> one.run(rest))).orElseThrow();
      int run = Math.max(1, longest.run(rest));
      joined.add(run == 1 ? rest.get(0) : Step.joined(longest, rest.subList(0, run)));
      at += run;
    }
    return joined;
  }

  /** How many of the next steps belong to it, from the first. */
  private int run(List<Step> steps) {
    int run = 0;
    while (run < steps.size() && goesOn(steps.get(0), steps.get(run), run)) {
      run++;
    }
    return run;
  }

  private boolean goesOn(Step first, Step step, int at) {
    boolean sameNail = first.fingers().equals(step.fingers());
    return kinds.contains(step.kind())
        && step.job().technician() == first.job().technician()
        && step.job().stage() == first.job().stage()
        && (at == 0 || (!step.job().needsSettled() && !step.job().window().closes()))
        && (sameNail || (this != BEADS && this != BEAD_LAID));
  }
}
