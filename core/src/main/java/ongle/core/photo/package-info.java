/**
 * Measuring from a photograph of a hand beside a card of known size.
 *
 * <p>Read first: {@link ongle.core.photo.PhotoMeasure}.
 *
 * <p>May know: nail.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.photo;
