/**
 * Which tip or form fits which nail, which method that makes best, and what has to be done to it.
 *
 * <p>Read first: {@link ongle.core.fitting.WhichWay}, then {@link ongle.core.fitting.TipFit} and
 * {@link ongle.core.fitting.FormFit}.
 *
 * <p>May know: nail, shape, product.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.fitting;
