package ongle.app.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;

/** A session that is only looked at is read once for a request and not written. */
class ThriftySessionsTest {
  private static final String ID = "one";
  private static final Instant NOW = Instant.parse("2026-03-10T10:35:00Z");

  @SuppressWarnings("unchecked")
  private final FindByIndexNameSessionRepository<MapSession> all =
      mock(FindByIndexNameSessionRepository.class);

  private final ThriftySessions<MapSession> sessions = ThriftySessions.over(all);

  @BeforeEach
  void keep() {
    MapSession kept = new MapSession(ID);
    kept.setLastAccessedTime(NOW);
    when(all.findById(ID)).thenReturn(kept);
  }

  private void lookAt(Instant at) throws Exception {
    new ThriftySessions.ReadOnce()
        .doFilter(
            new MockHttpServletRequest(),
            new MockHttpServletResponse(),
            (asked, answered) -> {
              ThriftySessions.Thrifty<MapSession> session = sessions.findById(ID);
              session.setLastAccessedTime(at);
              sessions.save(session);
              assertThat(sessions.findById(ID)).isSameAs(session);
            });
  }

  @Test
  void isReadOnceForEachRequestAndWrittenOnceAMinute() throws Exception {
    lookAt(NOW.plusSeconds(20));
    verify(all, times(1)).findById(ID);
    verify(all, never()).save(any());
    lookAt(NOW.plusSeconds(70));
    verify(all, times(2)).findById(ID);
    verify(all, times(1)).save(any());
  }

  @Test
  void isWrittenWhenAnythingInItIsAnother() {
    ThriftySessions.Thrifty<MapSession> session = sessions.findById(ID);
    session.setAttribute("who", "Ilse Marrow");
    sessions.save(session);
    sessions.save(session);
    verify(all, times(1)).save(any());
  }

  @Test
  void isNotRememberedOnceItWasTakenAway() throws Exception {
    new ThriftySessions.ReadOnce()
        .doFilter(
            new MockHttpServletRequest(),
            new MockHttpServletResponse(),
            (asked, answered) -> {
              sessions.findById(ID);
              sessions.deleteById(ID);
              when(all.findById(ID)).thenReturn(null);
              assertThat(sessions.findById(ID)).isNull();
            });
    verify(all).deleteById(ID);
  }
}
