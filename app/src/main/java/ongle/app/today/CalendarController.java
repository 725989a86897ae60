package ongle.app.today;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.visits.PlannedVisit;
import ongle.app.visits.VisitPlanner;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** How long appointments take by plan, and the book as a calendar file. */
@Controller
@Needs(Right.BOOK)
class CalendarController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final Book book;
  private final AppointmentRepository appointments;
  private final ClientRepository clients;
  private final SetReader sets;
  private final VisitPlanner visits;
  private final Clock clock;

  CalendarController(
      Book book,
      AppointmentRepository appointments,
      ClientRepository clients,
      SetReader sets,
      VisitPlanner visits,
      Clock clock) {
    this.book = book;
    this.appointments = appointments;
    this.clients = clients;
    this.sets = sets;
    this.visits = visits;
    this.clock = clock;
  }

  @GetMapping("/appointments/{id}/length")
  String length(@PathVariable long id, Model model) {
    book.length(id).ifPresent(length -> show(length, model));
    return "today/page :: length";
  }

  private void show(Book.Length length, Model model) {
    model.addAttribute("length", length);
    model.addAttribute("over", length.over());
    length
        .runsInto()
        .flatMap(next -> clients.findById(next.getClientId()))
        .ifPresent(next -> model.addAttribute("runsInto", next.getName()));
  }

  /** Books it for as long as the bench plans. */
  @PostMapping("/appointments/{id}/length")
  String bookAsPlanned(@PathVariable long id) {
    book.bookAsPlanned(id);
    return "redirect:/";
  }

  /** Everything booked from today on, and every infill due. */
  @GetMapping("/calendar.ics")
  ResponseEntity<String> all() {
    CalendarFile file = new CalendarFile();
    List<Appointment> booked =
        appointments.findByStartsAtGreaterThanEqualOrderByStartsAt(
            LocalDate.now(clock).atStartOfDay());
    Map<Long, Client> people =
        clients.among(booked.stream().map(Appointment::getClientId).toList()).stream()
            .collect(Collectors.toMap(Client::getId, Function.identity()));
    booked.forEach(
        at -> file.appointment(at, people.get(at.getClientId()).getName(), at.getMinutes()));
    Present.asHouse(sets::worn)
        .forEach(
            worn -> file.infill(worn.setId(), worn.due(), worn.client().getName(), worn.summary()));
    return sent(file, "ongle.ics");
  }

  /** One set: its appointment as long as the bench plans it, and when its infill is due. */
  @GetMapping("/sets/{id}/visit.ics")
  ResponseEntity<String> visit(@PathVariable long id) {
    PlannedVisit visit = Present.asHouse(() -> visits.of(id));
    PlannedSet planned = visit.planned();
    String client = planned.client().getName();
    CalendarFile file = new CalendarFile();
    appointments
        .findBySetIdOrderByStartsAt(id)
        .forEach(
            at ->
                file.appointment(at, client, visit.plan().minutesToBook().orElse(at.getMinutes())));
    planned
        .plan()
        .interval()
        .due()
        .ifPresent(
            day ->
                file.infill(
                    id,
                    planned.set().getCreatedAt().toLocalDate().plusDays(day),
                    client,
                    planned.summary()));
    return sent(file, "visit-" + id + ".ics");
  }

  private static ResponseEntity<String> sent(CalendarFile file, String name) {
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .body(file.text());
  }
}
