package ongle.app.lamps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
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
    add("", "60").andExpect(content().string(containsString("needs a name")));
    add("Nightlight", "").andExpect(content().string(containsString("whole numbers")));
    assertThat(lamps.all()).noneMatch(kept -> kept.lamp().label().equals("Nightlight"));
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
