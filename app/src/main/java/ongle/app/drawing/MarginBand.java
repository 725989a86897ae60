package ongle.app.drawing;

/** How much room a margin leaves to its aim, as a colour. */
enum MarginBand {
  FAILS("room-fails"),
  CLOSE("room-close"),
  HOLDS("room-holds"),
  AMPLE("room-ample");

  private final String css;

  MarginBand(String css) {
    this.css = css;
  }

  String css() {
    return css;
  }

  /**
   * @param ofAim margin over its aim
   */
  static MarginBand of(double ofAim) {
    return ofAim < 0.8 ? FAILS : ofAim < 0.99 ? CLOSE : ofAim < 1.6 ? HOLDS : AMPLE;
  }
}
