package ongle.app.privacy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.clients.Client;
import ongle.app.clients.ClientHistory;
import ongle.app.clients.ClientRepository;
import ongle.app.consent.Consents;
import ongle.app.consent.Signed;
import ongle.app.door.Again;
import ongle.app.paper.PdfWriter;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.salon.Salon;
import ongle.app.salon.SalonSettings;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is kept of a client, out and gone. */
@Controller
@Needs(Right.SALON)
class PrivacyController {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** Columns that are shown as what they are, not as text. */
  private static final Set<String> DRAWN = Set.of("jpeg", "signature");

  private final Privacy privacy;
  private final ClientRepository clients;
  private final ClientHistory history;
  private final Consents consents;
  private final SalonSettings salon;
  private final PdfWriter pdf;
  private final Again again;

  PrivacyController(
      Privacy privacy,
      ClientRepository clients,
      ClientHistory history,
      Consents consents,
      SalonSettings salon,
      PdfWriter pdf,
      Again again) {
    this.privacy = privacy;
    this.clients = clients;
    this.history = history;
    this.consents = consents;
    this.salon = salon;
    this.pdf = pdf;
    this.again = again;
  }

  private Client client(long id) {
    return clients.findById(id).orElseThrow(() -> new NotFound("client " + id));
  }

  @Needs(Right.HANDS)
  @GetMapping("/clients/{clientId}/record.json")
  ResponseEntity<byte[]> record(@PathVariable long clientId) {
    client(clientId);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("client-" + clientId + ".json")
                .build()
                .toString())
        .body(JSON.writeValueAsBytes(privacy.all(clientId)));
  }

  /** The same to read. */
  @Needs(Right.HANDS)
  @GetMapping("/clients/{clientId}/record.pdf")
  ResponseEntity<byte[]> paper(@PathVariable long clientId) {
    Client client = client(clientId);
    return pdf.answer(
        "client-" + clientId,
        "privacy/record",
        Map.of(
            "client",
            client,
            "sets",
            history.of(clientId),
            "agreed",
            consents.of(clientId),
            "box",
            Signed.BOX,
            "all",
            lines(privacy.all(clientId))));
  }

  /**
   * A row as it is read.
   *
   * @param jpeg the picture in it as Base64; null if there is none
   */
  record Line(String text, String jpeg) {}

  private static Map<String, List<Line>> lines(Map<String, List<Map<String, Object>>> all) {
    Map<String, List<Line>> lines = new LinkedHashMap<>();
    all.forEach(
        (table, rows) -> lines.put(table, rows.stream().map(PrivacyController::line).toList()));
    return lines;
  }

  private static Line line(Map<String, Object> row) {
    String text =
        row.entrySet().stream()
            .filter(each -> each.getValue() != null && !DRAWN.contains(each.getKey()))
            .map(each -> each.getKey() + " " + each.getValue())
            .collect(Collectors.joining(" · "));
    return new Line(text, (String) row.get("jpeg"));
  }

  @GetMapping("/clients/{clientId}/erase")
  String ask(@PathVariable long clientId, Model model) {
    return show(client(clientId), Optional.empty(), Optional.empty(), "", model);
  }

  /**
   * @param name of the client, typed once more
   */
  @PostMapping("/clients/{clientId}/erase")
  String erase(
      @PathVariable long clientId,
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    Client client = client(clientId);
    if (!client.getName().equalsIgnoreCase(name.strip())) {
      return show(
          client, Optional.of(Words.say("privacy.name-wanted")), Optional.empty(), name, model);
    }
    Optional<String> refusal = again.refusal(own);
    if (refusal.isPresent()) {
      return show(client, Optional.empty(), refusal, name, model);
    }
    privacy.erase(clientId);
    return "redirect:/clients";
  }

  private String show(
      Client client, Optional<String> why, Optional<String> refusal, String typed, Model model) {
    again.ask(refusal, model);
    Map<String, Long> counts = privacy.counts(client.getId());
    model.addAttribute("client", client);
    model.addAttribute("sets", counts.getOrDefault("NAIL_SET", 0L));
    model.addAttribute("rows", counts.values().stream().mapToLong(Long::longValue).sum());
    model.addAttribute("why", why.orElse(null));
    model.addAttribute("typed", typed);
    return "privacy/erase";
  }

  @GetMapping("/salon/retention")
  String retention(Model model) {
    return list(Optional.empty(), model);
  }

  @PostMapping("/salon/retention")
  String keep(@RequestParam(defaultValue = "") String months, Model model) {
    if (months.isBlank()) {
      salon.keep(null);
      return "redirect:/salon/retention";
    }
    if (!months.strip().matches("\\d{1,3}")
        || !Salon.KEEPS_MONTHS.allows(Integer.parseInt(months.strip()))) {
      model.addAttribute("typed", months);
      return list(
          Optional.of(
              Words.say(
                  "number.whole-from-to",
                  "min",
                  Salon.KEEPS_MONTHS.min(),
                  "max",
                  Salon.KEEPS_MONTHS.max())),
          model);
    }
    salon.keep(Integer.valueOf(months.strip()));
    return "redirect:/salon/retention";
  }

  /** Those that were ticked. */
  @PostMapping("/salon/retention/erase")
  String erase(
      @RequestParam(defaultValue = "") List<Long> client,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    Optional<String> refusal = again.refusal(own);
    if (refusal.isPresent()) {
      model.addAttribute("ticked", client);
      return list(Optional.empty(), refusal, model);
    }
    Integer months = salon.current().getKeepsMonths();
    if (months != null) {
      privacy.erase(client, months);
    }
    return "redirect:/salon/retention";
  }

  private String list(Optional<String> why, Model model) {
    return list(why, Optional.empty(), model);
  }

  private String list(Optional<String> why, Optional<String> refusal, Model model) {
    again.ask(refusal, model);
    Integer months = salon.current().getKeepsMonths();
    model.addAttribute("months", months);
    model.addAttribute("why", why.orElse(null));
    model.addAttribute("past", months == null ? List.of() : privacy.past(months));
    return "privacy/retention";
  }
}
