package ongle.app.exchange;

import java.util.List;
import java.util.Map;
import ongle.core.bench.WorkFacts;
import ongle.core.cause.Cause;
import ongle.core.cause.Change;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.cause.Sign;
import ongle.core.cause.Signs;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.check.Tolerances;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.plan.SetPlan;
import ongle.core.wear.LoadFactor;

/**
 * Why something happened to a worn nail, as far as plan and check tell: no record of the bench
 * comes with a file.
 *
 * @param foretold chance it was whole until that day by the plan, 0 to 1
 * @param causes the likeliest first
 */
record CauseAnswer(Finger finger, Finding.Kind kind, int day, double foretold, List<Share> causes) {
  /**
   * @param share 0 to 1
   * @param change for next time
   * @param speaksFor signs that make it likelier
   */
  record Share(Cause cause, double share, Change change, List<Sign> speaksFor) {}

  static List<CauseAnswer> of(
      SetPlan plan, Map<Finger, Map<Quantity, Double>> asBuilt, List<Finding> worn) {
    SetCheck check = SetCheck.of(plan, asBuilt, Map.of(), Tolerances.USUAL);
    return worn.stream()
        .flatMap(each -> check.of(each.finger()).stream().map(nail -> of(nail, each, worn)))
        .toList();
  }

  private static CauseAnswer of(NailCheck nail, Finding finding, List<Finding> all) {
    Diagnosis diagnosis =
        Diagnosis.of(
            finding,
            Signs.of(
                nail,
                nail.plan().wish().wearer().of(finding.finger().hand()),
                WorkFacts.NONE,
                finding,
                all));
    return new CauseAnswer(
        finding.finger(),
        finding.kind(),
        finding.day(),
        LoadFactor.USUAL.survives(nail.course(), finding.day()),
        diagnosis.named().stream()
            .map(
                each ->
                    new Share(
                        each.cause(),
                        each.share(),
                        Change.against(each.cause()),
                        each.speaksFor().stream().map(Diagnosis.Evidence::sign).toList()))
            .toList());
  }
}
