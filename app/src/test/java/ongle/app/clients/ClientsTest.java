package ongle.app.clients;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

@SalonTest
class ClientsTest {
  @Autowired MockMvc mvc;
  @Autowired ClientRepository clients;

  private MockHttpServletResponse send(
      String path, String key, String version, String name, String phone) throws Exception {
    return mvc.perform(
            post(path)
                .param("formKey", key)
                .param("version", version)
                .param("name", name)
                .param("phone", phone))
        .andReturn()
        .getResponse();
  }

  @Test
  void theSalonHasAtLeastEightClientsWithDifferentStories() {
    List<Client> all = clients.findAll();
    assertThat(all).hasSizeGreaterThanOrEqualTo(8);
    assertThat(all)
        .extracting(Client::getHandsDo)
        .filteredOn(Objects::nonNull)
        .doesNotHaveDuplicates();
    assertThat(all).anyMatch(Client::isMinor).anyMatch(client -> client.getAllergy() != null);
  }

  @Test
  void aClientIsFoundByPartOfNameOrPhone() {
    assertThat(clients.find("brask")).extracting(Client::getName).containsExactly("Odile Brask");
    assertThat(clients.find("014 252")).extracting(Client::getName).containsExactly("Pia Sundholt");
    assertThat(clients.find("nobody at all")).isEmpty();
  }

  @Test
  void theOneFoundIsOpenedAndOneOfManyIsNot() throws Exception {
    assertThat(asked("brask").getHeader("HX-Redirect"))
        .isEqualTo("/clients/" + clients.find("brask").get(0).getId());
    assertThat(asked("0555").getHeader("HX-Redirect")).isNull();
    assertThat(asked("nobody at all").getContentAsString()).contains("Add as a new client");
  }

  private MockHttpServletResponse asked(String q) throws Exception {
    return mvc.perform(
            get("/clients").param("q", q).param("open", "true").header("HX-Request", "true"))
        .andReturn()
        .getResponse();
  }

  @Test
  void aFormSentTwiceMakesOneClient() throws Exception {
    String key = UUID.randomUUID().toString();
    String first = send("/clients", key, "", "Twice Sentby", "").getRedirectedUrl();
    assertThat(send("/clients", key, "", "Twice Sentby", "").getRedirectedUrl()).isEqualTo(first);
    assertThat(clients.find("Twice Sentby")).hasSize(1);
  }

  @Test
  void whatIsWrongIsSaidBesideItsFieldAndTheRestStays() throws Exception {
    MockHttpServletResponse answer =
        send("/clients", UUID.randomUUID().toString(), "", "x".repeat(81), "call me <maybe>");
    assertThat(answer.getStatus()).isEqualTo(200);
    assertThat(answer.getContentAsString())
        .contains("A name has at most 80 characters.")
        .contains("A phone number has digits")
        .contains("call me &lt;maybe&gt;");
  }

  @Test
  void twoWindowsOnOneClientAreToldOfEachOther() throws Exception {
    Client client = clients.save(new Client(UUID.randomUUID(), "Vera Doubleday"));
    String path = "/clients/" + client.getId();
    String version = String.valueOf(client.getVersion());
    String key = UUID.randomUUID().toString();
    assertThat(send(path, key, version, "Vera Doubleday", "0555 1").getRedirectedUrl())
        .isEqualTo(path);
    MockHttpServletResponse late = send(path, key, version, "Vera Doubleday", "0555 2");
    assertThat(late.getContentAsString())
        .contains("changed this client in another window")
        .contains("0555 1")
        .contains("value=\"0555 2\"");
    assertThat(clients.findById(client.getId()).orElseThrow().getPhone()).isEqualTo("0555 1");
    String now = String.valueOf(clients.findById(client.getId()).orElseThrow().getVersion());
    assertThat(send(path, key, now, "Vera Doubleday", "0555 2").getRedirectedUrl()).isEqualTo(path);
  }

  @Test
  void anAllergyAndAMinorAreSaidOnEveryPageOfTheirs() throws Exception {
    for (Client client : clients.findAll()) {
      String page =
          mvc.perform(get("/clients/" + client.getId()))
              .andReturn()
              .getResponse()
              .getContentAsString();
      assertThat(page.contains("Allergy on record")).isEqualTo(client.getAllergy() != null);
      assertThat(page.contains("guardian")).isEqualTo(client.isMinor());
    }
  }

  @Test
  void aPageOfAnotherSiteChangesNothing() throws Exception {
    assertThat(
            mvc.perform(
                    post("/clients")
                        .header("Sec-Fetch-Site", "cross-site")
                        .param("name", "Intruder"))
                .andReturn()
                .getResponse()
                .getStatus())
        .isEqualTo(403);
    assertThat(clients.find("Intruder")).isEmpty();
  }
}
