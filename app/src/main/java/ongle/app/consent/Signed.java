package ongle.app.consent;

/**
 * What somebody signs.
 *
 * @param to what they agree to
 * @param name of who signs
 * @param guardian whether they do so for a minor
 * @param signature as drawn: an SVG path of straight strokes in {@link #BOX}, up to 16,000
 *     characters
 */
public record Signed(Agreement to, String name, boolean guardian, String signature) {
  /** What signatures are drawn into: left, top, width and height, no unit. */
  public static final String BOX = "0 0 600 200";
}
