package ongle.app.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import ongle.app.As;
import ongle.app.people.People;
import ongle.app.people.Person;
import ongle.app.people.Role;
import ongle.app.salon.SalonSettings;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A new salon's first page. */
@SpringBootTest(
    properties = {
      "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1",
      "ongle.data-dir=unused"
    })
@AutoConfigureMockMvc
class BeginTest {
  @Autowired private MockMvc mvc;
  @Autowired private People people;
  @Autowired private SalonSettings salon;

  private static MockHttpServletRequestBuilder begin(String salon, String password, String again) {
    return post("/begin")
        .with(As.nobody())
        .param("formKey", UUID.randomUUID().toString())
        .param("salon", salon)
        .param("name", "Runa Feld")
        .param("language", "de")
        .param("currency", "CHF")
        .param("password", password)
        .param("again", again);
  }

  @Test
  void theFirstWhoComesOwnsItAndNobodyAfterwards() throws Exception {
    mvc.perform(get("/").with(As.nobody())).andExpect(redirectedUrl("/sign-in?to=%2F"));
    mvc.perform(get("/sign-in").with(As.nobody())).andExpect(redirectedUrl("/begin"));
    mvc.perform(begin("Haus Feld", "short", "short"))
        .andExpect(content().string(containsString("at least twelve characters")))
        .andExpect(content().string(containsString("Haus Feld")));
    mvc.perform(begin("Haus Feld", "two plain words", "two plain wards"))
        .andExpect(content().string(containsString("not the same")));
    mvc.perform(begin("", "two plain words", "two plain words"))
        .andExpect(content().string(containsString("Give it a name")));
    assertThat(people.ownerless()).isTrue();

    mvc.perform(begin("Haus Feld", "two plain words", "two plain words"))
        .andExpect(redirectedUrl("/salon?first=true"));
    assertThat(people.all())
        .singleElement()
        .satisfies(owner -> assertThat(owner.getRole()).isEqualTo(Role.OWNER));
    assertThat(salon.current().getName()).isEqualTo("Haus Feld");
    assertThat(salon.current().getCurrency()).isEqualTo("CHF");
    assertThat(salon.language()).isEqualTo("de");

    mvc.perform(begin("Mine now", "two plain words", "two plain words"))
        .andExpect(redirectedUrl("/"));
    mvc.perform(get("/begin").with(As.nobody())).andExpect(redirectedUrl("/"));
    assertThat(people.all()).hasSize(1);
    // No demo: nobody is told a PIN, and the plan service wants a token.
    String page =
        mvc.perform(get("/sign-in").with(As.nobody()))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(page).contains("Runa Feld").doesNotContain("<kbd>");
    mvc.perform(post("/api/plan").with(As.nobody()).contentType("application/json").content("{}"))
        .andExpect(status().isUnauthorized());
    Person owner = people.all().get(0);
    assertThat(people.tryIn(owner.getId(), "two plain words", ""))
        .isInstanceOf(People.Tried.In.class);
  }
}
