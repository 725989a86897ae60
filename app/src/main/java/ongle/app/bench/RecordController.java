package ongle.app.bench;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Set;
import java.util.UUID;
import ongle.app.check.CheckWords;
import ongle.app.check.Checks;
import ongle.app.deeds.Deeds;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.nail.Finger;
import ongle.core.nail.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The visit record: what happened, each time the appointment was begun, and what failed of it. */
@Controller
@Needs(Right.HANDS)
class RecordController {
  private final BenchDesk bench;
  private final VisitPlanner visits;
  private final Checks checks;
  private final Deeds deeds;
  private final Clock clock;
  private final ZoneId zone;

  RecordController(BenchDesk bench, VisitPlanner visits, Checks checks, Deeds deeds, Clock clock) {
    this.bench = bench;
    this.visits = visits;
    this.checks = checks;
    this.deeds = deeds;
    this.clock = clock;
    this.zone = clock.getZone();
  }

  @GetMapping("/sets/{id}/bench/guide/record")
  String record(@PathVariable long id, @ModelAttribute("seat") Seat seat, Model model) {
    PlannedVisit visit = bench.visit(id);
    model.addAttribute("id", id);
    model.addAttribute("client", visit.planned().client());
    model.addAttribute("about", visit.planned().summary());
    model.addAttribute(
        "records", bench.records(id).stream().map(run -> VisitRecord.of(run, zone)).toList());
    model.addAttribute("checked", CheckWords.of(checks.of(visit.planned()), seat));
    model.addAttribute("rounds", checks.said(id));
    model.addAttribute("who", deeds.people(id));
    if (bench.worked(id)) {
      model.addAttribute(
          "built",
          Finger.asSeenFrom(seat).stream()
              .filter(finger -> visit.plan().portions().containsKey(finger))
              .toList());
      model.addAttribute("formKey", UUID.randomUUID());
    }
    return "bench/record";
  }

  /** Begins a visit for the nails that failed. */
  @PostMapping("/sets/{id}/bench/redo")
  String redo(
      @PathVariable long id,
      @RequestParam(required = false) Set<Finger> failed,
      @RequestParam UUID formKey) {
    return failed == null
        ? "redirect:/sets/" + id + "/bench/guide/record"
        : "redirect:/sets/" + visits.redo(id, failed, formKey, LocalDateTime.now(clock)) + "/look";
  }
}
