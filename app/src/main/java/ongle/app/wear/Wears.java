package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ongle.app.bench.BenchDesk;
import ongle.app.check.Checks;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.NailSet;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.bench.WorkFacts;
import ongle.core.cause.Cause;
import ongle.core.cause.Diagnosis;
import ongle.core.cause.Finding;
import ongle.core.cause.Sign;
import ongle.core.cause.Signs;
import ongle.core.check.NailCheck;
import ongle.core.check.SetCheck;
import ongle.core.nail.Finger;
import ongle.core.wear.LoadFactor;
import ongle.core.wear.Outlook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Worn sets: what was seen of them, what it most likely came from, how long they stay whole. */
@Service
@Needs(Right.HANDS)
class Wears {
  private final WearNoteRepository notes;
  private final SetReader reader;
  private final VisitPlanner visits;
  private final BenchDesk bench;
  private final Checks checks;
  private final SalonSettings salon;
  private final Clock clock;

  Wears(
      WearNoteRepository notes,
      SetReader reader,
      VisitPlanner visits,
      BenchDesk bench,
      Checks checks,
      SalonSettings salon,
      Clock clock) {
    this.notes = notes;
    this.reader = reader;
    this.visits = visits;
    this.bench = bench;
    this.checks = checks;
    this.salon = salon;
    this.clock = clock;
  }

  /**
   * Something that happened, and why.
   *
   * @param cause that is gone by: the technician's own, else the likeliest
   */
  record Explained(WearNote note, Finding finding, Diagnosis diagnosis, Cause cause) {}

  /**
   * A worn set.
   *
   * @param explained what happened, the latest last
   * @param fine fingers seen whole and nothing else
   * @param whole nails seen whole, the latest last
   * @param hands what these hands ask, as the chances are reckoned
   * @param common what several nails have in common; empty where fewer than two failed alike
   * @param next the client's next set, once it is begun
   */
  record Worn(
      PlannedVisit visit,
      SetCheck check,
      List<Explained> explained,
      Set<Finger> fine,
      List<WearNote> whole,
      LoadFactor hands,
      Optional<Diagnosis> common,
      Optional<NailSet> next) {
    /** The day the first of the ten is due for its infill, counted from the day it was built. */
    int due() {
      return check.nails().values().stream()
          .mapToInt(nail -> nail.outlook().due().day())
          .min()
          .orElse(0);
    }

    /**
     * First day on which all of them are whole with less than a share; empty within the days looked
     * at.
     */
    OptionalInt staysUntil(double share) {
      return hands.fallsUnder(
          share,
          check.nails().values().stream().map(NailCheck::course).toList(),
          Outlook.LOOKED_AHEAD);
    }
  }

  LocalDate today() {
    return LocalDate.now(clock);
  }

  /** The share with which a set is to stay whole until its infill, 0 to 1. */
  double share() {
    return salon.current().getStaysWhole() / 100.0;
  }

  @Transactional(readOnly = true)
  Worn of(long setId) {
    PlannedVisit visit = visits.of(setId);
    LocalDate built = built(visit.planned());
    List<WearNote> all = notes.findBySetIdOrderBySeenOnAscIdAsc(setId);
    List<Finding> findings = all.stream().flatMap(note -> note.finding(built).stream()).toList();
    WorkFacts facts = findings.isEmpty() ? WorkFacts.NONE : bench.facts(visit);
    SetCheck check = checks.of(visit.planned());
    Map<Finding, Map<Sign, Boolean>> known = new LinkedHashMap<>();
    findings.forEach(each -> known.put(each, signs(visit, facts, check, each, findings)));
    List<Explained> explained = new ArrayList<>();
    Set<Finger> fine = EnumSet.noneOf(Finger.class);
    List<WearNote> whole = new ArrayList<>();
    for (WearNote note : all) {
      Optional<Finding> finding = note.finding(built);
      if (finding.isEmpty()) {
        fine.add(note.getFinger());
        whole.add(note);
        continue;
      }
      Diagnosis diagnosis = Diagnosis.of(finding.get(), known.get(finding.get()));
      explained.add(
          new Explained(
              note, finding.get(), diagnosis, note.ownCause().orElse(diagnosis.first().cause())));
    }
    explained.forEach(each -> fine.remove(each.note().getFinger()));
    return new Worn(
        visit,
        check,
        explained,
        fine,
        whole,
        visit.planned().client().load().factor(),
        Diagnosis.common(known),
        reader.next(setId));
  }

  private static Map<Sign, Boolean> signs(
      PlannedVisit visit, WorkFacts facts, SetCheck check, Finding finding, List<Finding> all) {
    return check
        .of(finding.finger())
        .map(
            nail ->
                Signs.of(
                    nail,
                    visit.planned().set().activity(finding.finger().hand()),
                    facts,
                    finding,
                    all))
        .orElse(Map.of());
  }

  static LocalDate built(PlannedSet planned) {
    return planned.set().getCreatedAt().toLocalDate();
  }
}
