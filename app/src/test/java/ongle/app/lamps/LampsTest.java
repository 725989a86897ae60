package ongle.app.lamps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@SalonTest
class LampsTest {
  @Autowired private MockMvc mvc;
  @Autowired private Lamps lamps;

  @Test
  void aWeakenedLampStretchesTheTimesAndAWornOutOneIsRefused() throws Exception {
    meter("led", "30", "cures take longer");
    mvc.perform(get("/sets/3/bench").param("look", "STEPS"))
        .andExpect(content().string(containsString("90 s")));
    meter("led", "15", "worn out");
    mvc.perform(get("/sets/3/bench")).andExpect(content().string(containsString("new tubes")));
    meter("led", "40", "good");
  }

  @ParameterizedTest
  @CsvSource({"led, 0", "led, 4000", "led, bright", "led, -3"})
  void whatNoLampGivesIsNotTaken(String lamp, String light) throws Exception {
    double before = lamps.of(lamp).light();

    meter(lamp, light, "Not taken");
    assertThat(lamps.of(lamp).light()).isEqualTo(before);
  }

  private void meter(String lamp, String light, String answer) throws Exception {
    mvc.perform(post("/standin/lamp-meter").param("lamp", lamp).param("light", light))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(answer)));
  }

  @Test
  void aLampThatCannotBeIsSaidAndNothingTypedIsLost() throws Exception {
    add("Nightlight", "0, 60")
        .andExpect(content().string(containsString("1 to 300 s")))
        .andExpect(content().string(containsString("Nightlight")));
    add("", "60").andExpect(content().string(containsString("Give it a name")));
    add("Nightlight", "").andExpect(content().string(containsString("as whole numbers")));
    assertThat(lamps.all()).noneMatch(kept -> kept.lamp().label().equals("Nightlight"));
  }

  @Test
  void aLampIsAddedCorrectedAndGivenAwayButNeverTheLast() throws Exception {
    mvc.perform(
            post("/lamps")
                .param("formKey", UUID.randomUUID().toString())
                .param("label", "Window lamp")
                .param("wavelengths", "405")
                .param("light", "30")
                .param("programmes", "20, 99 at 50 %"))
        .andExpect(redirectedUrl("/lamps"));
    Lamps.Kept added = lamps.all().get(2);
    assertThat(added.lamp().programmes())
        .extracting(each -> each.seconds() + "/" + each.power())
        .containsExactly("20/1.0", "99/0.5");
    assertThat(added.lamp().thumbsApart()).isFalse();

    lamps.measured(added.lamp().code(), "20");
    int seen = lamps.all().get(2).seen();
    correct(added.lamp().code(), seen, "15, 45").andExpect(redirectedUrl("/lamps"));
    assertThat(lamps.all().get(2).lamp().measured()).hasValue(20);
    assertThat(lamps.all().get(2).lamp().programmes()).hasSize(2);
    correct(added.lamp().code(), seen, "15")
        .andExpect(content().string(containsString("Somebody else changed")));
    mvc.perform(get("/lamps").param("lamp", added.lamp().code()))
        .andExpect(content().string(containsString("value=\"15, 45\"")));

    mvc.perform(post("/lamps/{code}/away", added.lamp().code()));
    assertThat(lamps.all()).hasSize(2);
    mvc.perform(post("/lamps/uv/away"));
    mvc.perform(post("/lamps/led/away"))
        .andExpect(content().string(containsString("last lamp stays")));
    lamps.add(UUID.randomUUID(), ongle.core.cure.Lamp.UV);
  }

  private org.springframework.test.web.servlet.ResultActions correct(
      String code, int seen, String programmes) throws Exception {
    return mvc.perform(
        post("/lamps/{code}", code)
            .param("seen", String.valueOf(seen))
            .param("label", "Window lamp")
            .param("wavelengths", "405")
            .param("light", "30")
            .param("programmes", programmes));
  }

  private org.springframework.test.web.servlet.ResultActions add(String label, String seconds)
      throws Exception {
    return mvc.perform(
            post("/lamps")
                .param("formKey", UUID.randomUUID().toString())
                .param("label", label)
                .param("wavelengths", "365")
                .param("light", "40")
                .param("programmes", seconds))
        .andExpect(status().isOk());
  }
}
