package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.thymeleaf.ITemplateEngine;

/** Requests wait their turn; where none comes they are told, and nobody piles up. */
class InTurnTest {
  private final InTurn turns = new InTurn(new ComeAgain(mock(ITemplateEngine.class)), 1, 1, 20);
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
    Exception away = new DataAccessResourceFailureException("away");
    for (Exception trouble : List.of(away, new ServletException("a page failed", away))) {
      MockHttpServletResponse response = new MockHttpServletResponse();
      turns.doFilter(new MockHttpServletRequest(), response, failing(trouble));
      assertThat(response.getStatus()).isEqualTo(503);
      assertThat(response.getHeader("Retry-After")).isEqualTo("5");
    }
    assertThat(answer()).isEqualTo(200);
  }

  @Test
  void whatElseFailsAndWhatIsHalfSaidIsNotMadeGoodOf() {
    Exception other = new ServletException("a page failed", new IllegalStateException());
    assertThatThrownBy(
            () ->
                turns.doFilter(
                    new MockHttpServletRequest(), new MockHttpServletResponse(), failing(other)))
        .isSameAs(other);
    MockHttpServletResponse begun = new MockHttpServletResponse();
    begun.setCommitted(true);
    Exception away = new DataAccessResourceFailureException("away");
    assertThatThrownBy(() -> turns.doFilter(new MockHttpServletRequest(), begun, failing(away)))
        .isSameAs(away);
  }

  private static FilterChain failing(Exception trouble) {
    return (asked, answered) -> {
      if (trouble instanceof ServletException wrapped) {
        throw wrapped;
      }
      throw (RuntimeException) trouble;
    };
  }
}
