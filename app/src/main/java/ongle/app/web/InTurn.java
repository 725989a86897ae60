package ongle.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * No more requests are worked on at a time than the computer has use for; the others wait in the
 * order they came. All at once they would each take as long as all together. Bodies are read
 * before, so nobody who sends slowly holds a place; who reads slowly may, so whoever waited long
 * goes on besides, as long as those are few. The rest is told to come again.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class InTurn extends OncePerRequestFilter {
  /** Some wait for the disk or the database while others reckon. */
  private static final int FOR_EACH_PROCESSOR = 2;

  /** Longest wait, s; longer than one who reads slowly is let. */
  private static final int PATIENCE = 10;

  /** Most that go on besides. */
  private static final int BESIDES = 16;

  private final ComeAgain comeAgain;
  private final Semaphore places;
  private final Semaphore besides;
  private final long patienceMillis;

  @Autowired
  InTurn(ComeAgain comeAgain) {
    this(
        comeAgain,
        FOR_EACH_PROCESSOR * Runtime.getRuntime().availableProcessors(),
        BESIDES,
        TimeUnit.SECONDS.toMillis(PATIENCE));
  }

  InTurn(ComeAgain comeAgain, int places, int besides, long patienceMillis) {
    this.comeAgain = comeAgain;
    this.places = new Semaphore(places, true);
    this.besides = new Semaphore(besides);
    this.patienceMillis = patienceMillis;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Semaphore place = null;
    try {
      if (places.tryAcquire(patienceMillis, TimeUnit.MILLISECONDS)) {
        place = places;
      } else if (besides.tryAcquire()) {
        place = besides;
      }
      if (place == null) {
        comeAgain.say(request, response);
      } else {
        chain.doFilter(request, response);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ServletException | RuntimeException trouble) {
      if (response.isCommitted() || !ComeAgain.helps(trouble)) {
        throw trouble;
      }
      comeAgain.say(request, response); // outside of any page, as where sessions are read
    } finally {
      if (place != null) {
        place.release();
      }
    }
  }
}
