package ongle.app.measure;

import java.util.Locale;
import ongle.app.feed.Feeds;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CalliperReading;
import ongle.core.nail.Quantity;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The calliper belongs to one desk until another takes it: a press writes there and nowhere else.
 */
@RestController
@Needs(Right.HANDS)
class CalliperDesk {
  private final Feeds feeds;
  private String holder = "";

  /** The language of the desk that holds it: a press comes without one. */
  private Locale language = Locale.ENGLISH;

  CalliperDesk(Calliper calliper, Feeds feeds) {
    this.feeds = feeds;
    calliper.onLine(this::pass);
    feeds.whenGone(this::leave);
  }

  /**
   * A reading as the page takes it.
   *
   * @param raw as sent
   * @param value in mm with the decimals of a length; null if it cannot be taken
   * @param fine the same with those of a thickness
   * @param trouble why not, and what to do
   */
  record Event(String raw, String value, String fine, String trouble) {}

  /**
   * A desk that measures: it has the calliper if nobody has, or if it asks for it.
   *
   * @param force whether it takes it from another
   */
  @PostMapping("/calliper/take")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  synchronized void take(@RequestParam String desk, @RequestParam boolean force) {
    if (force || holder.isEmpty() || !feeds.isOpen(holder)) {
      holder = desk;
      language = Words.locale();
    }
    feeds.toAll("calliper", holder);
  }

  /** A desk that measures no more. */
  @PostMapping("/calliper/leave")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  synchronized void leave(@RequestParam String desk) {
    if (desk.equals(holder)) {
      holder = "";
      feeds.toAll("calliper", holder);
    }
  }

  private synchronized void pass(String line) {
    feeds.to(holder, "reading", Words.in(language, () -> event(CalliperReading.of(line))));
  }

  private static Event event(CalliperReading reading) {
    return reading instanceof CalliperReading.Length length
        ? new Event(
            length.raw(),
            Numbers.format(length.millimetres(), Quantity.WIDTH.decimals()),
            Numbers.format(length.millimetres(), Quantity.APEX_THICKNESS.decimals()),
            null)
        : new Event(
            reading.raw(), null, null, Words.of(((CalliperReading.Unusable) reading).trouble()));
  }
}
