package ongle.core.bench;

import java.util.Comparator;
import java.util.List;
import ongle.core.plan.NailPlan;

/** Taking off what is on the nails: all of it, or as much as an infill wants. */
final class RemovalSteps {
  private final HandWork work;

  RemovalSteps(HandWork work) {
    this.work = work;
  }

  void add() {
    List<NailPlan> coming = work.nails.stream().filter(work::comesOff).toList();
    List<NailPlan> soaked =
        coming.stream().filter(nail -> work.removal(nail).orElseThrow().soaks()).toList();
    List<NailPlan> filed =
        coming.stream().filter(nail -> !work.removal(nail).orElseThrow().soaks()).toList();
    List<NailPlan> clipped =
        coming.stream().filter(nail -> nail.seen().old().clip().isPresent()).toList();
    if (!clipped.isEmpty()) {
      work.draft(StepKind.CLIP_OLD, clipped).add();
    }
    if (!soaked.isEmpty()) {
      StepDraft thin = work.draft(StepKind.THIN_OLD, soaked);
      work.electric(thin, Bit.BULK);
      thin.add();
      soak(soaked);
    }
    if (!filed.isEmpty()) {
      StepDraft file = work.draft(StepKind.FILE_OFF, filed);
      work.electric(file, Bit.BULK);
      file.add();
      soak(filed.stream().filter(nail -> nail.seen().old().tip()).toList());
    }
    if (!coming.isEmpty()) {
      work.draft(StepKind.PLATE_CARE, coming).add();
    }
    List<NailPlan> broken =
        work.nails.stream().filter(nail -> work.job(nail) == FingerJob.REPAIR).toList();
    if (!broken.isEmpty()) {
      StepDraft file = work.draft(StepKind.BREAK_FILE, broken);
      work.electric(file, Bit.BULK);
      file.add();
    }
    List<NailPlan> filled = work.nails.stream().filter(work::infilled).toList();
    if (!filled.isEmpty()) {
      List<NailPlan> grown = filled.stream().filter(nail -> nail.extension() > 0).toList();
      if (!grown.isEmpty()) {
        work.draft(StepKind.SHORTEN_BUILD, grown).add();
      }
      StepDraft thin = work.draft(StepKind.THIN_INFILL, filled);
      work.electric(thin, Bit.BULK);
      thin.add();
      work.draft(StepKind.BLEND_INFILL, filled).add();
    }
  }

  /** As many rounds as the slowest needs. */
  private void soak(List<NailPlan> soaked) {
    List<Integer> rounds =
        soaked.stream()
            .map(nail -> work.removal(nail).orElseThrow().rounds())
            .max(Comparator.comparingInt(List::size))
            .orElse(List.of());
    for (int i = 0; i < rounds.size(); i++) {
      StepDraft soak = work.draft(StepKind.SOAK, soaked).counted(i + 1, rounds.size());
      soak.technician = false;
      soak.seconds = rounds.get(i) * 60;
      soak.add();
      work.draft(StepKind.SOAK_CHECK, soaked).counted(i + 1, rounds.size()).add();
    }
  }
}
