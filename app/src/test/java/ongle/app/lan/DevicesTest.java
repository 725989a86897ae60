package ongle.app.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.X509Certificate;
import java.util.List;
import ongle.app.As;
import ongle.app.SalonTest;
import ongle.app.people.People;
import ongle.app.people.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Other devices of the salon, and the certificate they meet. */
@SalonTest
class DevicesTest {
  @Autowired private MockMvc mvc;
  @Autowired private Devices devices;
  @Autowired private People people;
  @Autowired private JdbcTemplate salon;

  private static MockHttpServletRequestBuilder fromTheTablet(MockHttpServletRequestBuilder asked) {
    return asked
        .secure(true)
        .with(As.nobody())
        .with(
            request -> {
              request.setScheme("https");
              request.setRemoteAddr("192.168.7.9");
              request.removeHeader("Origin");
              request.addHeader("Origin", "https://localhost");
              request.setServerPort(443);
              return request;
            });
  }

  private MockHttpServletRequestBuilder signIn(String name, String secret) {
    long id =
        people.all().stream()
            .filter(person -> person.getName().equals(name))
            .map(Person::getId)
            .findFirst()
            .orElseThrow();
    return fromTheTablet(
        post("/sign-in").param("person", String.valueOf(id)).param("secret", secret));
  }

  @Test
  void aPinIsTakenOnlyAtDevicesThatWereLetIn() throws Exception {
    mvc.perform(signIn("Joss Calder", "2580"))
        .andExpect(content().string(containsString("PINs are taken only")));
    mvc.perform(signIn("Ilse Marrow", "birch-and-copper")).andExpect(redirectedUrl("/"));

    // And who has one is not told there.
    mvc.perform(fromTheTablet(get("/sign-in")))
        .andExpect(content().string(containsString("Ilse Marrow")))
        .andExpect(content().string(not(containsString("Joss Calder"))));

    String code = devices.code("tablet at desk 2");
    mvc.perform(fromTheTablet(get("/sign-in/device").param("code", code)))
        .andExpect(content().string(containsString("Let this device in")));
    MockHttpServletResponse in =
        mvc.perform(fromTheTablet(post("/sign-in/device").param("code", code)))
            .andExpect(redirectedUrl("/sign-in"))
            .andReturn()
            .getResponse();
    Cookie kept = in.getCookie("device");
    assertThat(kept).isNotNull();
    assertThat(kept.isHttpOnly()).isTrue();
    assertThat(kept.getSecure()).isTrue();
    mvc.perform(signIn("Joss Calder", "2580").cookie(kept)).andExpect(redirectedUrl("/"));
    mvc.perform(get("/salon/devices"))
        .andExpect(content().string(containsString("tablet at desk 2")));

    // Good once.
    mvc.perform(fromTheTablet(post("/sign-in/device").param("code", code)))
        .andExpect(content().string(containsString("used already")));
    mvc.perform(
            post(
                "/salon/devices/"
                    + salon.queryForObject("select max(id) from device", Long.class)
                    + "/out"))
        .andExpect(status().is3xxRedirection());
    mvc.perform(signIn("Joss Calder", "2580").cookie(kept))
        .andExpect(content().string(containsString("PINs are taken only")));
  }

  @Test
  void aCodeIsNoGoodAfterTenMinutes() {
    String code = devices.code("telephone");
    salon.update("update device set code_until = code_until - interval '11' minute");
    assertThat(devices.comes(code)).isEmpty();
    assertThat(devices.comes("made up")).isEmpty();
  }

  @Test
  void theCertificateIsTheSalonsOwnAndMadeAgainForOtherAddresses(@TempDir Path folder)
      throws Exception {
    OwnCertificate own = new OwnCertificate(folder);
    own.make(List.of("192.168.7.5"));
    X509Certificate made = own.certificate();
    assertThat(made.getSubjectAlternativeNames().toString())
        .contains("192.168.7.5", "127.0.0.1", "localhost");
    assertThat(own.fingerprint()).matches("([0-9A-F]{2} ){31}[0-9A-F]{2}");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own.store())))
        .isEqualTo("rw-------");
    own.make(List.of("192.168.7.5"));
    assertThat(own.certificate()).isEqualTo(made);
    own.make(List.of("192.168.7.5", "desk.salon.example"));
    assertThat(own.certificate()).isNotEqualTo(made);
    assertThat(own.certificate().getSubjectAlternativeNames().toString())
        .contains("desk.salon.example");
  }

  @Test
  void aCodeForTheCameraHasItsQuietBorder() {
    QrCode code = QrCode.of("https://192.168.7.5:8137/sign-in/device?code=x");
    assertThat(code.size()).isGreaterThan(29);
    assertThat(code.path()).startsWith("M4 4h1v1h-1z").doesNotContain("M3 ");
  }
}
