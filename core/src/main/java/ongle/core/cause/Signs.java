package ongle.core.cause;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ongle.core.bench.StepKind;
import ongle.core.bench.WorkFacts;
import ongle.core.check.Fault;
import ongle.core.check.Look;
import ongle.core.check.NailCheck;
import ongle.core.fitting.BuildWay;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.Quantity;
import ongle.core.plan.Activity;
import ongle.core.plan.NailPlan;
import ongle.core.structure.FailureMode;
import ongle.core.wear.Outlook;
import ongle.core.wear.PrepStep;

/** What record, plan and check tell of a worn nail; what they do not is left out. */
public final class Signs {
  /** A crack margin below this share of its aim on the day it happened is low. */
  private static final double LOW = 0.8;

  /** Longer than this against its plate is long for hands that do more than ordinary days. */
  private static final double LONG = 0.6;

  private static final double VERY_LONG = 1.2;

  /** A natural edge longer than this works beneath the build, mm. */
  private static final double NATURAL_LONG = 2.5;

  private static final int MANY = 3;
  private static final int EARLY_DAYS = 7;

  /** First product on the plate: what has to come while the primer is fresh. */
  private static final Set<StepKind> FIRST_PRODUCT =
      Set.of(StepKind.BASE, StepKind.BEAD, StepKind.FRAME, StepKind.PIECE, StepKind.BODY);

  private final Map<Sign, Boolean> known = new EnumMap<>(Sign.class);

  private Signs() {}

  /**
   * @param nail as checked, or as planned where nothing was measured
   * @param does what its hand does all day
   * @param facts of the bench
   * @param all findings of the same set
   */
  public static Map<Sign, Boolean> of(
      NailCheck nail, Activity does, WorkFacts facts, Finding finding, List<Finding> all) {
    Signs signs = new Signs();
    signs.bench(nail.plan(), facts, finding.finger());
    signs.fit(nail.plan(), facts, finding.finger());
    signs.built(nail, finding.day());
    signs.hands(nail.plan(), does);
    signs.after(finding);
    signs.known.put(Sign.EARLY, finding.day() <= EARLY_DAYS);
    signs.known.put(
        Sign.MANY_NAILS,
        all.stream().filter(each -> each.kind() == finding.kind()).count() >= MANY);
    return signs.known;
  }

  private void bench(NailPlan plan, WorkFacts facts, Finger finger) {
    Set<PrepStep> leftOut = plan.wearing().skipped();
    step(Sign.CUTICLE_SKIPPED, leftOut.contains(PrepStep.CUTICLE), facts, finger, StepKind.CLEAR);
    step(
        Sign.DEHYDRATOR_SKIPPED,
        leftOut.contains(PrepStep.DEHYDRATE),
        facts,
        finger,
        StepKind.DEHYDRATE);
    step(Sign.PRIMER_SKIPPED, leftOut.contains(PrepStep.PRIMER), facts, finger, StepKind.PRIME);
    if (facts.worked()) {
      known.put(
          Sign.PRIMER_LATE,
          facts.offTime().getOrDefault(finger, Set.of()).stream()
              .anyMatch(FIRST_PRODUCT::contains));
      known.put(Sign.SKIN_TOUCHED, facts.skin().contains(finger));
      known.put(
          Sign.CAP_SKIPPED,
          facts.skipped(finger, StepKind.TOP) || facts.skipped(finger, StepKind.CAP));
      known.put(
          Sign.CURED_SHORT,
          facts.skipped(finger, StepKind.CURE)
              || facts.skipped(finger, StepKind.CURE_THUMB)
              || facts.heat().contains(finger));
      known.put(Sign.LAMP_WEAK, facts.lampWeak());
    }
    facts.jars().pastDate().ifPresent(past -> known.put(Sign.LOT_EXPIRED, past));
    facts.jars().openTooLong().ifPresent(open -> known.put(Sign.LOT_OPEN_LONG, open));
  }

  private void step(Sign sign, boolean planned, WorkFacts facts, Finger finger, StepKind kind) {
    if (planned || facts.skipped(finger, kind)) {
      known.put(sign, true);
    } else if (facts.done(finger, kind)) {
      known.put(sign, false);
    }
  }

  private void fit(NailPlan plan, WorkFacts facts, Finger finger) {
    boolean onTip = plan.fit().way() == BuildWay.TIP;
    boolean onForm =
        plan.fit().way() == BuildWay.FORM || plan.fit().way() == BuildWay.REUSABLE_FORM;
    known.put(Sign.ON_TIP, onTip);
    known.put(Sign.ON_FORM, onForm);
    known.put(Sign.TIP_OFF_SIZE, onTip && !plan.fit().suits());
    if (facts.worked()) {
      known.put(Sign.FORM_UNCHECKED, onForm && facts.skipped(finger, StepKind.COMPARE));
    }
  }

  private void built(NailCheck nail, int day) {
    measured(nail, Sign.APEX_LOW, Quantity.BUILT_APEX, Fault.Kind.APEX_LOW, Fault.Kind.STRESS_THIN);
    measured(nail, Sign.APEX_FORWARD, Quantity.BUILT_APEX_PLACE, Fault.Kind.APEX_FORWARD);
    measured(nail, Sign.BARREL_FLAT, Quantity.BUILT_BARREL, Fault.Kind.BARREL_FLAT);
    measured(nail, Sign.EDGE_THICK, Quantity.BUILT_EDGE, Fault.Kind.EDGE_THICK, Fault.Kind.BEAK);
    Optional.ofNullable(nail.eye().get(Look.HAIRLINE))
        .ifPresent(seen -> known.put(Sign.HAIRLINE_THICK, seen == Look.Found.FILE));
    measured(nail, Sign.LAYER_THICK, Quantity.BUILT_APEX, Fault.Kind.APEX_HIGH);
    Outlook outlook = nail.outlook();
    known.put(Sign.MARGIN_LOW, outlook.on(day).margins().of(FailureMode.CRACK).ofAim() < LOW);
    known.put(Sign.PAST_DUE, day > outlook.due().day());
  }

  private void measured(NailCheck nail, Sign sign, Quantity quantity, Fault.Kind... faults) {
    if (nail.built().of(quantity).isPresent()) {
      known.put(
          sign, nail.faults().stream().anyMatch(fault -> List.of(faults).contains(fault.kind())));
    }
  }

  private void hands(NailPlan plan, Activity does) {
    double share = plan.extension() / plan.nail().plateLength();
    known.put(Sign.LONG_FOR_HANDS, share > VERY_LONG || share > LONG && does != Activity.ORDINARY);
    known.put(Sign.PLATE_THIN, plan.nail().condition().has(PlateFinding.THIN));
    known.put(Sign.NATURAL_LONG, plan.nail().freeEdge() > NATURAL_LONG);
    known.put(Sign.BITES, plan.nail().condition().has(PlateFinding.BITTEN));
  }

  /** What the client remembers; nothing remembered is nothing known. */
  private void after(Finding finding) {
    Optional<Sign> remembered =
        switch (finding.after()) {
          case KNOCK -> Optional.of(Sign.AFTER_KNOCK);
          case WATER -> Optional.of(Sign.AFTER_WATER);
          case PICKING -> Optional.of(Sign.AFTER_PICKING);
          case NOTHING_KNOWN -> Optional.empty();
        };
    remembered.ifPresent(
        sign -> {
          for (Sign each : List.of(Sign.AFTER_KNOCK, Sign.AFTER_WATER, Sign.AFTER_PICKING)) {
            known.put(each, each == sign);
          }
        });
  }
}
