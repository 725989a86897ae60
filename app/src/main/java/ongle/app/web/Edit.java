package ongle.app.web;

/** What became of something typed into a field. */
public sealed interface Edit {
  /** It stands, and is on the disk. */
  record Saved() implements Edit {}

  /**
   * It cannot be; what was typed is kept beside the field.
   *
   * @param why what is allowed instead
   */
  record Refused(String why) implements Edit {}

  /**
   * Another window changed the same field meanwhile; nothing was overwritten.
   *
   * @param theirs what stands there now, as shown; empty if they cleared it
   * @param mine what was typed here
   */
  record Conflict(String theirs, String mine) implements Edit {}
}
