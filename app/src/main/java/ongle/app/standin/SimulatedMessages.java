package ongle.app.standin;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import ongle.app.today.Messenger;
import ongle.app.words.Words;
import org.springframework.stereotype.Component;

/** Stands in for a service that carries short messages: keeps what it was given, sends nothing. */
@Component
class SimulatedMessages implements Messenger {
  private static final int KEPT = 50;

  private final StandIns standIns;
  private final Clock clock;
  private final Deque<Sent> sent = new ArrayDeque<>();
  private boolean down;

  SimulatedMessages(StandIns standIns, Clock clock) {
    this.standIns = standIns;
    this.clock = clock;
  }

  /** One message. */
  record Sent(LocalDateTime at, String phone, String text) {}

  @Override
  public synchronized Optional<String> send(String phone, String text) {
    if (!standIns.there()) {
      return Optional.of(Words.say("standin.messages.none"));
    }
    if (down) {
      return Optional.of(Words.say("standin.messages.down"));
    }
    sent.addFirst(new Sent(LocalDateTime.now(clock), phone, text));
    if (sent.size() > KEPT) {
      sent.removeLast();
    }
    return Optional.empty();
  }

  /** The last first. */
  synchronized List<Sent> sent() {
    return new ArrayList<>(sent);
  }

  synchronized boolean isDown() {
    return down;
  }

  /** Lets it fail, as such services do. */
  synchronized void fail(boolean failing) {
    down = failing;
  }
}
