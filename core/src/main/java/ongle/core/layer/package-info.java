/**
 * What a nail wears from the plate out, as an ordered list, and the lists a salon takes by name.
 *
 * <p>Read first: {@link ongle.core.layer.Recipe}.
 *
 * <p>May know: product.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.layer;
