/**
 * How much product a nail takes, in which portions, and whether the salon has it.
 *
 * <p>Read first: {@link ongle.core.portion.Portion}.
 *
 * <p>May know: nail, structure, product, layer.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.portion;
