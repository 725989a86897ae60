package ongle.app.bench;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open screen of an appointment that something happened in it. */
@RestController
class BenchFeed {
  private final Map<Long, List<SseEmitter>> screens = new ConcurrentHashMap<>();

  @GetMapping(path = "/sets/{id}/bench/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter changes(@PathVariable long id) {
    SseEmitter screen = new SseEmitter(0L);
    List<SseEmitter> all = screens.computeIfAbsent(id, set -> new CopyOnWriteArrayList<>());
    screen.onCompletion(() -> all.remove(screen));
    screen.onError(gone -> all.remove(screen));
    all.add(screen);
    send(all, screen, SseEmitter.event().comment("listening"));
    return screen;
  }

  void changed(long id) {
    List<SseEmitter> all = screens.getOrDefault(id, List.of());
    all.forEach(
        screen -> send(all, screen, SseEmitter.event().name("changed").data(String.valueOf(id))));
  }

  private static void send(
      List<SseEmitter> all, SseEmitter screen, SseEmitter.SseEventBuilder event) {
    try {
      screen.send(event);
    } catch (IOException | IllegalStateException gone) {
      all.remove(screen);
    }
  }
}
