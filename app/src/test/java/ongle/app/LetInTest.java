package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.cookie;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import ongle.app.web.CleanText;
import ongle.app.web.CsvText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Who is let in, and what of what they send. */
@SalonTest
class LetInTest {
  @Autowired private MockMvc mvc;

  @Test
  void aForeignNameForThisComputerReadsNothing() throws Exception {
    mvc.perform(get("http://evil.example/clients")).andExpect(status().is(421));
    mvc.perform(get("http://127.0.0.1/clients")).andExpect(status().isOk());
  }

  @Test
  void aFormOfAnotherSiteChangesNothing() throws Exception {
    mvc.perform(post("/look").header("Origin", "http://evil.example").param("theme", "dark"))
        .andExpect(status().isForbidden());
    mvc.perform(post("/look").header("Origin", "null").param("theme", "dark"))
        .andExpect(status().isForbidden());
  }

  @Test
  void anotherSiteHearsNoFeed() throws Exception {
    mvc.perform(
            get("/feed")
                .param("desk", "desk-0001")
                .header("Sec-Fetch-Site", "cross-site")
                .header("Sec-Fetch-Mode", "cors"))
        .andExpect(status().isForbidden());
    mvc.perform(get("/feed").param("desk", "x")).andExpect(status().isNotFound());
  }

  @Test
  void pagesAreNotStoredByCachesAndCookiesNotReadByScripts() throws Exception {
    mvc.perform(get("/clients/1")).andExpect(header().string("Cache-Control", "no-store"));
    mvc.perform(post("/look").param("theme", "dark")).andExpect(cookie().httpOnly("theme", true));
  }

  @ParameterizedTest
  @ValueSource(strings = {"%", "%E0%A4%A", "\"", "a%01b"})
  void aBrokenCookieBreaksNoPage(String value) throws Exception {
    mvc.perform(get("/sets/1/measure").cookie(new Cookie("language", value)))
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("\u0001"))));
  }

  @Test
  void aControlCharacterInANameBreaksNoPdf() throws Exception {
    mvc.perform(post("/clients/1").param("name", "Mirela\u0001 Voss\u0000").param("version", "0"))
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/clients/1")).andExpect(content().string(containsString("Mirela Voss")));
    mvc.perform(get("/sets/1/sheet.pdf")).andExpect(status().isOk());
    assertThat(CleanText.of("a\tb\nc\u0007\uFFFF")).isEqualTo("a\tb\nc");
  }

  @Test
  void aCellNeverRunsInASpreadsheet() {
    assertThat(CsvText.guarded("=1+1")).isEqualTo("'=1+1");
    assertThat(CsvText.guarded("@x")).isEqualTo("'@x");
    assertThat(CsvText.guarded("7")).isEqualTo("7");
    CsvText read = CsvText.of("number\n'=1+1\n");
    assertThat(read.value(read.records().get(0), "number")).isEqualTo("=1+1");
  }

  @Test
  void aHundredThousandLinesAreRefusedAtOnce() {
    org.assertj.core.api.Assertions.assertThatThrownBy(
            () -> CsvText.of("number\n" + "1\n".repeat(127_000)))
        .hasMessageContaining("more than " + CsvText.MAX_LINES + " lines");
  }

  @Test
  void nobodyComesToTheErrorPageByItsAddress() throws Exception {
    mvc.perform(get("/error")).andExpect(status().isNotFound());
  }

  @Test
  void deepNestingIsRefusedWithoutNamesFromInside() throws Exception {
    mvc.perform(
            post("/api/plan")
                .contentType("application/json")
                .content("[".repeat(3000) + "]".repeat(3000)))
        .andExpect(status().isBadRequest())
        .andExpect(content().string(containsString("not JSON that can be read")))
        .andExpect(content().string(not(containsString("Constraints"))));
  }
}
