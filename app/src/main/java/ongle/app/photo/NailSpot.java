package ongle.app.photo;

/** What is marked on a nail, in the order it is marked. */
public enum NailSpot {
  GROWTH_POINT("one growth point", true),
  OTHER_GROWTH_POINT("the other growth point", true),
  CUTICLE("the middle of the cuticle", true),
  EDGE("the middle of the free edge", true),
  KNUCKLE("the middle of the last knuckle", false);

  private final String label;
  private final boolean needed;

  NailSpot(String label, boolean needed) {
    this.label = label;
    this.needed = needed;
  }

  String label() {
    return label;
  }

  /** Whether there is no measure without it. */
  boolean needed() {
    return needed;
  }
}
