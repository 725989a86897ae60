package ongle.app.measure;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import ongle.app.web.Numbers;
import ongle.core.nail.CalliperReading;
import ongle.core.nail.Quantity;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Passes what the calliper sends on to every open measuring page, as server-sent events. */
@RestController
class CalliperFeed {
  /** Lengths on a measuring sheet have one decimal. */
  private static final int FIELD_DECIMALS = Quantity.WIDTH.decimals();

  private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();

  CalliperFeed(Calliper calliper) {
    calliper.onLine(this::pass);
  }

  /**
   * A reading as the page takes it.
   *
   * @param raw as sent
   * @param value in mm with the decimals of a field; null if it cannot be taken
   * @param trouble why not, and what to do
   */
  record Event(String raw, String value, String trouble) {}

  @GetMapping(path = "/calliper/readings", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter readings() {
    SseEmitter page = new SseEmitter(0L);
    page.onCompletion(() -> pages.remove(page));
    page.onError(gone -> pages.remove(page));
    pages.add(page);
    send(page, SseEmitter.event().comment("listening"));
    return page;
  }

  private void pass(String line) {
    Event event = event(CalliperReading.of(line));
    pages.forEach(page -> send(page, SseEmitter.event().name("reading").data(event)));
  }

  private void send(SseEmitter page, SseEmitter.SseEventBuilder event) {
    try {
      page.send(event);
    } catch (IOException | IllegalStateException gone) {
      pages.remove(page);
    }
  }

  private static Event event(CalliperReading reading) {
    return reading instanceof CalliperReading.Length length
        ? new Event(length.raw(), Numbers.format(length.millimetres(), FIELD_DECIMALS), null)
        : new Event(reading.raw(), null, ((CalliperReading.Unusable) reading).trouble());
  }
}
