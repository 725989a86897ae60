package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;

import ongle.app.SalonTest;
import ongle.core.bench.Guide;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.web.servlet.MockMvc;

/** Every screen of an appointment hears of what another one pressed, and of nothing else. */
@SalonTest
@DirtiesContext
class BenchFeedTest {
  @Autowired private MockMvc mvc;
  @Autowired private BenchDesk bench;
  @Autowired private BenchFeed feed;

  private MockHttpServletResponse listening(long set) throws Exception {
    return mvc.perform(get("/sets/{id}/bench/changes", set))
        .andExpect(request().asyncStarted())
        .andReturn()
        .getResponse();
  }

  private static int changes(MockHttpServletResponse screen) throws Exception {
    return screen.getContentAsString().split("event:changed", -1).length - 1;
  }

  @Test
  void aPressReachesEveryScreenOfThatSetOnce() throws Exception {
    bench.beginAnew(1);
    MockHttpServletResponse desk = listening(1);
    MockHttpServletResponse tablet = listening(1);
    MockHttpServletResponse elsewhere = listening(2);
    String step = bench.sitting(1).guide().flatMap(Guide::current).orElseThrow().id();

    bench.press(1, (guide, now) -> guide.skip(step, "done before", now));

    assertThat(changes(desk)).isEqualTo(1);
    assertThat(changes(tablet)).isEqualTo(1);
    assertThat(changes(elsewhere)).isZero();
    assertThat(desk.getContentAsString()).startsWith(":listening");
  }

  @Test
  void whatIsRefusedIsNoChange() throws Exception {
    bench.beginAnew(1);
    MockHttpServletResponse desk = listening(1);

    bench.press(1, (guide, now) -> guide.skip("nowhere", "why not", now));
    bench.press(1, Guide::back);

    assertThat(changes(desk)).isZero();
    feed.changed(1);
    assertThat(changes(desk)).isEqualTo(1);
  }
}
