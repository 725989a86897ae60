package ongle.core.nail;

/** The client's left or right hand. */
public enum Hand {
  LEFT,
  RIGHT;

  public Hand other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}
