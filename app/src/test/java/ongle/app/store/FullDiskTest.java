package ongle.app.store;

import static org.hamcrest.Matchers.containsString;
import static org.mockito.Mockito.doReturn;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;
import org.springframework.test.web.servlet.MockMvc;

/** A full disk takes no change and says so; what was saved is shown, and it goes on by itself. */
@SalonTest
class FullDiskTest {
  @Autowired private MockMvc mvc;
  @MockitoSpyBean private DataFile file;

  private int change() throws Exception {
    return mvc.perform(
            post("/sets/4/measure/R3/WIDTH").param("value", "11.3").param("seen", "11.3"))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  @Test
  void changesWaitForRoomAndPagesDoNot() throws Exception {
    doReturn(false).when(file).hasRoom();
    org.assertj.core.api.Assertions.assertThat(change()).isEqualTo(507);
    mvc.perform(get("/sets/4/structure")).andExpect(status().isOk());
    mvc.perform(get("/clients")).andExpect(content().string(containsString("Ines Tarrowby")));

    doReturn(true).when(file).hasRoom();
    org.assertj.core.api.Assertions.assertThat(change()).isEqualTo(200);
  }
}
