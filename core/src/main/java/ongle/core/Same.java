package ongle.core;

/**
 * The same thing, not one equal to it: in the question of a {@link Memo} where a thing is large,
 * never changes and was itself remembered.
 */
public record Same<T>(T it) {
  @Override
  public boolean equals(Object other) {
    return other instanceof Same<?> same && it == same.it;
  }

  @Override
  public int hashCode() {
    return System.identityHashCode(it);
  }
}
