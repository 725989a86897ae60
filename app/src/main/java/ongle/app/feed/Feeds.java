package ongle.app.feed;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import ongle.app.people.Present;
import ongle.app.people.Who;
import ongle.app.store.Instances;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;
import tools.jackson.databind.json.JsonMapper;

/**
 * What every open browser hears at once: one feed each, shared by its tabs. A feed nobody reads is
 * let go, by itself or because newer ones need its place.
 */
@Service
public class Feeds {
  /** Most feeds at a time; a salon has a dozen screens. */
  static final int MAX = 200;

  /** Most that waits for one reader; one that far behind asks again. */
  private static final int MAX_WAITING = 64;

  /** A feed is renewed after this long, ms. */
  private static final long LASTS = TimeUnit.MINUTES.toMillis(10);

  private static final long HEARTBEAT_SECONDS = 5;

  private static final String FEED = "feed";
  private static final String LEFT = "left";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Instances instances;

  private final Map<String, Feed> feeds = new LinkedHashMap<>();
  private final List<Consumer<String>> whenGone = new CopyOnWriteArrayList<>();

  /** One that reads slowly holds a thread of these, and nobody else's. */
  private final ExecutorService writers =
      new ThreadPoolExecutor(
          0,
          MAX + 1,
          30,
          TimeUnit.SECONDS,
          new SynchronousQueue<>(),
          task -> {
            Thread thread = new Thread(task, "feed");
            thread.setDaemon(true);
            return thread;
          });

  private final class Feed {
    private final String desk;

    /** Who was signed in when it was opened; 0 for nobody. */
    private final long person = Present.who().map(Who::id).orElse(0L);

    private final SseEmitter emitter = new SseEmitter(LASTS);
    private final Queue<SseEventBuilder> waiting = new ArrayDeque<>();
    private boolean writing;

    Feed(String desk) {
      this.desk = desk;
    }

    void send(SseEventBuilder event) {
      boolean begin;
      boolean tooMuch;
      synchronized (this) {
        tooMuch = waiting.size() >= MAX_WAITING;
        begin = !tooMuch && !writing;
        if (!tooMuch) {
          waiting.add(event);
          writing = true;
        }
      }
      if (tooMuch) {
        close(this);
      } else if (begin) {
        begin();
      }
    }

    private void begin() {
      try {
        writers.execute(this::write);
      } catch (RejectedExecutionException everyWriterIsHeld) {
        close(this); // one that cannot be told must not keep the others from hearing
      }
    }

    private void write() {
      for (SseEventBuilder next = next(); next != null; next = next()) {
        try {
          emitter.send(next);
        } catch (IOException | IllegalStateException gone) {
          close(this);
          return;
        }
      }
    }

    void end() {
      try {
        emitter.complete();
      } catch (IllegalStateException endedByTheServerAlready) {
        // A browser that left at this very moment: nothing is left to end.
      }
    }

    private synchronized SseEventBuilder next() {
      SseEventBuilder next = waiting.poll();
      writing = next != null;
      return next;
    }
  }

  Feeds(Instances instances) {
    this.instances = instances;
    instances.hear(FEED, text -> heard(JSON.readValue(text, Told.class)));
    instances.hear(
        LEFT,
        text ->
            all().stream()
                .filter(feed -> String.valueOf(feed.person).equals(text))
                .forEach(this::close));
    // Whoever may have missed something comes again and asks.
    instances.hear(Instances.MISSED, text -> all().forEach(this::close));
  }

  /** Ends the feeds of whoever is signed in no more, at whichever instance they listen. */
  public void left(long person) {
    instances.tell(LEFT, String.valueOf(person));
  }

  /** Hears of every desk whose feed ended. */
  public void whenGone(Consumer<String> listener) {
    whenGone.add(listener);
  }

  /** Opens the feed of a desk, in the place of the one it had. */
  SseEmitter open(String desk) {
    Feed feed = new Feed(desk);
    feed.emitter.onCompletion(() -> forget(feed));
    feed.emitter.onTimeout(() -> close(feed));
    feed.emitter.onError(gone -> forget(feed));
    Feed before;
    Feed oldest = null;
    synchronized (feeds) {
      before = feeds.remove(desk);
      if (feeds.size() >= MAX) {
        Iterator<Feed> inOrder = feeds.values().iterator();
        oldest = inOrder.next();
        inOrder.remove();
      }
      feeds.put(desk, feed);
    }
    if (before != null) {
      before.end();
    }
    if (oldest != null) {
      oldest.end();
      tellGone(oldest.desk);
    }
    feed.send(SseEmitter.event().comment("listening"));
    return feed.emitter;
  }

  public boolean isOpen(String desk) {
    synchronized (feeds) {
      return feeds.containsKey(desk);
    }
  }

  /** How many are open. */
  int open() {
    synchronized (feeds) {
      return feeds.size();
    }
  }

  /** Tells every desk, at whichever instance it listens. */
  public void toAll(String event, Object data) {
    tell("", event, data);
  }

  /** Tells one desk, if it listens. */
  public void to(String desk, String event, Object data) {
    tell(desk, event, data);
  }

  /**
   * What is told, as instances pass it on.
   *
   * @param desk empty for all
   */
  private record Told(String desk, String event, String data) {}

  private void tell(String desk, String event, Object data) {
    String text = data instanceof String words ? words : JSON.writeValueAsString(data);
    instances.tell(FEED, JSON.writeValueAsString(new Told(desk, event, text)));
  }

  private void heard(Told told) {
    all().stream()
        .filter(feed -> told.desk().isEmpty() || told.desk().equals(feed.desk))
        .forEach(feed -> feed.send(SseEmitter.event().name(told.event()).data(told.data())));
  }

  /** Tells the desks of this instance what every instance knows. */
  public void tellHere(String event, String data) {
    heard(new Told("", event, data));
  }

  /** Only by being written to does a closed connection show that it is closed. */
  @Scheduled(fixedRate = HEARTBEAT_SECONDS, timeUnit = TimeUnit.SECONDS)
  void beat() {
    all().forEach(feed -> feed.send(SseEmitter.event().comment("beat")));
  }

  private List<Feed> all() {
    synchronized (feeds) {
      return List.copyOf(feeds.values());
    }
  }

  private void close(Feed feed) {
    forget(feed);
    feed.end();
  }

  private void forget(Feed feed) {
    boolean gone;
    synchronized (feeds) {
      gone = feeds.remove(feed.desk, feed);
    }
    if (gone) {
      tellGone(feed.desk);
    }
  }

  private void tellGone(String desk) {
    whenGone.forEach(listener -> listener.accept(desk));
  }
}
