package ongle.app.bench;

import java.time.Clock;
import java.time.ZoneId;
import ongle.app.planning.PlannedSet;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The visit record: what happened, each time the appointment was begun. */
@Controller
class RecordController {
  private final BenchDesk bench;
  private final ZoneId zone;

  RecordController(BenchDesk bench, Clock clock) {
    this.bench = bench;
    this.zone = clock.getZone();
  }

  @GetMapping("/sets/{id}/bench/guide/record")
  String record(@PathVariable long id, Model model) {
    PlannedSet planned = bench.visit(id).planned();
    model.addAttribute("id", id);
    model.addAttribute("client", planned.client());
    model.addAttribute("about", planned.summary());
    model.addAttribute(
        "records", bench.records(id).stream().map(run -> VisitRecord.of(run, zone)).toList());
    return "bench/record";
  }
}
