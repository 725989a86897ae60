package ongle.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import ongle.app.SalonTest;
import ongle.app.clients.ClientRepository;
import ongle.app.visits.VisitPlanner;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The start page at 10:35 on 10 March. */
@SalonTest
class TodayTest {
  @Autowired MockMvc mvc;
  @Autowired AppointmentRepository appointments;
  @Autowired ClientRepository clients;
  @Autowired VisitPlanner visits;

  private String page() throws Exception {
    return mvc.perform(get("/"))
        .andReturn()
        .getResponse()
        .getContentAsString()
        .replaceAll("\\s+", " ");
  }

  @Test
  void theBookIsInOrderAndTheNextOneStandsOut() throws Exception {
    String page = page();
    assertThat(page).contains("Tuesday 10 March");
    List<String> order = List.of("Marta", "Zofia", "Ruth", "Pia", "Mia", "Liv");
    for (int i = 1; i < order.size(); i++) {
      assertThat(page.indexOf(order.get(i)))
          .as(order.get(i))
          .isGreaterThan(page.indexOf(order.get(i - 1)));
    }
    assertThat(page).containsPattern("<li class=\"past\">.{0,200}Marta");
    assertThat(page).containsPattern("<li class=\"next\">.{0,200}Zofia");
    assertThat(page).containsPattern("<li class=\"later\">.{0,200}Ruth");
  }

  @Test
  void whatIsDueIsSaidInDaysAndTheOverdueFirst() throws Exception {
    String page = page();
    int due = page.indexOf("Infills due");
    assertThat(page.substring(due))
        .containsSubsequence(
            "2 days overdue", "Odile", "today", "Bel", "tomorrow", "Hanne", "in 5 days", "Ines");
  }

  @Test
  void halfMeasuredSetsAreAskedForAndAllergiesMinded() throws Exception {
    String page = page();
    assertThat(page.substring(page.indexOf("Unfinished"))).contains("5 of 10").contains("Ruth");
    assertThat(page).contains("Allergy: acrylates").contains("Minor: guardian");
  }

  @Test
  void anAppointmentOfAnotherDayIsNotToday() throws Exception {
    long client = clients.find("Bel").get(0).getId();
    Appointment tomorrow =
        appointments.save(
            new Appointment(
                client, LocalDateTime.of(2026, 3, 11, 0, 0), 60, "Midnight repair", null));
    assertThat(page()).doesNotContain("Midnight repair");
    appointments.delete(tomorrow);
  }

  @Test
  void theBenchSaysHowLongToBookAndItIsBooked() throws Exception {
    Appointment zofia = of("Zofia");
    int planned = visits.of(zofia.getSetId()).plan().minutesToBook().getAsInt();
    assertThat(planned % 5).isZero();
    assertThat(length(zofia)).contains("planned " + planned + " min");

    zofia.last(30);
    appointments.save(zofia);
    assertThat(length(of("Zofia"))).contains((planned - 30) + " more than booked");
    mvc.perform(post("/appointments/{id}/length", zofia.getId()));
    assertThat(of("Zofia").getMinutes()).isEqualTo(planned);
    assertThat(length(of("Zofia"))).doesNotContain("Book");
    mvc.perform(get("/appointments/4711/length")).andExpect(status().isNotFound());
  }

  @Test
  void anAppointmentThatWouldRunIntoTheNextNamesIt() throws Exception {
    Appointment zofia = of("Zofia");
    Appointment close =
        appointments.save(
            new Appointment(
                clients.find("Bel").get(0).getId(),
                zofia.getStartsAt().plusMinutes(20),
                10,
                "Repair",
                null));
    zofia.last(20);
    appointments.save(zofia);
    assertThat(length(of("Zofia"))).contains("runs into Bel");
    appointments.delete(close);
  }

  private Appointment of(String client) {
    long id = clients.find(client).get(0).getId();
    return appointments.findAll().stream()
        .filter(at -> at.getClientId() == id)
        .findFirst()
        .orElseThrow();
  }

  private String length(Appointment at) throws Exception {
    return mvc.perform(get("/appointments/{id}/length", at.getId()))
        .andReturn()
        .getResponse()
        .getContentAsString()
        .replaceAll("\\s+", " ");
  }

  @Test
  void theBookAndAVisitComeOutAsCalendars() throws Exception {
    Calendar book = calendar("/calendar.ics");
    assertThat(summaries(book))
        .anyMatch(text -> text.startsWith("Zofia Karrick: "))
        .contains("Infill due: Odile Brask");
    Calendar visit = calendar("/sets/1/visit.ics");
    int planned = visits.of(1).plan().minutesToBook().getAsInt();
    List<VEvent> events = visit.getComponents(Component.VEVENT);
    assertThat(events).hasSize(2);
    assertThat(events.get(0).getRequiredProperty(Property.DURATION).getValue())
        .isEqualTo(java.time.Duration.ofMinutes(planned).toString());
    assertThat(events.get(1).getRequiredProperty(Property.DTSTART).getValue()).hasSize(8);
  }

  private Calendar calendar(String path) throws Exception {
    return new CalendarBuilder()
        .build(
            new java.io.StringReader(
                mvc.perform(get(path)).andReturn().getResponse().getContentAsString()));
  }

  private static List<String> summaries(Calendar calendar) {
    List<VEvent> events = calendar.getComponents(Component.VEVENT);
    return events.stream()
        .map(event -> event.getRequiredProperty(Property.SUMMARY).getValue())
        .toList();
  }
}
