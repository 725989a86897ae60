package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import ongle.app.SalonTest;
import ongle.app.feed.Feeds;
import ongle.core.bench.Guide;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;

/** Every screen of an appointment hears of what another one pressed, and of nothing else. */
@SalonTest
class BenchFeedTest {
  @Autowired private BenchDesk bench;
  @MockitoSpyBean private Feeds feeds;

  @Test
  void aPressReachesEveryScreenOnce() {
    bench.startOver(1);
    String step = bench.sitting(1).guide().flatMap(Guide::current).orElseThrow().id();

    bench.press(1, (guide, now) -> guide.press().skip(step, "done before", now));

    assertThat(bench.sitting(1).noted()).hasSize(2);
    verify(feeds, times(2)).toAll("changed", 1L);
  }

  @Test
  void whatIsRefusedIsNoChange() {
    bench.startOver(2);

    bench.press(2, (guide, now) -> guide.press().skip("nowhere", "why not", now));
    bench.press(2, (guide, now) -> guide.press().back(now));

    verify(feeds, times(1)).toAll("changed", 2L);
    verify(feeds, never()).to(any(), any(), any());
  }
}
