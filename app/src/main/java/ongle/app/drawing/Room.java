package ongle.app.drawing;

/** How much room a margin leaves to its aim, as a colour and a word. */
enum Room {
  FAILS("room-fails", "too weak"),
  CLOSE("room-close", "falls short"),
  HOLDS("room-holds", "holds"),
  AMPLE("room-ample", "ample");

  private final String css;
  private final String word;

  Room(String css, String word) {
    this.css = css;
    this.word = word;
  }

  String css() {
    return css;
  }

  String word() {
    return word;
  }

  /**
   * @param ofAim margin over its aim
   */
  static Room of(double ofAim) {
    return ofAim < 0.8 ? FAILS : ofAim < 0.99 ? CLOSE : ofAim < 1.6 ? HOLDS : AMPLE;
  }
}
