package ongle.app.exchange;

import java.util.List;
import java.util.Map;
import ongle.core.check.Fault;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.check.Tolerances;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.SetPlan;
import ongle.core.structure.FailureMode;

/**
 * What a finished nail has otherwise than its plan.
 *
 * @param holds whether every aim is met as built
 * @param weakest what falls shortest of its aim, and the share of it that is met
 * @param dueDay of its infill as built
 */
record CheckAnswer(
    Finger finger,
    NailCheck.Verdict verdict,
    List<FaultFound> faults,
    boolean holds,
    FailureMode weakest,
    double weakestOfAim,
    int dueDay) {
  /**
   * @param by mm; for a lean degrees, for a barrel percent of its width
   * @param mayComeOff how much of it before an aim breaks, in the same
   */
  record FaultFound(Fault.Kind kind, Fault.Remedy remedy, double by, double mayComeOff) {}

  static List<CheckAnswer> of(SetPlan plan, Map<Finger, Map<Quantity, Double>> asBuilt) {
    return SetCheck.of(plan, asBuilt, Map.of(), Tolerances.USUAL).nails().values().stream()
        .filter(NailCheck::seen)
        .map(CheckAnswer::of)
        .toList();
  }

  private static CheckAnswer of(NailCheck nail) {
    return new CheckAnswer(
        nail.plan().nail().finger(),
        nail.verdict(),
        nail.faults().stream()
            .map(
                fault ->
                    new FaultFound(fault.kind(), fault.kind().remedy(), fault.by(), fault.may()))
            .toList(),
        nail.endurance().holds(),
        nail.governing().cause(),
        nail.governing().ofAim(),
        nail.outlook().due().day());
  }
}
