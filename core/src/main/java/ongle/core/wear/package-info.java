/**
 * How a build wears: growth, preparation, and the weeks ahead.
 *
 * <p>Read first: {@link ongle.core.wear.Outlook}.
 *
 * <p>May know: nail, structure.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.wear;
