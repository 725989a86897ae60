package ongle.app.photo;

/** What is marked on a nail, in the order it is marked. */
public enum NailSpot {
  GROWTH_POINT(true),
  OTHER_GROWTH_POINT(true),
  CUTICLE(true),
  EDGE(true),
  KNUCKLE(false);

  private final boolean needed;

  NailSpot(boolean needed) {
    this.needed = needed;
  }

  /** Whether there is no measure without it. */
  boolean needed() {
    return needed;
  }
}
