package ongle.core;

import java.util.Map;
import java.util.Objects;

/** Maps that have what they are asked for. */
public final class Lookup {
  private Lookup() {}

  /**
   * @throws NullPointerException naming the key, if there is nothing under it
   */
  public static <K, V> V of(Map<K, V> map, K key) {
    return Objects.requireNonNull(map.get(key), () -> "nothing under " + key);
  }
}
