/**
 * Measuring a built nail in pictures from above, from the side and down the barrel, with the nail
 * as its own ruler.
 *
 * <p>Read first: {@link ongle.core.trace.TraceFit}; what is marked in which picture is {@link
 * ongle.core.trace.View}.
 *
 * <p>May know: check, photo, plan, nail.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.trace;
