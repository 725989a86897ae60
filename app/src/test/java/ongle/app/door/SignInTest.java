package ongle.app.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import jakarta.servlet.http.Cookie;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import ongle.app.As;
import ongle.app.SalonTest;
import ongle.app.people.LostPassword;
import ongle.app.people.People;
import ongle.app.people.Person;
import ongle.app.people.Role;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Signing in, out, and being kept out. */
@SalonTest
class SignInTest {
  @Autowired private MockMvc mvc;
  @Autowired private People people;
  @Autowired private JdbcTemplate salon;

  private long id(String name) {
    return people.all().stream()
        .filter(person -> person.getName().equals(name))
        .map(Person::getId)
        .findFirst()
        .orElseThrow();
  }

  private MockHttpServletRequestBuilder asNobody(MockHttpServletRequestBuilder request) {
    return request.with(As.nobody());
  }

  private MockHttpServletResponse tryIn(String name, String secret, String to) throws Exception {
    return tryIn(name, secret, "", to);
  }

  private MockHttpServletResponse tryIn(String name, String secret, String code, String to)
      throws Exception {
    return mvc.perform(
            asNobody(post("/sign-in"))
                .param("person", String.valueOf(id(name)))
                .param("secret", secret)
                .param("code", code)
                .param("to", to))
        .andReturn()
        .getResponse();
  }

  @Test
  void whoHasNotSignedInIsAskedAndComesBack() throws Exception {
    mvc.perform(asNobody(get("/sets/3/structure?finger=R3")))
        .andExpect(redirectedUrl("/sign-in?to=%2Fsets%2F3%2Fstructure%3Ffinger%3DR3"));
    mvc.perform(asNobody(post("/sets/3/structure/undo"))).andExpect(status().isUnauthorized());
    mvc.perform(asNobody(get("/sign-in").param("to", "/sets/3/structure")))
        .andExpect(content().string(containsString("Joss Calder")))
        .andExpect(content().string(containsString("2580")));
    MockHttpServletResponse in = tryIn("Joss Calder", "2580", "/sets/3/structure");
    assertThat(in.getRedirectedUrl()).isEqualTo("/sets/3/structure");
    Cookie desk = in.getCookie("desk");
    assertThat(desk).isNotNull();
    assertThat(desk.isHttpOnly()).isTrue();
    assertThat(in.getHeader("Set-Cookie")).contains("SameSite=Lax");
    assertThat(salon.queryForList("select principal_name from spring_session", String.class))
        .contains(String.valueOf(id("Joss Calder")));
  }

  @Test
  void nobodyIsSentToAnotherSite() throws Exception {
    assertThat(tryIn("Joss Calder", "2580", "//evil.example/").getRedirectedUrl()).isEqualTo("/");
    assertThat(tryIn("Joss Calder", "2580", "/\\evil.example").getRedirectedUrl()).isEqualTo("/");
    assertThat(tryIn("Joss Calder", "2580", "https://evil.example").getRedirectedUrl())
        .isEqualTo("/");
  }

  @Test
  void wrongPinsSlowDownAndThenOnlyTheOwnerHelps() throws Exception {
    for (int i = 0; i < 3; i++) {
      assertThat(tryIn("Nia Brandt", "0000", "/").getContentAsString()).contains("Try again");
    }
    assertThat(tryIn("Nia Brandt", "0000", "/").getContentAsString()).contains("Try again");
    // Even the right one has to wait now.
    assertThat(tryIn("Nia Brandt", "3141", "/").getContentAsString()).contains("Wait 15 seconds");
    salon.update("update person set barred_until = null where name = 'Nia Brandt'");
    assertThat(tryIn("Nia Brandt", "3141", "/").getRedirectedUrl()).isEqualTo("/");

    salon.update("update person set wrong = 10, barred_until = null where name = 'Nia Brandt'");
    assertThat(tryIn("Nia Brandt", "3141", "/").getContentAsString()).contains("The owner gives");
    mvc.perform(
            post("/salon/people/" + id("Nia Brandt"))
                .param("role", "TRAINEE")
                .param("secret", "5926")
                .param("own", As.PASSWORD))
        .andExpect(redirectedUrl("/salon/people"));
    assertThat(tryIn("Nia Brandt", "5926", "/").getRedirectedUrl()).isEqualTo("/");
    // The owner waits, but is never barred for good.
    salon.update("update person set wrong = 40, barred_until = null where name = 'Ilse Marrow'");
    assertThat(tryIn("Ilse Marrow", As.PASSWORD, "/").getRedirectedUrl()).isEqualTo("/");
  }

  @Test
  void aNewSecretOrLeavingSignsOutEverywhere() throws Exception {
    tryIn("Petra Hollin", "4917", "/");
    tryIn("Petra Hollin", "4917", "/");
    String sessions = "select count(*) from spring_session where principal_name = ?";
    String petra = String.valueOf(id("Petra Hollin"));
    assertThat(salon.queryForObject(sessions, Integer.class, petra)).isEqualTo(2);
    MockHttpServletRequestBuilder change =
        post("/salon/people/" + petra).param("role", "TRAINEE").param("secret", "7072");
    mvc.perform(change).andExpect(content().string(containsString("That is not it")));
    assertThat(salon.queryForObject(sessions, Integer.class, petra)).isEqualTo(2);
    mvc.perform(change.param("own", As.PASSWORD));
    assertThat(salon.queryForObject(sessions, Integer.class, petra)).isZero();
    tryIn("Petra Hollin", "7072", "/");
    mvc.perform(post("/salon/people/" + petra + "/gone"));
    assertThat(salon.queryForObject(sessions, Integer.class, petra)).isZero();
    assertThat(people.tryIn(Long.parseLong(petra), "7072", ""))
        .isInstanceOf(People.Tried.Wrong.class);
  }

  @Test
  void oneSignsOutHereOrEverywhere() throws Exception {
    MockHttpServletResponse here = tryIn("Joss Calder", "2580", "/");
    MockHttpServletResponse there = tryIn("Joss Calder", "2580", "/");
    String sessions = "select count(*) from spring_session where principal_name = ?";
    String joss = String.valueOf(id("Joss Calder"));
    mvc.perform(post("/sign-in/out").with(As.nobody()).cookie(here.getCookie("desk")))
        .andExpect(redirectedUrl("/sign-in"));
    assertThat(salon.queryForObject(sessions, Integer.class, joss)).isEqualTo(1);
    tryIn("Joss Calder", "2580", "/");
    mvc.perform(
            post("/sign-in/out-everywhere")
                .with(As.a(Role.TECHNICIAN))
                .cookie(there.getCookie("desk")))
        .andExpect(redirectedUrl("/sign-in"));
    assertThat(salon.queryForObject(sessions, Integer.class, joss)).isZero();
  }

  @Test
  void secretsAreNoneThatEverybodyTriesFirst() {
    for (String bad : new String[] {"123", "1234", "9876", "0000", "12a4", "123456789", ""}) {
      assertThat(People.fault(Role.TECHNICIAN, bad)).as(bad).isPresent();
    }
    assertThat(People.fault(Role.TECHNICIAN, "2580")).isEmpty();
    assertThat(People.fault(Role.OWNER, "short")).isPresent();
    assertThat(People.fault(Role.OWNER, "aaaaaaaaaaaa")).isPresent();
    assertThat(People.fault(Role.OWNER, "é".repeat(40))).isPresent();
    for (String known :
        new String[] {
          "Password-2026!",
          "qwertz123456",
          "nails-salon!!",
          "willkommen1234",
          "liverpool1892",
          "1qaz2wsx3edc",
        }) {
      assertThat(People.fault(Role.OWNER, known)).as(known).isPresent();
    }
    assertThat(People.fault(Role.OWNER, "two plain words")).isEmpty();
    assertThat(People.fault(Role.OWNER, "salon with birch")).isEmpty();
  }

  @Test
  void anOwnerWhoLostTheirPasswordIsLetInAnew() throws Exception {
    tryIn("Ilse Marrow", As.PASSWORD, "/");
    SecurityContextHolder.getContext().setAuthentication(As.known(Role.OWNER));
    people.askPhone(Optional.of(People.newKey()));
    SecurityContextHolder.clearContext();
    String made =
        salon.execute(
            (ConnectionCallback<String>)
                data ->
                    LostPassword.anew(data, "Ilse Marrow", LocalDateTime.of(2026, 3, 10, 9, 0)));
    assertThat(made).hasSizeGreaterThan(20);
    assertThat(
            salon.queryForObject(
                "select count(*) from spring_session where principal_name = ?",
                Integer.class,
                String.valueOf(id("Ilse Marrow"))))
        .isZero();
    assertThat(people.tryIn(id("Ilse Marrow"), As.PASSWORD, ""))
        .isInstanceOf(People.Tried.Wrong.class);
    assertThat(people.tryIn(id("Ilse Marrow"), made, "")).isInstanceOf(People.Tried.In.class);
    assertThat(
            salon.queryForObject(
                "select count(*) from deed where action = 'lostPassword'", Integer.class))
        .isEqualTo(1);
  }

  @Test
  void aPhoneIsAskedTooAndEachOfItsCodesIsGoodOnce() throws Exception {
    String key = People.newKey();
    MockHttpServletRequestBuilder ask =
        post("/own-secret/code").param("key", key).param("own", As.PASSWORD);
    mvc.perform(ask.param("code", "12"))
        .andExpect(content().string(containsString("not the code of now")));
    mvc.perform(
            post("/own-secret/code").param("key", key).param("own", "x").param("code", now(key)))
        .andExpect(content().string(containsString("That is not it")));
    long ilse = id("Ilse Marrow");
    mvc.perform(
            post("/own-secret/code")
                .param("key", key)
                .param("own", As.PASSWORD)
                .param("code", now(key)))
        .andExpect(redirectedUrl("/sign-in?as=" + ilse));
    mvc.perform(asNobody(get("/sign-in")))
        .andExpect(content().string(containsString("data-code=\"true\"")));
    // The password alone opens nothing; nor does a code that was watched.
    assertThat(tryIn("Ilse Marrow", As.PASSWORD, "/").getContentAsString()).contains("not it");
    String code = now(key);
    String typed = code.substring(0, 3) + " " + code.substring(3);
    assertThat(tryIn("Ilse Marrow", As.PASSWORD, typed, "/").getRedirectedUrl()).isEqualTo("/");
    assertThat(tryIn("Ilse Marrow", As.PASSWORD, code, "/").getContentAsString())
        .contains("not it");

    mvc.perform(post("/own-secret/code/no-more").param("own", As.PASSWORD))
        .andExpect(redirectedUrl("/sign-in?as=" + ilse));
    assertThat(tryIn("Ilse Marrow", As.PASSWORD, "/").getRedirectedUrl()).isEqualTo("/");
  }

  private static String now(String key) throws Exception {
    var codes = new TimeBasedOneTimePasswordGenerator();
    return codes.generateOneTimePasswordString(
        new SecretKeySpec(new Base32().decode(key), codes.getAlgorithm()), Instant.now());
  }

  @Test
  void aSalonKeepsAnOwner() throws Exception {
    mvc.perform(post("/salon/people/" + id("Ilse Marrow") + "/gone"))
        .andExpect(content().string(containsString("A salon keeps an owner")));
    mvc.perform(
            post("/salon/people/" + id("Ilse Marrow"))
                .param("role", "TRAINEE")
                .param("secret", "2468")
                .param("own", As.PASSWORD))
        .andExpect(content().string(containsString("A salon keeps an owner")));
    assertThat(people.ownerless()).isFalse();
    assertThat(people.tryIn(id("Ilse Marrow"), As.PASSWORD, ""))
        .isInstanceOf(People.Tried.In.class);
  }

  @Test
  void everybodyChangesTheirOwnSecretAndSignsInAnewWithIt() throws Exception {
    long joss = As.who(Role.TECHNICIAN).id();
    for (String[] refused :
        new String[][] {
          {"2581", "8264", "8264"}, {"2580", "8264", "8265"}, {"2580", "1234", "1234"}
        }) {
      changeOwn(refused).andExpect(status().isOk());
      assertThat(
              salon.queryForObject(
                  "select count(*) from deed where kind <> 'KEPT_OUT'", Long.class))
          .isZero();
      assertThat(people.tryIn(joss, "2580", "")).isInstanceOf(People.Tried.In.class);
    }
    changeOwn("2580", "8264", "8264").andExpect(redirectedUrl("/sign-in?as=" + joss));
    assertThat(people.tryIn(joss, "2580", "")).isInstanceOf(People.Tried.Wrong.class);
    assertThat(people.tryIn(joss, "8264", "")).isInstanceOf(People.Tried.In.class);
  }

  @Test
  void nobodyIsAddedAndNoProgramLetInWithoutTheOwnersPasswordOnceMore() throws Exception {
    MockHttpServletRequestBuilder add =
        post("/salon/people")
            .param("formKey", UUID.randomUUID().toString())
            .param("name", "Tamsin Vale")
            .param("role", "TECHNICIAN")
            .param("secret", "6047");
    MockHttpServletRequestBuilder letIn = post("/salon/programs").param("name", "tablet app");
    for (MockHttpServletRequestBuilder each : List.of(add, letIn)) {
      mvc.perform(each).andExpect(content().string(containsString("That is not it")));
    }
    assertThat(people.all()).extracting(Person::getName).doesNotContain("Tamsin Vale");
    assertThat(salon.queryForObject("select count(*) from program", Integer.class)).isZero();
    // What was tried stands in Who did what, and what was not done does not.
    assertThat(salon.queryForList("select distinct kind from deed", String.class))
        .containsExactly("KEPT_OUT");
    mvc.perform(add.param("own", As.PASSWORD)).andExpect(redirectedUrl("/salon/people"));
    assertThat(people.all()).extracting(Person::getName).contains("Tamsin Vale");
  }

  private ResultActions changeOwn(String... typed) throws Exception {
    return mvc.perform(
        post("/own-secret")
            .with(As.a(Role.TECHNICIAN))
            .param("own", typed[0])
            .param("wanted", typed[1])
            .param("again", typed[2]));
  }

  @Test
  void aTokenOpensThePlanServiceAndNothingElse() throws Exception {
    String page =
        mvc.perform(post("/salon/programs").param("name", "booking site").param("own", As.PASSWORD))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String token = page.replaceAll("(?s).*id=\"token-shown\">([^<]+)<.*", "$1");
    assertThat(token).startsWith("ongle_");
    mvc.perform(get("/salon/programs"))
        .andExpect(content().string(containsString("booking site")))
        .andExpect(content().string(not(containsString(token))));
    mvc.perform(fromAfar("/api/plan").header("Authorization", "Bearer " + token))
        .andExpect(status().isBadRequest());
    mvc.perform(fromAfar("/api/plan").header("Authorization", "Bearer " + token + "x"))
        .andExpect(status().isUnauthorized());
    mvc.perform(fromAfar("/api/plan")).andExpect(status().isUnauthorized());
    mvc.perform(asNobody(get("/clients")).header("Authorization", "Bearer " + token))
        .andExpect(status().is3xxRedirection());
    long id = salon.queryForObject("select max(id) from program", Long.class);
    mvc.perform(post("/salon/programs/" + id + "/out"));
    mvc.perform(fromAfar("/api/plan").header("Authorization", "Bearer " + token))
        .andExpect(status().isUnauthorized());
  }

  /** Of another computer: the demo is open only to this one. */
  private static MockHttpServletRequestBuilder fromAfar(String path) {
    return post(path)
        .contentType("application/json")
        .content("{}")
        .with(As.nobody())
        .with(
            request -> {
              request.setRemoteAddr("192.168.7.9");
              return request;
            });
  }
}
