package ongle.app.standin;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.web.servlet.MockMvc;

/** A real salon has no stand-in devices until it wants to practise with them. */
@SpringBootTest(
    properties = {
      "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1",
      "ongle.data-dir=unused",
      "ongle.demo=false"
    })
@AutoConfigureMockMvc
class WithoutTheDemoTest {
  @Autowired private MockMvc mvc;

  @Test
  void standInsAnswerOnceTheSalonSwitchesThemOn() throws Exception {
    mvc.perform(get("/standin/calliper")).andExpect(status().isNotFound());
    mvc.perform(post("/standin/calliper/press").param("value", "11"))
        .andExpect(status().isNotFound());
    mvc.perform(post("/salon/stand-ins").param("wanted", "true")).andExpect(status().isOk());
    mvc.perform(get("/standin/calliper")).andExpect(status().isOk());
  }
}
