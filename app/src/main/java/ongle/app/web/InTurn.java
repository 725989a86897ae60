package ongle.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * No more requests are worked on at a time than the computer has use for; the others wait in the
 * order they came. All at once they would each take as long as all together. Bodies are read
 * before, so nobody who sends slowly holds a place.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class InTurn extends OncePerRequestFilter {
  /** Some wait for the disk or the database while others reckon. */
  private static final int FOR_EACH_PROCESSOR = 2;

  /** Longest wait, s; longer than one who reads slowly is let. */
  private static final int PATIENCE = 10;

  private final Semaphore places =
      new Semaphore(FOR_EACH_PROCESSOR * Runtime.getRuntime().availableProcessors(), true);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean placed = false;
    try {
      placed = places.tryAcquire(PATIENCE, TimeUnit.SECONDS);
      chain.doFilter(request, response);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } finally {
      if (placed) {
        places.release();
      }
    }
  }
}
