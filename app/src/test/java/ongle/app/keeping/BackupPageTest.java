package ongle.app.keeping;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import ongle.app.SalonTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The backups page over a database in memory, of which there is nothing to copy. */
@SalonTest
class BackupPageTest {
  @Autowired private MockMvc mvc;

  @Test
  void whereThereIsNothingToCopyNoneIsOffered() throws Exception {
    mvc.perform(get("/salon/backups"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("None yet.")))
        .andExpect(content().string(not(containsString("Back up now"))));
    mvc.perform(post("/salon/backups")).andExpect(status().is3xxRedirection());
  }

  @Test
  void onlyABackupIsGivenOut() throws Exception {
    mvc.perform(get("/salon/backups/ongle.mv.db")).andExpect(status().isNotFound());
    mvc.perform(get("/salon/backups/ongle-20260101-000000.zip")).andExpect(status().isNotFound());
    mvc.perform(get("/salon")).andExpect(content().string(containsString("/salon/backups")));
  }
}
