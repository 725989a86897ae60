package ongle.app.today;

import java.util.Optional;

/** Whatever carries a short message to a client's phone. */
public interface Messenger {
  /**
   * Sends a message.
   *
   * @return why it could not be sent, in words; empty when it was
   */
  Optional<String> send(String phone, String text);
}
