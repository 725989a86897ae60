package ongle.app.consent;

/**
 * What somebody signs.
 *
 * @param to what they agree to
 * @param name of who signs
 * @param guardian whether they do so for a minor
 * @param signature as drawn: an SVG path of straight strokes in a box of 600 by 200, up to 16,000
 *     characters
 */
public record Signed(Agreement to, String name, boolean guardian, String signature) {}
