package ongle.core.nail;

/** The client's left or right hand. */
public enum Hand {
  LEFT("left"),
  RIGHT("right");

  private final String label;

  Hand(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  public Hand other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}
