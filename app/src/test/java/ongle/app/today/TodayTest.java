package ongle.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.time.LocalDateTime;
import java.util.List;
import ongle.app.SalonTest;
import ongle.app.clients.ClientRepository;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The start page at 10:35 on 10 March. */
@SalonTest
class TodayTest {
  @Autowired MockMvc mvc;
  @Autowired AppointmentRepository appointments;
  @Autowired ClientRepository clients;

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
    assertThat(page).contains("Tuesday, 10 March");
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
    int due = page.indexOf("What is due");
    assertThat(page.substring(due))
        .containsSubsequence(
            "2 days over", "Odile", "today", "Bel", "tomorrow", "Hanne", "in 5 days", "Ines");
  }

  @Test
  void halfMeasuredSetsAreAskedForAndAllergiesMinded() throws Exception {
    String page = page();
    assertThat(page.substring(page.indexOf("What needs you"))).contains("5 of 10").contains("Ruth");
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
}
