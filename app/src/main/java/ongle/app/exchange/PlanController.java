package ongle.app.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import ongle.app.kits.KitCatalogue;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.products.Products;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import ongle.app.wear.WearDesk;
import ongle.app.words.Words;
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

/** The plan service: a set file in, its plan out, nothing stored. And any set as a set file. */
@RestController
@Needs(Right.HANDS)
class PlanController {
  private final KitCatalogue kits;
  private final VisitPlanner visits;
  private final Products products;
  private final SetSchema schema;
  private final WearDesk wear;

  PlanController(
      KitCatalogue kits, VisitPlanner visits, Products products, SetSchema schema, WearDesk wear) {
    this.wear = wear;
    this.kits = kits;
    this.visits = visits;
    this.products = products;
    this.schema = schema;
  }

  @Needs(Right.SERVICE)
  @PostMapping(path = "/api/plan", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<?> plan(HttpServletRequest request) throws IOException {
    JsonNode file;
    try {
      file = FileJson.FILE.readTree(request.getInputStream().readAllBytes());
    } catch (JacksonException e) {
      return problem(notJson(e), List.of());
    }
    List<Fault> faults = schema.faults(file);
    if (!faults.isEmpty()) {
      return problem(Words.say("exchange.unusable"), faults);
    }
    SetFileReader reader = new SetFileReader(kits);
    Optional<SetFileReader.Request> wanted =
        reader.read(FileJson.FILE.treeToValue(file, SetFile.class));
    if (wanted.isEmpty()) {
      return problem(Words.say("exchange.unusable"), reader.faults());
    }
    return ResponseEntity.ok(
        FileJson.ANSWER.writeValueAsBytes(
            PlanAnswer.of(
                SetPlanner.plan(wanted.get().wish(), wanted.get().items()),
                wanted.get().bench(),
                products.all(),
                wanted.get().asBuilt(),
                wanted.get().worn())));
  }

  /** Where it stops being JSON; the reader's own words name what nobody outside knows. */
  private static String notJson(JacksonException trouble) {
    TokenStreamLocation at = trouble.getLocation();
    return at == null
        ? Words.say("exchange.not-json")
        : Words.say(
            "exchange.not-json.at",
            "line",
            String.valueOf(at.getLineNr()),
            "column",
            String.valueOf(at.getColumnNr()));
  }

  @GetMapping(path = "/sets/{id}/set.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> setFile(@PathVariable long id) {
    PlannedVisit visit = visits.of(id);
    PlannedSet planned = visit.planned();
    List<SetPlanner.Item> items = planned.plan().nails().stream().map(NailPlan::item).toList();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"set-" + id + ".json\"")
        .body(
            FileJson.FILE.writeValueAsBytes(
                SetFileWriter.file(
                    planned.plan().wish(),
                    items,
                    visit.plan().wish(),
                    planned.set().built(),
                    wear.findings(id))));
  }

  private static ResponseEntity<ProblemDetail> problem(String detail, List<Fault> faults) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, detail);
    if (!faults.isEmpty()) {
      problem.setProperty("fields", faults);
    }
    return ResponseEntity.badRequest()
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }
}
