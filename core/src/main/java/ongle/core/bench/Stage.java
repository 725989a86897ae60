package ongle.core.bench;

/**
 * Stages of an appointment, in order: nothing of one begins on either hand before all of the
 * earlier is done, and hard, on both. So no dust falls on open product, and none on an open coat.
 */
enum Stage {
  /** Old product, cuticle, plates. */
  PREPARE,
  /** Tips and forms sized, cut, compared and blended. */
  FIT,
  /** Frames that are filed, or whose hand is built by itself. */
  FRAME,
  /** Forms off, and what can be filed of the frames. */
  REFINE,
  /** All other product, frames that are not filed among it. */
  BODY,
  /** The same for the thumbs, where whoever works needs them until the last. */
  THUMB_FRAME,
  THUMB_REFINE,
  THUMB_BODY,
  FILE,
  /** What is laid in or painted under clear, and the clear over it. */
  UNDER_CLEAR,
  /** That clear, filed even. */
  SMOOTH,
  COAT;

  /** The stage of building a thumb that is built after all fingers. */
  Stage ofThumbs() {
    return switch (this) {
      case FRAME -> THUMB_FRAME;
      case REFINE -> THUMB_REFINE;
      case BODY -> THUMB_BODY;
      default -> this;
    };
  }
}
