package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Requests wait their turn; where none comes they are told, and nobody piles up. */
class InTurnTest {
  private final InTurn turns = new InTurn(1, 1, 20);
  private final CountDownLatch held = new CountDownLatch(2);
  private final CountDownLatch over = new CountDownLatch(1);

  private int answer() throws Exception {
    MockHttpServletResponse response = new MockHttpServletResponse();
    turns.doFilter(new MockHttpServletRequest(), response, (asked, answered) -> {});
    return response.getStatus();
  }

  private void holds() {
    try {
      turns.doFilter(
          new MockHttpServletRequest(),
          new MockHttpServletResponse(),
          (asked, answered) -> {
            held.countDown();
            try {
              assertThat(over.await(10, TimeUnit.SECONDS)).isTrue();
            } catch (InterruptedException e) {
              throw new IllegalStateException(e);
            }
          });
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void whoWaitedInVainIsToldToComeAgain() throws Exception {
    Thread first = new Thread(this::holds);
    Thread besides = new Thread(this::holds);
    first.start();
    besides.start();
    assertThat(held.await(10, TimeUnit.SECONDS)).isTrue();
    assertThat(answer()).isEqualTo(503);
    over.countDown();
    first.join();
    besides.join();
    assertThat(answer()).isEqualTo(200);
  }

  @Test
  void aDatabaseThatIsAwayIsBusyWhoeverAsksIt() throws Exception {
    MockHttpServletResponse response = new MockHttpServletResponse();
    turns.doFilter(
        new MockHttpServletRequest(),
        response,
        (asked, answered) -> {
          throw new DataAccessResourceFailureException("away");
        });
    assertThat(response.getStatus()).isEqualTo(503);
    assertThat(answer()).isEqualTo(200);
  }
}
