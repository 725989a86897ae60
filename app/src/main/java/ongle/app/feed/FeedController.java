package ongle.app.feed;

import java.util.regex.Pattern;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Where a browser listens, as server-sent events. */
@RestController
@Needs(Right.BOOK)
class FeedController {
  private static final Pattern DESK = Pattern.compile("[A-Za-z0-9-]{8,40}");

  private final Feeds feeds;

  FeedController(Feeds feeds) {
    this.feeds = feeds;
  }

  /**
   * @param desk a name the browser made up for itself
   */
  @GetMapping(path = "/feed", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter feed(@RequestParam String desk) {
    if (!DESK.matcher(desk).matches()) {
      throw new NotFound("desk");
    }
    return feeds.open(desk);
  }
}
