package ongle.app.consent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ongle.app.As;
import ongle.app.Pages;
import ongle.app.SalonTest;
import ongle.app.people.Role;
import ongle.app.photo.HandCamera;
import ongle.core.nail.Hand;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;

/** What is agreed to is read and signed, and no picture is there without it. */
@SalonTest
class ConsentTest {
  /** Worn, of a client who agreed to all. */
  private static final long SET = 7;

  private static final String DRAWN =
      "M40 150L80 60.5L120 150L160 60L200 150L240 60L280 150L320 60";
  private static final List<String> PICTURES =
      List.of("hand_photo", "nail_picture", "finding_picture");

  @Autowired private MockMvc mvc;
  @Autowired private JdbcTemplate salon;
  @Autowired private HandCamera camera;
  private Pages pages;
  private long client;

  @BeforeEach
  void find() {
    pages = new Pages(mvc);
    client = salon.queryForObject("select client_id from nail_set where id = ?", Long.class, SET);
  }

  private String path() {
    return "/clients/" + client + "/consent";
  }

  private void withdraw(Agreement kind) throws Exception {
    assertThat(pages.status(path() + "/" + kind + "/withdraw")).isEqualTo(302);
  }

  private int sign(String key, String name, String signature) throws Exception {
    return pages.status(path() + "/PICTURES", "formKey", key, "name", name, "signature", signature);
  }

  private Map<String, Long> kept() {
    return PICTURES.stream()
        .collect(
            Collectors.toMap(
                Function.identity(),
                table ->
                    salon.queryForObject(
                        "select count(*) from " + table + " where set_id = ?", Long.class, SET)));
  }

  private String shoot(String path, String... parameters) throws Exception {
    return mvc.perform(form(path, parameters)).andReturn().getResponse().getContentAsString();
  }

  private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder form(
      String path, String... parameters) {
    var request = post(path);
    for (int i = 0; i < parameters.length; i += 2) {
      request.param(parameters[i], parameters[i + 1]);
    }
    return request;
  }

  private String shootFinding() throws Exception {
    return mvc.perform(
            multipart("/sets/" + SET + "/wear/R4")
                .file(
                    new MockMultipartFile(
                        "picture", "x.jpg", "image/jpeg", camera.take(Hand.RIGHT)))
                .param("kind", "CRACK")
                .param("place", "STRESS_LINE"))
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  private void shootAll() throws Exception {
    shoot("/sets/" + SET + "/photo/camera", "hand", "RIGHT");
    shoot("/sets/" + SET + "/photo/RIGHT/mark", "name", "CARD1", "x", "500", "y", "500");
    shoot("/sets/" + SET + "/check/pictures/R2/ABOVE/camera");
    shoot("/sets/" + SET + "/check/pictures/R2/ABOVE/mark", "name", "TIP", "x", "9", "y", "9");
    shootFinding();
  }

  @Test
  void whoAgreesNoLongerIsPicturedNoMore() throws Exception {
    shootAll();
    assertThat(kept()).allSatisfy((table, rows) -> assertThat(rows).as(table).isEqualTo(1));
    long others = salon.queryForObject("select count(*) from hand_photo", Long.class);
    long measured = salon.queryForObject("select count(*) from set_nail_value", Long.class);
    withdraw(Agreement.PICTURES);
    assertThat(kept()).allSatisfy((table, rows) -> assertThat(rows).as(table).isZero());
    assertThat(salon.queryForObject("select count(*) from hand_photo", Long.class))
        .isEqualTo(others - 1);
    assertThat(salon.queryForObject("select count(*) from set_nail_value", Long.class))
        .isEqualTo(measured);
    // Neither by camera nor by a file, of hands, of what was built and of what happened.
    String why = "They have not agreed to pictures";
    assertThat(shoot("/sets/" + SET + "/photo/camera", "hand", "RIGHT")).contains(why);
    assertThat(shoot("/sets/" + SET + "/check/pictures/R2/ABOVE/camera")).contains(why);
    assertThat(shootFinding()).contains(why);
    assertThat(kept()).allSatisfy((table, rows) -> assertThat(rows).as(table).isZero());
    assertThat(pages.page(path())).contains("withdrawn on", "Agree and sign");
  }

  @Test
  void keepingWhatIsFoundIsWithdrawnWithoutThePictures() throws Exception {
    shootAll();
    withdraw(Agreement.RECORD);
    assertThat(kept()).allSatisfy((table, rows) -> assertThat(rows).as(table).isEqualTo(1));
    assertThat(pages.page("/clients/" + client)).contains("Not signed yet: Keeping what is found");
  }

  @Test
  void oneFormSentTwiceIsOneSignature() throws Exception {
    withdraw(Agreement.PICTURES);
    String key = UUID.randomUUID().toString();
    assertThat(sign(key, "Greta Halvorn", DRAWN)).isEqualTo(302);
    assertThat(sign(key, "Greta Halvorn", DRAWN)).isEqualTo(302);
    assertThat(
            salon.queryForList(
                "select signed_by || ', ' || taken_by from consent where client_id = ?"
                    + " and kind = 'PICTURES' and withdrawn_at is null",
                String.class,
                client))
        .containsExactly("Greta Halvorn, Ilse Marrow");
    shoot("/sets/" + SET + "/photo/camera", "hand", "RIGHT");
    assertThat(kept()).containsEntry("hand_photo", 1L);
  }

  @Test
  void whoDrawsNothingIsAskedForItAndLosesNothing() throws Exception {
    withdraw(Agreement.PICTURES);
    String key = UUID.randomUUID().toString();
    for (String none :
        List.of("", "M1 1", "M1 1L2 2", "<script>", DRAWN + "Z", "M1e3 1" + DRAWN, "L" + DRAWN)) {
      assertThat(
              pages.change(
                  path() + "/PICTURES", "formKey", key, "name", "Greta Halvorn", "signature", none))
          .as(none)
          .contains("Draw the signature in the box.", "Greta Halvorn")
          .doesNotContain("<script>\"");
    }
    assertThat(pages.change(path() + "/PICTURES", "formKey", key, "name", "  ", "signature", DRAWN))
        .contains("Say who signs.", DRAWN);
  }

  @Test
  void forAMinorTheGuardianSigns() throws Exception {
    client = salon.queryForObject("select min(id) from client where minor", Long.class);
    assertThat(pages.page(path())).contains("A minor: a guardian reads this and signs.");
    withdraw(Agreement.PICTURES);
    sign(UUID.randomUUID().toString(), "Runa Feld", DRAWN);
    assertThat(pages.page(path())).contains("Signed by Runa Feld as guardian");
  }

  /** The front desk has it signed; what was found is not theirs to take back. */
  @Test
  void theFrontDeskTakesSignaturesAndWithdrawsNone() throws Exception {
    mvc.perform(post(path() + "/PICTURES/withdraw").with(As.a(Role.FRONT_DESK)))
        .andExpect(status().isForbidden());
    mvc.perform(
            form(path() + "/PICTURES", "name", "Greta Halvorn", "signature", DRAWN)
                .param("formKey", UUID.randomUUID().toString())
                .with(As.a(Role.FRONT_DESK)))
        .andExpect(status().isFound());
  }
}
