package ongle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class BenchClockTest {
  private static final Instant NINE = Instant.parse("2026-03-10T09:00:00Z");
  private final Clock wall = mock(Clock.class);

  private BenchClock bench() {
    when(wall.instant()).thenReturn(NINE);
    return new BenchClock(wall, 1);
  }

  @Test
  void aClockSetBackIsNotFollowed() {
    BenchClock bench = bench();
    when(wall.instant()).thenReturn(NINE.minusSeconds(3600));

    assertThat(bench.now(Instant.MIN)).isAfterOrEqualTo(NINE);
    assertThat(bench.trouble()).isPresent();
  }

  @Test
  void aMachineThatSleptIsBelieved() {
    BenchClock bench = bench();
    when(wall.instant()).thenReturn(NINE.plusSeconds(1800));

    assertThat(bench.now(Instant.MIN)).isAfterOrEqualTo(NINE.plusSeconds(1800));
    assertThat(bench.trouble()).isEmpty();
  }

  @Test
  void nothingHappensBeforeWhatHappened() {
    BenchClock bench = bench();

    assertThat(bench.now(NINE.plusSeconds(60))).isAfterOrEqualTo(NINE.plusSeconds(60));
    assertThat(bench.trouble()).isPresent();
  }
}
