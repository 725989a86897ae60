package ongle.app.privacy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ongle.app.As;
import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.people.Role;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** All that is kept of somebody comes out, and goes. */
@SalonTest
class PrivacyTest {
  /** Two years of visits, with findings and a visit worked through. */
  private static final String WITH_YEARS =
      "select client_id from nail_set group by client_id order by count(*) desc limit 1";

  @Autowired private MockMvc mvc;
  @Autowired private Privacy privacy;
  @Autowired private JdbcTemplate salon;

  private long client() {
    return salon.queryForObject(WITH_YEARS, Long.class);
  }

  private String name(long client) {
    return salon.queryForObject("select name from client where id = ?", String.class, client);
  }

  private Map<String, Long> rows() {
    Map<String, Long> rows = new TreeMap<>();
    for (String table :
        salon.queryForList(
            "select table_name from information_schema.tables where table_schema = 'PUBLIC'",
            String.class)) {
      rows.put(table, salon.queryForObject("select count(*) from \"" + table + "\"", Long.class));
    }
    return rows;
  }

  @Test
  void theWholeRecordComesOut() throws Exception {
    long client = client();
    salon.update(
        "insert into deed (done_at, person, kind, action, client_id, detail) values"
            + " (current_timestamp, 'Joss Calder', 'CLIENTS', 'change', ?, '')",
        client);
    String record = new Pages(mvc).page("/clients/" + client + "/record.json");
    assertThat(record)
        .contains(
            name(client),
            "\"nail_set\"",
            "\"set_nail_value\"",
            "\"wear_note\"",
            "\"deed\"",
            "Joss Calder");
    assertThat(record).doesNotContain("\"person\" : [", "\"spring_session\"");
    byte[] paper =
        mvc.perform(get("/clients/" + client + "/record.pdf"))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertThat(new String(paper, 0, 4, java.nio.charset.StandardCharsets.US_ASCII))
        .isEqualTo("%PDF");
    mvc.perform(get("/clients/" + client + "/record.json").with(As.a(Role.FRONT_DESK)))
        .andExpect(status().isForbidden());
  }

  @Test
  void everythingGoesButWhatWasLearnedWithoutThem() throws Exception {
    long client = client();
    String name = name(client);
    Map<String, Long> before = rows();
    Map<String, Long> theirs = privacy.counts(client);
    assertThat(theirs)
        .containsKeys("CLIENT", "NAIL_SET", "SET_NAIL", "SET_NAIL_VALUE", "WEAR_NOTE");
    mvc.perform(post("/clients/" + client + "/erase").param("name", "somebody else"))
        .andExpect(content().string(containsString("not the name above")));
    MockHttpServletRequestBuilder erase =
        post("/clients/" + client + "/erase").param("name", " " + name.toUpperCase());
    // A desk that stands open: the name alone does not do.
    mvc.perform(erase).andExpect(content().string(containsString("That is not it")));
    assertThat(rows()).containsEntry("CLIENT", before.get("CLIENT"));
    String erased = "select count(*) from deed where kind = 'PRIVACY' and action = 'erase'";
    assertThat(salon.queryForObject(erased, Integer.class)).as("nothing was erased").isZero();
    mvc.perform(erase.param("own", As.PASSWORD)).andExpect(redirectedUrl("/clients"));
    assertThat(salon.queryForObject(erased, Integer.class)).isEqualTo(1);

    assertThat(privacy.counts(client).keySet()).isSubsetOf("DEED");
    Map<String, Long> after = rows();
    theirs.forEach(
        (table, count) -> {
          boolean stays = List.of("STEP_TIME", "VISIT_TIME", "LOT_USE", "DEED").contains(table);
          if (!stays) {
            assertThat(after.get(table)).as(table).isEqualTo(before.get(table) - count);
          } else {
            assertThat(after.get(table)).as(table).isGreaterThanOrEqualTo(before.get(table));
          }
        });
    assertThat(after.get("TALLY")).isEqualTo(before.get("TALLY"));
    mvc.perform(get("/clients").param("q", name))
        .andExpect(content().string(containsString("Nobody")));
    for (String page : List.of("/", "/salon/truth", "/salon/times", "/shelf", "/salon/deeds")) {
      mvc.perform(get(page))
          .andExpect(status().isOk())
          .andExpect(content().string(not(containsString(name))));
    }
  }

  @Test
  void whoHasNotComeForLongIsProposedAndGoesOnlyIfTicked() throws Exception {
    long client = client();
    String name = name(client);
    salon.update(
        "update appointment set starts_at = timestamp '2024-01-05 10:00:00' where client_id = ?",
        client);
    salon.update(
        "update nail_set set created_at = timestamp '2024-01-05 10:00:00' where client_id = ?",
        client);
    mvc.perform(get("/salon/retention")).andExpect(content().string(not(containsString(name))));
    mvc.perform(post("/salon/retention").param("months", "soon"))
        .andExpect(content().string(containsString("soon")))
        .andExpect(content().string(containsString("from 1 to 240")));
    mvc.perform(post("/salon/retention").param("months", "24"));
    mvc.perform(get("/salon/retention"))
        .andExpect(content().string(containsString(name)))
        .andExpect(content().string(containsString("5 Jan 2024")));
    long recent =
        salon.queryForObject(
            "select min(client_id) from nail_set where client_id <> ?", Long.class, client);
    MockHttpServletRequestBuilder erase =
        post("/salon/retention/erase")
            .param("client", String.valueOf(client), String.valueOf(recent));
    mvc.perform(erase)
        .andExpect(content().string(containsString("That is not it")))
        .andExpect(content().string(containsString("checked=\"checked\"")));
    mvc.perform(erase.param("own", As.PASSWORD));
    assertThat(salon.queryForObject("select count(*) from client where id = ?", Long.class, client))
        .isZero();
    assertThat(salon.queryForObject("select count(*) from client where id = ?", Long.class, recent))
        .isEqualTo(1);
    mvc.perform(post("/salon/retention").param("months", ""));
    mvc.perform(get("/salon/retention")).andExpect(status().isOk());
  }
}
