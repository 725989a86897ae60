package ongle.app.clients;

import java.time.LocalDate;
import java.util.List;

/** What was built for a client before; told by whoever keeps the sets. */
public interface ClientHistory {
  /**
   * One set, newest first.
   *
   * @param setId of the set
   * @param on the day it was begun
   * @param summary shape, length and product in words
   * @param measured how many of the ten nails have a measured width
   * @param begun whether it was ever begun at the desk
   */
  record Entry(long setId, LocalDate on, String summary, int measured, boolean begun) {}

  List<Entry> of(long clientId);
}
