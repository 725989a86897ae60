/**
 * The salon’s lamps and what a light meter says of them.
 *
 * <p>Read first: {@link ongle.app.lamps.Lamps}.
 *
 * <p>May know: web, words.
 */
package ongle.app.lamps;
