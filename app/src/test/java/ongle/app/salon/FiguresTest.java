package ongle.app.salon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import ongle.app.SalonTest;
import ongle.app.planning.SetReader;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SalonFigures;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@SalonTest
class FiguresTest {
  private static final long SET = 3;

  @Autowired private MockMvc mvc;
  @Autowired private SalonSettings settings;
  @Autowired private SetReader reader;

  @AfterEach
  void usual() {
    settings.change(salon -> salon.reckonWith(SalonFigures.USUAL));
  }

  private ResultActions type(String name, String value) throws Exception {
    return mvc.perform(post("/salon/figures").param(name, value)).andExpect(status().isOk());
  }

  private NailPlan planned() {
    return reader.planned(SET).plan().of(Finger.R3).orElseThrow();
  }

  @Test
  void whatTheSalonReckonsWithReachesEveryPlan() throws Exception {
    NailPlan before = planned();
    type("floor-none", "1,1").andExpect(content().string(containsString("usual 0.50")));
    type("share-" + Digit.MIDDLE, "1.4");

    NailPlan after = planned();
    assertThat(after.build().profile().apexThickness())
        .isGreaterThan(before.build().profile().apexThickness() + 0.2);
    assertThat(after.term().load().share()).isGreaterThan(before.term().load().share() + 0.2);
    mvc.perform(get("/salon/figures"))
        .andExpect(content().string(containsString("value=\"1.10\"")));
  }

  @Test
  void whatCannotBeIsSaidBesideItAndStaysTyped() throws Exception {
    type("share-" + Digit.THUMB, "lots")
        .andExpect(content().string(containsString("value=\"lots\"")))
        .andExpect(content().string(containsString("A number from")));
    type("floor-most", "0.3")
        .andExpect(content().string(containsString("Not less than without any extension.")));
    assertThat(settings.figures()).isEqualTo(SalonFigures.USUAL);
    mvc.perform(get("/salon/figures")).andExpect(content().string(not(containsString("lots"))));
  }
}
