package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import java.util.Locale;
import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Whoever is told to come again is told in words, with nothing but the request in the hand. */
@SalonTest
class ComeAgainTest {
  @Autowired private ComeAgain comeAgain;
  private final MockHttpServletRequest request = new MockHttpServletRequest();
  private final MockHttpServletResponse response = new MockHttpServletResponse();

  @Test
  void aReaderIsToldInTheLanguageOfTheBrowser() throws Exception {
    request.addHeader("Accept", "text/html,*/*");
    request.addPreferredLocale(Locale.GERMANY);
    comeAgain.say(request, response);
    assertThat(response.getStatus()).isEqualTo(503);
    assertThat(response.getContentAsString()).contains("<h1>Zu viel auf einmal</h1>");
  }

  @Test
  void whatTheBrowserChoseGoesBefore() throws Exception {
    request.addHeader("Accept", "text/html,*/*");
    request.addPreferredLocale(Locale.GERMANY);
    request.setCookies(new Cookie("language", "en"), new Cookie("theme", "DARK"));
    comeAgain.say(request, response);
    assertThat(response.getContentAsString())
        .contains("<h1>Too much at once</h1>", "data-theme=\"dark\"");
  }

  @Test
  void aScriptReadsTheStatus() throws Exception {
    request.addHeader("Accept", "*/*");
    comeAgain.say(request, response);
    assertThat(response.getStatus()).isEqualTo(503);
    assertThat(response.getHeader("Retry-After")).isEqualTo("5");
    assertThat(response.getContentAsByteArray()).isEmpty();
  }
}
