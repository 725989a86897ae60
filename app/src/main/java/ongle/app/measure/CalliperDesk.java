package ongle.app.measure;

import java.util.Locale;
import ongle.app.feed.Feeds;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.store.Instances;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.CalliperReading;
import ongle.core.nail.Quantity;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * The calliper belongs to one desk until another takes it: a press writes there and nowhere else.
 */
@RestController
@Needs(Right.HANDS)
class CalliperDesk {
  private static final String TOPIC = "calliper";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Feeds feeds;
  private final Instances instances;
  private Hold hold = Hold.NOBODYS;

  /** Whether the holder came by this instance, which then knows whether it still listens. */
  private boolean here;

  CalliperDesk(Calliper calliper, Feeds feeds, Instances instances) {
    this.feeds = feeds;
    this.instances = instances;
    instances.hear(TOPIC, text -> heard(JSON.readValue(text, Said.class)));
    instances.hear(Instances.MISSED, text -> say(What.WHO, "", Locale.ENGLISH));
    calliper.onLine(this::pass);
    feeds.whenGone(this::leave);
  }

  /**
   * Whose it is.
   *
   * @param desk empty for nobody's
   * @param language of that desk: a press comes without one
   */
  private record Hold(String desk, Locale language) {
    static final Hold NOBODYS = new Hold("", Locale.ENGLISH);
  }

  /** What is said of it. Every instance hears it in the same order, so all know the same holder. */
  private enum What {
    /** If nobody has it. */
    TAKE,
    /** Whoever has it. */
    SEIZE,
    LEAVE,
    /** By an instance that has just begun to hear. */
    WHO
  }

  private record Said(What what, String desk, String language) {}

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
  void take(@RequestParam String desk, @RequestParam boolean force) {
    say(force || isLeft() ? What.SEIZE : What.TAKE, desk, Words.locale());
  }

  /** Whether its holder went without a word. */
  private synchronized boolean isLeft() {
    return (here || instances.isAlone()) && !feeds.isOpen(hold.desk());
  }

  /** A desk that measures no more. */
  @PostMapping("/calliper/leave")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@RequestParam String desk) {
    if (holder().desk().equals(desk)) {
      say(What.LEAVE, desk, Words.locale());
    }
  }

  private synchronized Hold holder() {
    return hold;
  }

  private void say(What what, String desk, Locale language) {
    instances.tell(TOPIC, JSON.writeValueAsString(new Said(what, desk, language.toLanguageTag())));
  }

  private synchronized void heard(Said said) {
    Hold asked = new Hold(said.desk(), Locale.forLanguageTag(said.language()));
    boolean free = hold.equals(Hold.NOBODYS);
    switch (said.what()) {
      case TAKE -> hold = free ? asked : hold;
      case SEIZE -> hold = asked;
      case LEAVE -> hold = hold.desk().equals(said.desk()) ? Hold.NOBODYS : hold;
      case WHO -> {
        if (here) {
          say(What.SEIZE, hold.desk(), hold.language());
        }
        return;
      }
    }
    here = feeds.isOpen(hold.desk());
    feeds.tellHere(TOPIC, hold.desk());
  }

  private void pass(String line) {
    Hold to = holder();
    if (!to.equals(Hold.NOBODYS)) {
      feeds.to(
          to.desk(), "reading", Words.in(to.language(), () -> event(CalliperReading.of(line))));
    }
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
