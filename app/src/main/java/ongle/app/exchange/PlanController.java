package ongle.app.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.kits.KitCatalogue;
import ongle.app.planning.PlannedSet;
import ongle.app.products.Products;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlanner;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The plan service: a set file in, its plan out, nothing stored. And any set as a set file. */
@RestController
class PlanController {
  private final KitCatalogue kits;
  private final VisitPlanner visits;
  private final Products products;
  private final JsonMapper json;

  PlanController(KitCatalogue kits, VisitPlanner visits, Products products, JsonMapper json) {
    this.products = products;
    this.kits = kits;
    this.visits = visits;
    this.json = json;
  }

  @PostMapping(path = "/api/plan", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<?> plan(HttpServletRequest request) throws IOException {
    JsonNode file;
    try {
      file = json.readTree(request.getInputStream().readAllBytes());
    } catch (JacksonException e) {
      return problem(HttpStatus.BAD_REQUEST, notJson(e), List.of());
    }
    SetFileReader set = new SetFileReader(kits);
    Optional<SetFileReader.Request> wanted = set.read(file);
    if (wanted.isEmpty()) {
      return problem(
          HttpStatus.BAD_REQUEST, "Some fields of the set file cannot be used.", set.faults());
    }
    return ResponseEntity.ok(
        PlanDocument.plan(
            SetPlanner.plan(wanted.get().wish(), wanted.get().items()),
            wanted.get().bench(),
            products.all()));
  }

  /** Where it stops being JSON; the reader's own words name what nobody outside knows. */
  private static String notJson(JacksonException trouble) {
    TokenStreamLocation at = trouble.getLocation();
    return "This is not JSON that can be read"
        + (at == null
            ? "."
            : ": see line " + at.getLineNr() + ", character " + at.getColumnNr() + ".");
  }

  @GetMapping(path = "/sets/{id}/set.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<Map<String, Object>> setFile(@PathVariable long id) {
    PlannedVisit visit = visits.of(id);
    PlannedSet planned = visit.planned();
    List<SetPlanner.Item> items = planned.plan().nails().stream().map(NailPlan::item).toList();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"set-" + id + ".json\"")
        .body(PlanDocument.setFile(planned.plan().wish(), items, visit.plan().wish()));
  }

  private static ResponseEntity<ProblemDetail> problem(
      HttpStatus status, String detail, List<SetFileReader.Fault> faults) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    if (!faults.isEmpty()) {
      problem.setProperty("fields", faults);
    }
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }
}
