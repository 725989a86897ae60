package ongle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A salon busier than any: thirty desks, pages by the hundred, feeds that come and go. */
@Tag("load")
class LoadIT {
  private static final Duration LASTS = Duration.ofSeconds(Integer.getInteger("ongle.load", 300));
  private static final int DESKS = 30;
  private static final int PAGES_AT_ONCE = 200;
  private static final int FEEDS = 50_000;

  private final Queue<Double> times = new ConcurrentLinkedQueue<>();
  private final AtomicInteger errors = new AtomicInteger();

  @Test
  void thirtyDesksAreAnsweredAndNothingPilesUp() throws Exception {
    try (Salon salon = new Salon()) {
      for (int i = 0; i < 200; i++) {
        salon.get("/sets/" + (1 + i % 5) + "/structure");
      }
      String before = salon.weight();
      long until = System.nanoTime() + LASTS.toNanos();
      ExecutorService desks = Executors.newFixedThreadPool(DESKS + 2);
      for (int desk = 0; desk < DESKS; desk++) {
        int number = desk;
        desks.execute(() -> work(salon, number, until));
      }
      desks.execute(() -> pagesAtOnce(salon, until));
      desks.execute(() -> feeds(salon, until));
      desks.shutdown();
      assertThat(desks.awaitTermination(LASTS.toSeconds() + 120, TimeUnit.SECONDS)).isTrue();
      TimeUnit.SECONDS.sleep(15);
      List<Double> sorted = times.stream().sorted().toList();
      System.out.printf(
          "%d requests of %d desks in %d s: errors %d, median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms%n",
          sorted.size(),
          DESKS,
          LASTS.toSeconds(),
          errors.get(),
          sorted.get(sorted.size() / 2),
          sorted.get((int) (sorted.size() * 0.95)),
          sorted.get(sorted.size() - 1));
      System.out.println("before: " + before);
      System.out.println("after:  " + salon.weight());
      assertThat(errors).hasValue(0);
    }
  }

  /** Looks at a page, changes something, looks again; a person's pause between. */
  private void work(Salon salon, int number, long until) {
    Random random = new Random(number);
    Visitor visitor = new Visitor(salon);
    int set = 1 + number % 5;
    while (System.nanoTime() < until) {
      String finger = (random.nextBoolean() ? "L" : "R") + (1 + random.nextInt(5));
      String looked = "/sets/" + set + "/structure?finger=" + finger;
      ask(looked, () -> visitor.get(looked));
      String changed = "/sets/" + set + "/structure/" + finger + "/APEX_THICKNESS";
      String form = "value=1." + (10 + random.nextInt(60)) + "&seen=&look=nail";
      ask(changed, () -> visitor.post(changed, "application/x-www-form-urlencoded", form));
      pause(500 + random.nextInt(1000));
    }
  }

  private void pagesAtOnce(Salon salon, long until) {
    ExecutorService all = Executors.newFixedThreadPool(PAGES_AT_ONCE);
    Visitor visitor = new Visitor(salon);
    while (System.nanoTime() < until) {
      for (int i = 0; i < PAGES_AT_ONCE; i++) {
        String path = i % 2 == 0 ? "/" : "/clients/" + (1 + i % 10);
        all.execute(() -> ask(path, () -> visitor.get(path)));
      }
      pause(20_000);
    }
    all.shutdown();
  }

  private void feeds(Salon salon, long until) {
    String cookie = cookie(salon);
    URI at = URI.create(salon.address("/"));
    for (int i = 0; i < FEEDS && System.nanoTime() < until; i++) {
      try (Socket feed = new Socket(at.getHost(), at.getPort())) {
        feed.getOutputStream()
            .write(
                ("GET /feed?desk=load-"
                        + i
                        + " HTTP/1.1\r\nHost: "
                        + at.getAuthority()
                        + "\r\nCookie: "
                        + cookie
                        + "\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
        if (i % 10 == 0) {
          feed.getInputStream().read();
        }
      } catch (IOException e) {
        errors.incrementAndGet();
      }
      pause(3);
    }
  }

  private static String cookie(Salon salon) {
    try {
      return new Visitor(salon).cookie();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Something asked of the salon. */
  private interface Question {
    HttpResponse<String> ask() throws IOException, InterruptedException;
  }

  private void ask(String path, Question question) {
    long before = System.nanoTime();
    try {
      int status = question.ask().statusCode();
      if (status != 200) {
        errors.incrementAndGet();
        System.out.println(status + " " + path);
      }
    } catch (IOException e) {
      errors.incrementAndGet();
      System.out.println(e + " " + path);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    times.add((System.nanoTime() - before) / 1e6);
  }

  private static void pause(long millis) {
    try {
      TimeUnit.MILLISECONDS.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
