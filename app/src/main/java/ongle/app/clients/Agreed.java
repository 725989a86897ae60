package ongle.app.clients;

import java.util.List;

/** What clients agreed to. */
public interface Agreed {
  /** What a client has not signed yet, in words; empty where nothing is missing. */
  List<String> missing(long clientId);
}
