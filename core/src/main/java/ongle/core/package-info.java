/**
 * What every part of the core shares.
 *
 * <p>Read first: {@link ongle.core.Code}, how the core speaks.
 *
 * <p>May know: nothing.
 */
@org.jspecify.annotations.NullMarked
package ongle.core;
